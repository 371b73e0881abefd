/** Worked examples of where a residual-current device stands: conductors, overcurrent part, what is upstream. From memory of the publication named. */
import type { FieldValues } from '@/core/case/case';
import type { WorkedCase } from '../worked-case';

const IEC = 'IEC' as const;
const one: FieldValues = { systemVolts: 230, voltsToGround: 230, phases: 1, wires: 2, currentKind: 'ac' };
const three: FieldValues = { systemVolts: 400, voltsToGround: 230, phases: 3, wires: 4, currentKind: 'ac' };
const rule = 'BS 7671 536.4, from memory';
const row = (
  name: string,
  supply: FieldValues,
  load: FieldValues,
  spec: FieldValues,
  lines: WorkedCase['lines'],
  source: string,
): WorkedCase => ({
  name,
  practice: IEC,
  supply,
  load,
  spec,
  lines,
  source,
});
const without: FieldValues = { standard: 'IEC/EN 61008-1', ratedAmps: 40, conditionalShortCircuitAmps: 10000 };
const withPart: FieldValues = { standard: 'IEC/EN 61009-1', ratedAmps: 16, curve: 'B', icnAmps: 6000 };

const conductors: WorkedCase[] = [
  row('one phase: two poles', one, {}, { poles: 2 }, { poles: 'fits', 'test-circuit': 'fits' }, 'IEC 61008-1, from memory'),
  row('one phase: one pole leaves the neutral beside it', one, {}, { poles: 1 }, { poles: 'fails' }, 'IEC 61008-1, from memory'),
  row('one phase on four poles', one, {}, { poles: 4 }, { poles: 'fits', 'test-circuit': 'check' }, 'common practice'),
  row('three phases and neutral', three, {}, { poles: 4 }, { poles: 'fits' }, 'IEC 61008-1, from memory'),
  row('three phases and neutral on three poles', three, {}, { poles: 3 }, { poles: 'fails' }, 'IEC 61008-1, from memory'),
  row('motor without neutral', three, { kind: 'motor-3ph' }, { poles: 3 }, { poles: 'fits' }, 'common practice'),
  row(
    'motor without neutral on four poles',
    { ...three, wires: 3 },
    { kind: 'motor-3ph' },
    { poles: 4 },
    { 'test-circuit': 'check' },
    'common practice',
  ),
  row('poles asked for go before', three, { polesToSwitch: 2 }, { poles: 2 }, { poles: 'fits' }, 'common practice'),
  row('volts at the system’s', three, {}, { ratedVolts: 400 }, { volts: 'fits' }, 'IEC 61008-1, from memory'),
  row('volts below the system’s', three, {}, { ratedVolts: 240 }, { volts: 'fails' }, 'IEC 61008-1, from memory'),
  row('on DC', { ...one, currentKind: 'dc' }, {}, { poles: 2 }, { 'current-kind': 'fails' }, 'common practice'),
];

const overcurrent: WorkedCase[] = [
  row('needed here: 61008 has none', one, { overcurrentNeededHere: true }, without, { 'overcurrent-part': 'fails' }, rule),
  row('needed here: 61009 has one', one, { overcurrentNeededHere: true }, withPart, { 'overcurrent-part': 'fits' }, rule),
  row(
    'needed here: letter before the amps',
    one,
    { overcurrentNeededHere: true },
    { curve: 'C', ratedAmps: 63 },
    { 'overcurrent-part': 'fits' },
    'common practice',
  ),
  row(
    'needed here: no letter',
    one,
    { overcurrentNeededHere: true },
    { curve: 'none', ratedAmps: 63 },
    { 'overcurrent-part': 'fails' },
    'common practice',
  ),
  row(
    'needed here: type B beside a waveform is no letter',
    one,
    { overcurrentNeededHere: true },
    { ...without, residualType: 'B' },
    { 'overcurrent-part': 'fails' },
    'common practice',
  ),
  row(
    'needed here: nothing tells',
    one,
    { overcurrentNeededHere: true },
    { ratedAmps: 40 },
    { 'overcurrent-part': 'not-known' },
    'common practice',
  ),
];

const upstream: WorkedCase[] = [
  row('40 A behind 40 A', { ...one, upstreamOvercurrentAmps: 40 }, {}, without, { upstream: 'fits' }, rule),
  row('40 A behind 63 A', { ...one, upstreamOvercurrentAmps: 63 }, {}, without, { upstream: 'fails' }, rule),
  row('device upstream not known', { ...one, upstreamOvercurrentAmps: null }, {}, without, { upstream: 'not-known' }, rule),
  row(
    'with its own part nothing upstream is asked',
    { ...one, upstreamOvercurrentAmps: 63 },
    {},
    withPart,
    { upstream: null, 'conditional-rating': null },
    rule,
  ),
  row(
    'conditional rating at the fault',
    { ...one, prospectiveFaultAmps: 10000 },
    {},
    without,
    { 'conditional-rating': 'fits', interrupting: null },
    rule,
  ),
  row('conditional rating below the fault', { ...one, prospectiveFaultAmps: 10001 }, {}, without, { 'conditional-rating': 'fails' }, rule),
  row(
    'conditional rating not printed',
    { ...one, prospectiveFaultAmps: 3000 },
    {},
    { ...without, conditionalShortCircuitAmps: 'none' },
    { 'conditional-rating': 'not-known' },
    rule,
  ),
];

const asBreaker: WorkedCase[] = [
  row(
    'Icn at the fault',
    { ...one, prospectiveFaultAmps: 6000 },
    {},
    withPart,
    { interrupting: 'fits', 'service-capacity': 'fits' },
    'IEC 61009-1, from memory',
  ),
  row('Icn below the fault', { ...one, prospectiveFaultAmps: 6100 }, {}, withPart, { interrupting: 'fails' }, 'IEC 61009-1, from memory'),
  row(
    'Icn 10 kA: service 7.5 kA',
    { ...one, prospectiveFaultAmps: 8000 },
    {},
    { ...withPart, icnAmps: 10000 },
    { interrupting: 'fits', 'service-capacity': 'check' },
    'IEC 61009-1, k = 0.75, from memory',
  ),
  // B16 holds to 48 A and trips from 80 A.
  row('inrush of 48 A on B16', one, { startAmps: 48 }, withPart, { inrush: 'fits' }, 'IEC 61009-1, B 3 to 5, from memory'),
  row('inrush of 60 A on B16', one, { startAmps: 60 }, withPart, { inrush: 'check' }, 'IEC 61009-1, B 3 to 5, from memory'),
  row('inrush of 81 A on B16', one, { startAmps: 81 }, withPart, { inrush: 'fails' }, 'IEC 61009-1, B 3 to 5, from memory'),
  row('inrush is nothing to one without such a part', one, { startAmps: 81 }, without, { inrush: null }, 'IEC 61008-1, from memory'),
  row(
    'conductor of 15 A under 16 A',
    one,
    { conductorAmpacityAmps: 15 },
    withPart,
    { conductor: 'fails' },
    'IEC 60364-4-43 433.1, from memory',
  ),
  row('load of 16 A on 16 A', one, { loadAmps: 16 }, withPart, { running: 'fits' }, 'common practice'),
  row('load of 41 A on 40 A', one, { loadAmps: 41 }, without, { running: 'fails' }, 'common practice'),
];

const breakerOfUl: FieldValues = { standard: 'UL 943', protectionClass: 'GFCI Class A', ratedAmps: 20, interruptingAmps: 10000 };
const american: WorkedCase[] = [
  {
    name: 'UL: interrupting at the fault',
    supply: { prospectiveFaultAmps: 10000, systemVolts: 120, currentKind: 'ac' },
    spec: breakerOfUl,
    lines: { interrupting: 'fits' },
    source: 'NFPA 70 110.9, from memory',
  },
  {
    name: 'UL: unmarked counts 5 kA',
    supply: { prospectiveFaultAmps: 5000, systemVolts: 120, currentKind: 'ac' },
    spec: { ...breakerOfUl, interruptingAmps: 'none' },
    lines: { interrupting: 'fits' },
    source: 'NFPA 70 240.83(C), from memory',
  },
  {
    name: 'UL: unmarked at 5.1 kA',
    supply: { prospectiveFaultAmps: 5100, systemVolts: 120, currentKind: 'ac' },
    spec: { ...breakerOfUl, interruptingAmps: 'none' },
    lines: { interrupting: 'fails' },
    source: 'NFPA 70 240.83(C), from memory',
  },
  {
    name: 'UL: 16 A continuous on 20 A',
    load: { kind: 'socket-circuit', continuousAmps: 16 },
    spec: breakerOfUl,
    lines: { running: 'fits' },
    source: 'NFPA 70 210.20(A): 125 %, from memory',
  },
  {
    name: 'UL: 17 A continuous on 20 A',
    load: { kind: 'socket-circuit', continuousAmps: 17 },
    spec: breakerOfUl,
    lines: { running: 'fails' },
    source: 'NFPA 70 210.20(A): 21.25 A, from memory',
  },
];

export const placeCases: WorkedCase[] = [...conductors, ...overcurrent, ...upstream, ...asBreaker, ...american];
