'use client';

import { TextBox } from '@/ui/forms/TextBox';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { lineVolts } from '@/core/meter/register-map';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { deviationPercent } from '@/core/standards/unbalance';
import type { Change } from '@/core/swap/swap';
import { readMeterOnce } from '../../client/read-meter';
import { useMeter } from '../../client/use-meter';

/** At first start: the panel meter is read into the proofs of a monitoring relay. */
export function ProveMeter({ address, disabled, onChange }: { address: string; disabled: boolean; onChange: (changes: Change[]) => void }) {
  const [{ at, unitId, map }, keep] = useMeter(address);
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState<{ ok: boolean; words: string }>();
  const read = async () => {
    setBusy(true);
    const answer = await readMeterOnce(at, unitId, map);
    setBusy(false);
    const volts = answer.ok ? lineVolts(answer.reading) : undefined;
    if (!answer.ok || !volts) return setSaid({ ok: false, words: answer.ok ? 'The meter gives no line volts.' : answer.fault });
    const unbalance = Number(deviationPercent(...volts).toFixed(2));
    const lowest = Number(Math.min(...volts).toFixed(1));
    onChange([
      { path: 'proofs.measured-volts', value: { reading: lowest } },
      { path: 'proofs.unbalance', value: { reading: unbalance } },
    ]);
    setSaid({
      ok: true,
      words: `${volts.map((one) => formatQuantity(one, 'V')).join(', ')}; unbalance ${unbalance} %. Both tests are filled in.`,
    });
  };
  return (
    <div className="sheet row-flex" style={{ padding: 12, marginBottom: 8 }}>
      <label className="row-flex">
        Panel meter
        <TextBox style={{ width: 190 }} value={at} onChange={(event) => keep({ at: event.target.value })} />
      </label>
      <Button disabled={busy || disabled} onClick={() => void read()}>
        {busy ? 'Reading' : 'Read the meter'}
      </Button>
      {said && (
        <span role={said.ok ? 'status' : 'alert'} className={said.ok ? '' : 'fault-text'}>
          {said.words}
        </span>
      )}
      <small className="muted">Unit and registers as entered in the lab.</small>
    </div>
  );
}
