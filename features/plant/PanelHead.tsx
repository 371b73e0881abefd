'use client';

import Button from '@mui/material/Button';
import type { DrawnPanel } from '@/services/plant-view';
import { LinkButton } from '@/ui/shell/LinkButton';
import { SheetOfLabels } from '../shell/SheetOfLabels';
import { FedAt } from './Systems';

/** The name of a panel, what is done with it as a whole, and the ways on from it. */
export function PanelHead({ view: { panel, site }, onPanel }: { view: DrawnPanel; onPanel: (change: object) => void }) {
  return (
    <>
      <div className="row-flex" style={{ justifyContent: 'space-between' }}>
        <h1>{panel.name}</h1>
        <div className="row-flex">
          <Button onClick={() => onPanel({ rails: panel.rails + 1 })}>One more rail</Button>
          <SheetOfLabels words="Labels" query={{ kind: 'positions', panelId: panel.id }} />
          <LinkButton href={`/panels/${panel.id}/walk`}>Walk it</LinkButton>
          <LinkButton href={`/supply/${panel.id}`}>What feeds it</LinkButton>
          <LinkButton href={`/?panel=${panel.id}`}>Work at it</LinkButton>
        </div>
      </div>
      <p className="muted">{panel.note || 'Drag a position to its place; by keyboard: space, arrows, space.'}</p>
      <FedAt systems={site.systems} system={panel.system} onSystem={(system) => onPanel({ system })} />
    </>
  );
}
