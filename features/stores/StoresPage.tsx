'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { CribRow } from '@/services/crib';
import { Pill } from '@/ui/forms/Pill';
import { SelectBox } from '@/ui/forms/SelectBox';
import { TextBox } from '@/ui/forms/TextBox';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { LinkButton } from '@/ui/shell/LinkButton';
import { Notice } from '@/ui/shell/Notice';
import { Shell } from '../shell/Shell';
import { keyOfRow, useCrib } from './use-crib';
import { SheetOfLabels } from '../shell/SheetOfLabels';
import { ChosenShelf } from './ChosenShelf';
import { Orders } from './Orders';
import { Reorder } from './Reorder';

/** The table is heavy, and needs what only a browser tells: it comes after the page. */
const CribTable = dynamic(() => import('./CribTable').then((module) => module.CribTable), { ssr: false });

const NOWHERE = { words: '', partId: '' };
type Sites = readonly (readonly [id: string, name: string])[];

function Crib({ siteId, way }: { siteId: string; way: { words: string; partId: string } }) {
  const { asked, ask, rows, total, busy, fault } = useCrib(siteId, way);
  const [chosen, setChosen] = useState<CribRow>();
  // What is shown of it is as it stands now; a label leads to its part.
  const now =
    asked.partId !== '' && !chosen
      ? rows[0]
      : chosen && (rows.find(({ partId, place }) => partId === chosen.partId && place === chosen.place) ?? chosen);
  return (
    <>
      <div className="row-flex">
        <TextBox
          aria-label="Find in the stores"
          style={{ width: 320 }}
          placeholder="part, maker, order number, place"
          value={asked.words}
          onChange={(event) => ask({ words: event.target.value })}
        />
        {asked.partId !== '' && (
          <Pill pressed onClick={() => ask({ partId: '' })}>
            Only this part
          </Pill>
        )}
        <Pill pressed={asked.below} onClick={() => ask({ below: !asked.below })}>
          Below their least
        </Pill>
      </div>
      {fault && <Notice kind="fails">{fault}</Notice>}
      <CribTable {...{ rows, total, busy, asked }} onAsk={ask} onChoose={setChosen} />
      {now ? (
        <ChosenShelf key={keyOfRow(now)} siteId={siteId} row={now} />
      ) : (
        <p className="muted">Choose a row: receive, take, move, count or correct it.</p>
      )}
      <Reorder siteId={siteId} />
      <Orders siteId={siteId} />
    </>
  );
}

/** The crib desk: what lies where, what is done with it, and what should be ordered. */
export function StoresPage({ sites, way }: { sites: Sites; way: { site: string; part: string; words: string } }) {
  const [siteId, setSiteId] = useState((sites.find(([id]) => id === way.site) ?? sites[0])?.[0] ?? '');
  return (
    <Shell here="/stores">
      <main className="middle stack" id="main" style={{ maxWidth: 1200, margin: '0 auto' }}>
        <div className="row-flex" style={{ justifyContent: 'space-between' }}>
          <h1>Stores</h1>
          <div className="row-flex">
            <SelectBox<string> aria-label="Stores of" style={{ width: 220 }} value={siteId} options={sites} onWord={setSiteId} />
            {siteId !== '' && <SheetOfLabels words="Labels of the places" query={{ kind: 'bins', siteId }} />}
            <LinkButton href="/parts">Look through the catalogue</LinkButton>
            <LinkButton href="/parts/import">Bring parts from a spreadsheet</LinkButton>
          </div>
        </div>
        {sites.length === 0 ? (
          <EmptyPlace title="No site yet">Stock lies at a site: name one under Sites and panels first.</EmptyPlace>
        ) : (
          <Crib key={siteId} siteId={siteId} way={siteId === way.site ? { words: way.words, partId: way.part } : NOWHERE} />
        )}
      </main>
    </Shell>
  );
}
