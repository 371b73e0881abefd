'use client';

import Button from '@mui/material/Button';
import { mayDo } from '@/core/crew/rights';
import type { PlantSite } from '@/services/plant-view';
import { FaultNotice } from '@/ui/shell/Notice';
import { usePerson } from '@/ui/shell/person';
import { useDeed } from './use-deed';

/** The demo beside a plant of one's own: how it comes, and how it goes. */
export function DemoBeside({ sites }: { sites: readonly PlantSite[] }) {
  const person = usePerson();
  const { deed, busy, fault } = useDeed();
  if (!person || !mayDo(person.role, 'administer')) return null;
  const demo = sites.filter((site) => site.demo);
  if (demo.length > 0)
    return (
      <p className="muted">
        {demo.map(({ name }) => name).join(' and ')} {demo.length > 1 ? 'are' : 'is'} the demo: invented, with{' '}
        {demo.length > 1 ? 'their' : 'its'} parts. <code>npm run demo:remove</code> takes all of it out, and nothing else.
      </p>
    );
  return (
    <div className="stack" style={{ gap: 6 }}>
      <div className="row-flex">
        <Button disabled={busy} onClick={() => void deed('POST', '/api/v1/demo', {})}>
          {busy ? 'Loading the demo' : 'Load the demo beside it'}
        </Button>
        <small className="muted">Invented sites to try things on. Their parts stand to choice nowhere else.</small>
      </div>
      <FaultNotice words={fault} />
    </div>
  );
}
