/** A monitoring relay's plate: what it watches, its setting ranges, wires and output. Names: common practice. */
import { certain } from '../../certain';
import { toNumber } from '../../plates/characters';
import { contactRatingRows, single, terminalNumbers } from '../../plates/print-patterns';
import type { Laid } from '../../plates/layout';
import { plateFieldsOf } from '../../fields/print';
import type { Hit, PlateDefinition } from '../../plates/plate-field';
import type { Table } from '../../plates/plate-field';
import { monitoringRelayFields } from './fields';

const columns = [
  { column: 'undervoltagePercent', names: ['U <', 'U<', 'UC<', 'UNDERVOLTAGE', 'UNDER'], unit: '%' },
  { column: 'overvoltagePercent', names: ['U >>', 'U>>', 'U >', 'U>', 'OVERVOLTAGE', 'OVER'], unit: '%' },
  { column: 'asymmetryPercent', names: ['ASYMMETRY', 'ASYM.', 'ASYM', 'UNBALANCE', 'UNBAL.'], unit: '%' },
  { column: 'delaySeconds', names: ['DELAY T', 'DELAY', 'TRIP DELAY', 'T'], unit: 's' },
];
const RANGE = /(\d{1,3}(?:[.,]\d{1,2})?)\s?%?\s?-\s?(\d{1,3}(?:[.,]\d{1,2})?)/;

/** Dials with their ranges printed under them. */
function dials(table: Table): Hit[] | undefined {
  const hits = table.heads.flatMap((head, j): Hit[] => {
    const row = table.rows.find(({ cells }) => cells[j] && RANGE.test(certain(cells[j]).text));
    const cell = row?.cells[j];
    const range = cell && RANGE.exec(cell.text);
    if (!head.column || !cell || !range) return [];
    const value = [toNumber(certain(range[1])), toNumber(certain(range[2]))];
    return certain(value[0]) < certain(value[1]) ? [{ field: head.column, value, start: cell.start, end: cell.end }] : [];
  });
  return hits.length > 0 ? hits : undefined;
}

export const monitoringRelayPlate: PlateDefinition = {
  id: 'monitoring-relay',
  title: 'Monitoring relay',
  side: 'device',
  fields: plateFieldsOf(monitoringRelayFields),
  columns,
  readTable: dials,
  special: (laid: Laid) => [
    ...contactRatingRows(laid),
    ...single(laid, 'wires', /([234])\s?-\s?WIRE/i, (m) => Number(m[1])),
    ...single(laid, 'phases', /(?<![\d.,-])([13])\s?-?\s?PHASE(?! (?:FAIL|SEQ|LOSS|REV))/i, (m) => Number(m[1])),
    ...single(laid, 'phases', /(?<![\d.,-])([13])\s?~/, (m) => Number(m[1])),
  ],
  derive: (_, laid) => {
    const contacts = [...laid.text.matchAll(/(?<![\d-])([12][1568])-([12][1568])-([12][1568])(?![\d-])/g)].flatMap((m) => [
      certain(m[1]),
      certain(m[2]),
      certain(m[3]),
    ]);
    const lines = terminalNumbers(laid).filter((m) => /^(L[1-3]|N)$/.test(m));
    return contacts.length + lines.length >= 3 ? [{ field: 'terminals', value: [...lines, ...contacts].join(' '), start: 0, end: 0 }] : [];
  },
  cues: [
    [/MONITORING|PHASE FAILURE|PHASE SEQUENCE|ASYM/i, 6],
    [/U\s?<|U\s?>/i, 3],
    [/[34]-WIRE/i, 2],
  ],
};
