'use client';

import { Pill } from '@/ui/forms/Pill';
import { certain } from '@/core/certain';
import { useState } from 'react';
import { bases, pinUses, type BaseView } from '@/core/relays/bases';
import { DrawnBase } from '../../ui/relays/BaseMap';
import relaysStyle from '@/ui/styles/relays.module.css';

/** Every base with its pins: seen into the socket or from below, as a relay or as a timer. */
export function BaseGallery() {
  const [view, setView] = useState<BaseView>('socket');
  const [timer, setTimer] = useState(false);
  const shown = bases.filter((base) => (!timer || base.timer) && base.id !== 'panel');
  return (
    <div className="stack">
      <div className="row-flex" role="group" aria-label="Sockets shown">
        <Pill pressed={false} onClick={() => setView(view === 'socket' ? 'plug' : 'socket')}>
          {view === 'socket' ? 'Seen into the socket' : 'Seen from below the relay'}
        </Pill>
        <Pill pressed={timer} onClick={() => setTimer(!timer)}>
          As a timer
        </Pill>
      </div>
      <p className="muted">
        Pins are common practice; makers differ, so the diagram on the part has the last word. Which coil pin is plus is never the same
        everywhere.
      </p>
      <div className={relaysStyle.basePick}>
        {shown.map((base) => (
          <figure key={base.id} className="sheet" style={{ margin: 0, padding: 10 }}>
            <DrawnBase base={base} view={view} timer={timer} />
            <figcaption>
              <small>
                Coil {base.coil.join(' and ')}.{' '}
                {(timer ? certain(base.timer).contacts : base.contacts)
                  .map(({ common, normallyClosed, normallyOpen }) => `${common}: ${normallyClosed} NC, ${normallyOpen} NO`)
                  .join('; ')}
                .
                {timer &&
                  pinUses(base, true).some(({ use }) => use === 'signal') &&
                  ` Signal ${certain(base.timer).signal.join('-')}: volt-free or volts, by the diagram.`}
              </small>
            </figcaption>
          </figure>
        ))}
      </div>
    </div>
  );
}
