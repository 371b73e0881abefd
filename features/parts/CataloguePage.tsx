'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { certain } from '@/core/certain';
import { families, familyOf } from '@/core/families/registry';
import { wordText } from '@/core/language/word-text';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { LinkButton } from '@/ui/shell/LinkButton';
import { Notice } from '@/ui/shell/Notice';
import { Shell } from '../shell/Shell';
import { CatalogueTable } from './CatalogueTable';
import { MarkFilters } from './MarkFilters';
import { useCatalogue, type CatalogueAsked } from './use-catalogue';

const MOST_COMPARED = 4;
const kinds = families.map(({ id }) => [id, wordText(id)] as const);

/** The catalogue: what there is of a kind of device, by words and by its own marks, and a few of them side by side. */
export function CataloguePage(start: CatalogueAsked) {
  const { asked, ask, rows, total, countedOut, more, showMore, busy, fault } = useCatalogue(start);
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const { fields, plural } = certain(familyOf(asked.family));
  return (
    <Shell here="/parts">
      <main className="middle stack" id="main" style={{ maxWidth: 1200, margin: '0 auto' }}>
        <div className="row-flex" style={{ justifyContent: 'space-between' }}>
          <h1>Catalogue</h1>
          <LinkButton href="/parts/import">Bring parts from a spreadsheet</LinkButton>
        </div>
        <div className="row-flex">
          <SelectBox<string>
            aria-label="Kind of device"
            style={{ width: 220 }}
            value={asked.family}
            options={kinds}
            onWord={(family) => {
              setTicked([]);
              ask({ family, marks: [] });
            }}
          />
          <TextBox
            aria-label="Find in the catalogue"
            style={{ width: 320 }}
            placeholder="name, maker, order number, supplier"
            value={asked.words}
            maxLength={120}
            onChange={(event) => ask({ words: event.target.value })}
          />
        </div>
        <MarkFilters key={asked.family} fields={fields} marks={asked.marks} onMarks={(marks) => ask({ marks })} />
        {fault && <Notice kind="fails">{fault}</Notice>}
        <div className="row-flex">
          <p className="muted" role="status">
            {busy && rows.length === 0 ? 'Looking' : `${countedOut ? 'More than ' : ''}${total} ${plural}, in the order of their names.`}
          </p>
          {ticked.length > 1 && (
            <LinkButton href={`/parts/compare?${ticked.map((id) => `id=${encodeURIComponent(id)}`).join('&')}`}>
              Compare {ticked.length} side by side
            </LinkButton>
          )}
        </div>
        {rows.length > 0 ? (
          <CatalogueTable
            {...{ fields, rows, ticked }}
            mostTicked={MOST_COMPARED}
            onTick={(id, now) => setTicked(now ? [...ticked, id] : ticked.filter((one) => one !== id))}
          />
        ) : (
          !busy &&
          !fault && (
            <EmptyPlace title="No part like that" action={<LinkButton href="/check">Enter one from its plate</LinkButton>}>
              Take a filter away, or bring parts from a spreadsheet.
            </EmptyPlace>
          )
        )}
        {more && (
          <Button disabled={busy} onClick={showMore}>
            Show more
          </Button>
        )}
      </main>
    </Shell>
  );
}
