'use client';

import { TextBox } from '@/ui/forms/TextBox';
import { Notice } from '@/ui/shell/Notice';
import { useEffect, useState } from 'react';
import { searchGlossary, type GlossaryEntry } from '@/core/plates/glossary';
import { useSay } from '../../ui/language/practice';
import photoStyle from '@/ui/styles/photo.module.css';

/** Every mark of every plate: its names, its meaning, its recovery; found by any of them. */
export function Glossary({ entries }: { entries: readonly GlossaryEntry[] }) {
  const say = useSay();
  const [query, setQuery] = useState('');
  const found = searchGlossary(entries, query);
  useEffect(() => {
    const id = decodeURIComponent(window.location.hash.slice(1));
    if (id) document.getElementById(`mark-${id}`)?.scrollIntoView({ block: 'center' });
  }, []);
  return (
    <div className="stack">
      <label className="row-flex">
        <span className="visually-hidden">Find a mark</span>
        <TextBox
          wide
          style={{ maxWidth: 460 }}
          type="search"
          autoFocus
          placeholder="FLA, Icu, AIC, cos φ, I∆n …"
          value={query}
          onChange={(event) => setQuery(event.target.value)}
        />
        <span className="muted" role="status">
          {found.length} mark{found.length === 1 ? '' : 's'}
        </span>
      </label>
      {/^\s*ALF\s*$/i.test(query) && (
        <Notice kind="check">ALF is ambiguous: it is no other name of FLA. Look at the plate again for FLA, AFL or LRA.</Notice>
      )}
      {found.length === 0 && (
        <Notice kind="note">
          No known plate carries this marking. Approval marks are recorded as seen; no meaning is invented for them.
        </Notice>
      )}
      <dl className={photoStyle.glossary}>
        {found.map((entry) => (
          <div key={`${entry.id}-${entry.plates[0]}`} id={`mark-${entry.id}`} className={`sheet ${photoStyle.entry}`}>
            <dt>
              <b>{say(entry.label)}</b>
              {entry.unit && <span className="muted"> {entry.unit}</span>}
              {entry.names.length > 0 && (
                <span className={`figure ${photoStyle.names}`} data-as-printed>
                  {entry.names.slice(0, 10).join(' · ')}
                </span>
              )}
            </dt>
            <dd>
              <p>{say(entry.meaning)}</p>
              <p className="muted">If unreadable: {say(entry.recovery)}</p>
              <p className={`muted ${photoStyle.small}`}>{say(entry.plates.join(', '))}</p>
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}
