'use client';

import { useState } from 'react';
import { families } from '@/core/families/registry';
import { FilePick } from '@/ui/forms/FilePick';
import { SelectBox } from '@/ui/forms/SelectBox';
import { FaultNotice, Notice } from '@/ui/shell/Notice';
import { FileLook } from './FileLook';
import { useImport, type ImportSite } from './use-import';

/** Chooses the kind, the site and the file, by hand or by dropping it; what was seen in it stands below. */
export function BringFile({ sites, siteId, onSite }: { sites: readonly ImportSite[]; siteId: string; onSite: (id: string) => void }) {
  const [family, setFamily] = useState('contactor');
  const [over, setOver] = useState(false);
  const own = useImport(siteId);
  const practice = sites.find(({ id }) => id === siteId)?.practice ?? 'IEC';
  return (
    <>
      <section
        className="sheet stack"
        style={{ padding: 14, outline: over ? '2px dashed var(--copper)' : undefined }}
        aria-label="Choose a file"
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={(event) => {
          event.preventDefault();
          setOver(false);
          const file = event.dataTransfer.files[0];
          if (file) void own.choose(file, family);
        }}
      >
        <div className="row-flex">
          <SelectBox<string>
            aria-label="Kind of part"
            style={{ width: 260 }}
            value={family}
            options={families.map(({ id, title }) => [id, title[practice === 'IEC' ? 'iec' : 'nfpa']] as const)}
            onWord={(word) => {
              setFamily(word);
              if (own.chosen) void own.look({ ...own.chosen, family: word, mapping: {} });
            }}
          />
          <SelectBox<string>
            aria-label="Where the pieces lie"
            style={{ width: 260 }}
            value={siteId}
            options={[['', 'the file says nothing of stock'] as const, ...sites.map(({ id, name }) => [id, `stock of ${name}`] as const)]}
            onWord={onSite}
          />
          <FilePick accept=".csv,.tsv,.txt,.xlsx,text/csv" disabled={own.busy} onFile={(file) => void own.choose(file, family)}>
            Choose a file
          </FilePick>
          <a href={`/api/v1/families/${family}/parts-template`} download={`${family}.csv`}>
            An empty file with every column
          </a>
        </div>
        <p className="muted">Or drop the file here.</p>
        {own.chosen?.note && <Notice kind="check">{own.chosen.note}</Notice>}
        <FaultNotice words={own.fault} />
        {own.done && (
          <Notice kind="fits" role="status">
            {own.done}
          </Notice>
        )}
        {own.busy && <p role="status">Reading</p>}
      </section>
      {own.chosen && own.looked && <FileLook own={own} chosen={own.chosen} looked={own.looked} practice={practice} stock={siteId !== ''} />}
    </>
  );
}
