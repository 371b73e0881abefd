'use client';

import ButtonBase from '@mui/material/ButtonBase';
import type { Node } from '@/core/supply/fault-current';
import type { Element } from '@/core/supply/path';
import { elementTitles } from '@/core/supply/element-fields';
import { formatQuantity as q } from '@/core/quantities/format-quantity';
import { useSay } from '../../ui/language/practice';
import curvesStyle from '@/ui/styles/curves.module.css';

/** Signs of a one-line: circles of a transformer, a bar of a cable, M, the cells of a battery. */
function Sign({ kind }: { kind: Element['kind'] }) {
  const common = { fill: 'var(--card)', stroke: 'currentColor', strokeWidth: 2 };
  return (
    <svg width="44" height="64" viewBox="0 0 44 64" aria-hidden="true">
      <path d="M22 0v64" stroke="currentColor" strokeWidth="2" />
      {kind === 'transformer' && (
        <>
          <circle cx="22" cy="25" r="11" {...common} />
          <circle cx="22" cy="39" r="11" {...common} fill="none" />
        </>
      )}
      {kind === 'utility' && <rect x="11" y="21" width="22" height="22" {...common} />}
      {(kind === 'generator' || kind === 'motors') && (
        <>
          <circle cx="22" cy="32" r="13" {...common} />
          <text x="22" y="37" textAnchor="middle" fontSize="14" fontWeight="650" fill="currentColor">
            {kind === 'motors' ? 'M' : 'G'}
          </text>
        </>
      )}
      {kind === 'cable' && <rect x="17" y="12" width="10" height="40" rx="5" {...common} />}
      {kind === 'battery' && <path d="M10 26h24M16 38h12" stroke="currentColor" strokeWidth="3" />}
      {kind === 'dc-supply' && (
        <>
          <rect x="9" y="21" width="26" height="22" {...common} />
          <path d="M14 29h16M14 35h5M21 35h4M27 35h3" stroke="currentColor" strokeWidth="2" />
        </>
      )}
      {kind === 'measured' && <path d="M22 16l10 16-10 16-10-16z" {...common} />}
    </svg>
  );
}

/** From source to position: each element with the figures at its end. */
export function OneLine({
  nodes,
  dc,
  chosen,
  onChoose,
}: {
  nodes: readonly Node[];
  dc: boolean;
  chosen: number;
  onChoose: (index: number) => void;
}) {
  const say = useSay();
  const amps = (value: number | null) => (value === null || !Number.isFinite(value) ? '–' : q(value, 'A'));
  return (
    <ol className={curvesStyle.oneLine} aria-label="One-line from source to position">
      {nodes.map((node, i) => (
        <li key={i}>
          <ButtonBase className={`sheet ${i === chosen ? 'chosen' : ''}`} aria-pressed={i === chosen} onClick={() => onChoose(i)}>
            <Sign kind={node.kind} />
            <span className={curvesStyle.oneLineWords}>
              <b>{node.name}</b>
              <small className="muted">
                {elementTitles[node.kind]}: {node.step}
                {node.measuredOn && node.kind !== 'measured' ? `; measured on ${node.measuredOn} before it` : ''}
              </small>
            </span>
            <span className={`${curvesStyle.oneLineFigures} figure`}>
              <span>
                <small>highest</small>
                {amps(node.highestAmps)}
              </span>
              <span>
                <small>point to point</small>
                {amps(node.pointToPointAmps)}
              </span>
              <span>
                <small>lowest{dc ? '' : ', line to line'}</small>
                {amps(node.lowestAmps)}
              </span>
              {!dc && (
                <span>
                  <small>{say('to earth')}</small>
                  {amps(node.earthFaultAmps)}
                </span>
              )}
              {!dc && (
                <span>
                  <small>loop, hot</small>
                  {node.loopOhms === null || node.loopOhms === 0 ? '–' : q(node.loopOhms, 'ohm')}
                </span>
              )}
            </span>
          </ButtonBase>
        </li>
      ))}
    </ol>
  );
}
