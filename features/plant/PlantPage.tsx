'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { mayDo } from '@/core/crew/rights';
import type { PlantSite } from '@/services/plant-view';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { Link } from '@/ui/shell/Link';
import { LinkButton } from '@/ui/shell/LinkButton';
import { Notice } from '@/ui/shell/Notice';
import { usePerson } from '@/ui/shell/person';
import { DocumentsBehind } from '../shell/DocumentsBehind';
import { Shell } from '../shell/Shell';
import { DemoBeside } from './DemoBeside';
import { NewPanel, NewSite } from './SiteForms';
import { SiteSettings } from './SiteSettings';
import { useDeed } from './use-deed';

type PlantPanel = PlantSite['panels'][number];

function PanelRow({ panel }: { panel: PlantPanel }) {
  const { deed, busy, fault } = useDeed();
  return (
    <li className="row-flex" style={{ justifyContent: 'space-between' }}>
      <span>
        {panel.archived ? <b className="muted">{panel.name}</b> : <Link href={`/panels/${panel.id}`}>{panel.name}</Link>}{' '}
        <small className="muted">
          {panel.archived ? 'put away' : `${panel.positions} position${panel.positions === 1 ? '' : 's'}`} {panel.note}
        </small>
        {fault && <Notice kind="fails">{fault}</Notice>}
      </span>
      <Button
        disabled={busy}
        onClick={() => void deed('PATCH', `/api/v1/panels/${panel.id}`, { version: panel.version, archived: !panel.archived })}
      >
        {panel.archived ? `Bring ${panel.name} back` : `Put ${panel.name} away`}
      </Button>
    </li>
  );
}

function SiteSheet({ site, demo }: { site: PlantSite; demo: boolean }) {
  const person = usePerson();
  const [open, setOpen] = useState(false);
  return (
    <section className="sheet stack" style={{ padding: 14 }} aria-label={site.name}>
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <h2 style={{ margin: 0 }}>
          {site.name}{' '}
          <small className="muted">
            {site.practice === 'IEC' ? 'IEC' : 'NFPA 70'}, {site.timeZone}
            {site.demo ? ', demo' : ''}
          </small>
        </h2>
        {person && mayDo(person.role, 'administer') && (
          <Button aria-expanded={open} onClick={() => setOpen(!open)}>
            Settings of {site.name}
          </Button>
        )}
      </div>
      {open && <SiteSettings site={site} demo={demo} />}
      {site.panels.length > 0 && (
        <ul className="stack" style={{ gap: 6, listStyle: 'none', padding: 0, margin: 0 }}>
          {site.panels.map((panel) => (
            <PanelRow key={panel.id} panel={panel} />
          ))}
        </ul>
      )}
      <DocumentsBehind of="site" id={site.id} name={site.name} />
      <NewPanel siteId={site.id} />
    </section>
  );
}

/** Sites and panels as their people draw them. */
export const PlantPage = ({ sites }: { sites: readonly PlantSite[] }) => (
  <Shell here="/">
    <main className="middle stack" id="main" style={{ maxWidth: 1000, margin: '0 auto' }}>
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <h1>Sites and panels</h1>
        <LinkButton href="/parts/import">Bring parts from a spreadsheet</LinkButton>
      </div>
      {sites.length === 0 && (
        <EmptyPlace title="Nothing is drawn yet">
          Name the site first: its practice decides what is asked of every part. Then draw a panel, and fill it from starter templates. Or{' '}
          <Link href="/parts/import">bring your parts from a spreadsheet</Link>, or{' '}
          <Link href="/check">check a part that is in your hand</Link>, which needs neither.
        </EmptyPlace>
      )}
      {sites.map((site) => (
        <SiteSheet key={site.id} site={site} demo={sites.some((one) => one.demo)} />
      ))}
      <NewSite />
      <DemoBeside sites={sites} />
    </main>
  </Shell>
);
