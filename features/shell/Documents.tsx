'use client';

import Button from '@mui/material/Button';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, faultWords, send } from '@/client/api';
import { read } from '@/client/Queries';
import { mayDo } from '@/core/crew/rights';
import type { DocumentPlace } from '@/core/documents/document';
import type { DocumentView } from '@/services/documents';
import { FilePick } from '@/ui/forms/FilePick';
import { FaultNotice } from '@/ui/shell/Notice';
import { usePerson } from '@/ui/shell/person';

const sizeWords = (bytes: number): string =>
  bytes < 1e5 ? `${Math.max(1, Math.round(bytes / 1e3))} kB` : `${(bytes / 1e6).toFixed(1)} MB`;

/** What is kept at a place, read once and sent to; one deed at a time. */
function useDocuments(of: DocumentPlace, id: string) {
  const path = `/api/v1/documents?${new URLSearchParams({ of, id }).toString()}`;
  const queries = useQueryClient();
  const { data = [], error } = useQuery({
    queryKey: ['documents', path],
    queryFn: ({ signal }) => read<DocumentView[]>('GET', path, undefined, signal),
  });
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const deed = async (doing: () => ReturnType<typeof api<unknown>>) => {
    if (busy) return;
    setBusy(true);
    setFault(faultWords(await doing()));
    await queries.invalidateQueries({ queryKey: ['documents', path] });
    setBusy(false);
  };
  return {
    documents: data,
    busy,
    fault: fault ?? error?.message,
    add: (file: File) => {
      const form = new FormData();
      form.set('of', of);
      form.set('id', id);
      form.set('file', file);
      return deed(() => send('/api/v1/documents', form));
    },
    remove: (document: string) => deed(() => api('DELETE', `/api/v1/documents/${document}`)),
  };
}

/** One that is kept; it is taken away with two touches. */
function Kept({ kept, mayChange, onRemove }: { kept: DocumentView; mayChange: boolean; onRemove: () => void }) {
  const [asked, setAsked] = useState(false);
  const href = `/api/v1/documents/${kept.id}`;
  return (
    <li className="row-flex" style={{ justifyContent: 'space-between', minWidth: 0 }}>
      <span className="row-flex" style={{ minWidth: 0 }}>
        {kept.kind.startsWith('image/') && (
          <img src={href} alt="" loading="lazy" style={{ width: 56, height: 42, objectFit: 'cover', borderRadius: 4 }} />
        )}
        <span style={{ minWidth: 0, overflowWrap: 'anywhere' }}>
          <a href={href} download={kept.name}>
            {kept.name}
          </a>{' '}
          <small className="muted">
            {sizeWords(kept.size)}, {kept.addedBy}
          </small>
        </span>
      </span>
      {mayChange && (
        <span className="row-flex">
          {asked && <Button onClick={() => setAsked(false)}>Leave it</Button>}
          <Button
            aria-label={`${asked ? 'Take away for good' : 'Take away'} ${kept.name}`}
            onClick={asked ? onRemove : () => setAsked(true)}
          >
            {asked ? 'Take away for good' : 'Take away'}
          </Button>
        </span>
      )}
    </li>
  );
}

/** Documents and pictures at a site, a panel, a position or a part. */
export function Documents({ of, id, name }: { of: DocumentPlace; id: string; name: string }) {
  const own = useDocuments(of, id);
  const person = usePerson();
  const mayChange = person !== null && mayDo(person.role, 'keep-documents');
  return (
    <section className="stack" style={{ gap: 8, marginTop: 14 }} aria-label={`Documents of ${name}`}>
      <p className="label">Documents and pictures</p>
      {own.documents.length > 0 && (
        <ul className="stack" style={{ gap: 6, listStyle: 'none', padding: 0, margin: 0 }}>
          {own.documents.map((kept) => (
            <Kept key={kept.id} kept={kept} mayChange={mayChange} onRemove={() => void own.remove(kept.id)} />
          ))}
        </ul>
      )}
      <FaultNotice words={own.fault} />
      {mayChange && (
        <div className="row-flex">
          <FilePick disabled={own.busy} onFile={(file) => void own.add(file)}>
            {`Add a document to ${name}`}
          </FilePick>
          <FilePick accept="image/*" capture="environment" disabled={own.busy} onFile={(file) => void own.add(file)}>
            {`Take a picture of ${name}`}
          </FilePick>
        </div>
      )}
    </section>
  );
}
