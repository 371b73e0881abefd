/**
 * Holds readings against the truth of a set of plate pictures (truth.json, its README beside it). Names of the truth are
 * mapped to the names of the plates; a truth of null is printed but unreadable, and right only where nothing is given.
 */
import { isKnown, type Readings } from '../../core/readings/reading';

export type TruthPlate = {
  file: string;
  kind: string;
  grade: 'clean' | 'moderate' | 'hard';
  text: string[];
  fields: Record<string, unknown>;
  unreadable: string[];
};

export const plateOfKind: Record<string, string> = {
  motor3phNema: 'motor-3ph',
  motor3phIec: 'motor-3ph',
  motor1phCapacitor: 'motor-1ph',
  hermeticUnit: 'hermetic-compressor',
  contactorDefinitePurpose: 'contactor',
  contactorIec: 'contactor',
  contactorNema: 'contactor',
  relayPlugIn: 'control-relay',
  relayTiming: 'timing-relay',
  mcb: 'breaker',
  breakerUl: 'breaker',
  mccb: 'breaker',
  rccb: 'residual-current',
  rcbo: 'residual-current',
  fuse: 'fuse',
  runCapacitor: 'run-capacitor',
  relayVoltageMonitor: 'monitoring-relay',
  breakerAccessoryCoil: 'breaker-coil',
};

type Get = (id: string) => unknown;
const list = (v: unknown): unknown =>
  v === undefined ? undefined : typeof v === 'string' && /^[\d./-]+$/.test(v) ? v.split(/[/-]/).map(Number) : Array.isArray(v) ? v : [v];
const percent = (v: unknown) => (typeof v === 'number' ? Math.round(v * 1000) / 10 : undefined);
const kilo = (v: unknown) => (typeof v === 'number' ? v / 1000 : undefined);
const upper = (v: unknown) => (typeof v === 'string' ? v.toUpperCase() : undefined);
const rows = (v: unknown) => (Array.isArray(v) ? (v as Record<string, unknown>[]) : undefined);
const column = (v: unknown, from: string) => rows(v)?.map((row) => row[from]);

/** How each truth field is said by the readings, where its name or form differs. */
const said: Record<string, (get: Get, kind: string) => unknown> = {
  manufacturer: (get) => get('maker'),
  model: (get) => get('type'),
  powerHp: (get) => get('horsepower'),
  powerKw: (get) => get('kilowatts'),
  powerHpText: (get) => get('horsepower'),
  voltsList: (get, kind) => list(get('plateVolts') ?? get('ratedVolts') ?? (kind === 'relayTiming' ? get('supplyVolts') : undefined)),
  fullLoadAmpsList: (get) => list(get('fullLoadAmps')),
  lockedRotorAmpsList: (get) => list(get('lockedRotorAmps')),
  serviceFactorAmpsList: (get) => list(get('serviceFactorAmps')),
  connectionList: (get) => (typeof get('connection') === 'string' ? (get('connection') as string).split('/') : undefined),
  startingCurrentRatio: (get) => get('lockedRotorRatio'),
  nominalEfficiencyPct: (get) => percent(get('efficiency')),
  efficiencyPct: (get) => percent(get('efficiency')),
  powerFactorPct: (get) => percent(get('powerFactor')),
  ambientC: (get) => get('ambientC') ?? get('maxAmbientC'),
  duty: (get) => get('dutyMark'),
  usableAt208VAmps: (get) => get('usableAt208VoltsAmps'),
  runCapacitorVoltsAc: (get) => get('runCapacitorVolts'),
  compressorRla: (get) => get('ratedLoadAmps'),
  compressorLra: (get) => get('lockedRotorAmps'),
  fanFla: (get) => get('fanFullLoadAmps'),
  fanHp: (get) => get('fanHorsepower'),
  fanHpText: (get) => get('fanHorsepower'),
  voltageRangeList: (get) => get('voltageRange'),
  shortCircuitCurrentKa: (get) => kilo(get('shortCircuitRatingAmps')),
  chargeOz: (get) => {
    const m = /(\d+)\s?LB\s*(?:(\d+)\s?OZ)?/i.exec(String(get('chargeText') ?? ''));
    return m ? Number(m[1]) * 16 + Number(m[2] ?? 0) : undefined;
  },
  ratings: (get) =>
    rows(get('ratings'))?.map((r) => ({
      voltsAc: r.volts,
      fullLoadAmps: r.fullLoadAmps,
      lockedRotorAmps: r.lockedRotorAmps,
      resistiveAmps: r.resistiveAmps,
    })),
  horsepower: (get, kind) =>
    kind === 'contactorNema' ? rows(get('ratings'))?.map((r) => ({ volts: r.volts, phases: 3, hp: r.normalHp })) : get('horsepowerAt'),
  coilVoltsList: (get) => list(get('coilVolts')),
  coilCurrentType: (get) => upper(get('coilKind')),
  coilHertzList: (get) => get('coilHertz'),
  coil: (get) => get('coilVolts'),
  coilTerminals: () => undefined,
  ac3: (get) => rows(get('ratings'))?.map((r) => ({ volts: r.volts, amps: r.ac3Amps, kw: r.ac3Kilowatts })),
  impulseKv: (get) => kilo(get('impulseVolts')),
  coilPowerW: (get) => get('coilWatts'),
  auxContacts: (get) => (typeof get('auxContacts') === 'string' ? [get('auxContacts')] : undefined),
  maxVoltsAc: (get) => get('maxVolts'),
  contactRatings: (get) => rows(get('contactRatings'))?.map((r) => ({ amps: r.amps, volts: r.volts, currentType: upper(r.kind) })),
  contactForm: (get, kind) =>
    (({ DPDT: kind === 'relayPlugIn' ? 'DPDT' : '2 C/O', SPDT: kind === 'relayPlugIn' ? 'SPDT' : '1 C/O' }) as Record<string, string>)[
      String(get('contactForm'))
    ] ?? get('contactForm'),
  terminals: (get, kind) =>
    typeof get('terminals') === 'string'
      ? ((t) => (kind === 'runCapacitor' ? t : t.sort()))((get('terminals') as string).split(' '))
      : undefined,
  supplyVoltsRange: (get) => get('supplyVoltsRange'),
  supplyCurrentType: (get) => upper(get('supplyKind')),
  supplyHertzList: (get) => list(get('hertz')),
  timeMinSeconds: (get) => (get('timeRangeSeconds') as number[] | undefined)?.[0],
  timeMaxSeconds: (get) => (get('timeRangeSeconds') as number[] | undefined)?.[1],
  timeRangeText: (get) => (get('timeRangeSeconds') as number[] | undefined)?.[1],
  functionsList: (get) => column(get('functions'), 'letter'),
  supplyPins: (get) => (typeof get('supplyPins') === 'string' ? (get('supplyPins') as string).split(' ').map(Number) : undefined),
  currentType: (get) => upper(get('currentKind')),
  hertzList: (get) => list(get('hertz') ?? get('coilHertz') ?? get('nominalHertz')),
  breakingCapacityA: (get) => get('icnAmps'),
  interruptingKa: (get) => kilo(get('interruptingAmps')),
  wireTempCList: (get) => list(get('wireTempC')),
  wireRangeText: (get) => get('wireRange'),
  ratedVolts: (get) => get('ratedVolts'),
  breaking: (get) => rows(get('breaking'))?.map((r) => ({ voltsList: r.voltsList, icuKa: kilo(r.icuAmps), icsKa: kilo(r.icsAmps) })),
  instantaneousTripAmps: (get) => get('instantaneousAmps'),
  shortTimeWithstandKa: (get) => kilo(get('icwAmps')),
  referenceTempC: (get) => get('maxAmbientC'),
  residualMilliamps: (get) => get('sensitivityMilliamps'),
  makingBreakingCapacityA: (get) => get('makingBreakingAmps'),
  conditionalShortCircuitA: (get) => get('conditionalShortCircuitAmps'),
  poles: (get) => get('poleForm') ?? get('poles'),
  fuseClass: (get) => get('fuseClass') ?? get('utilisation'),
  interruptingKaAc: (get) => kilo(get('interruptingAmpsAc')),
  interruptingKaDc: (get) => kilo(get('interruptingAmpsDc')),
  powerLossW: (get) => get('powerLossWatts'),
  microfaradsList: (get) => list(get('microfarads')),
  tolerancePlusPct: (get) => get('tolerancePercent'),
  toleranceMinusPct: (get) => get('tolerancePercent'),
  voltsAcList: (get) => list(get('ratedVolts')),
  minTempC: (get) => get('minCaseC') ?? get('minTempC'),
  maxTempC: (get) => get('maxCaseC'),
  faultCurrentA: (get) => get('faultCurrentAmps'),
  voltsRange: (get) => get('nominalVoltsRange') ?? get('coilVoltsRange') ?? get('coilVolts'),
  undervoltagePctRange: (get) => get('undervoltagePercent'),
  overvoltagePctRange: (get) => get('overvoltagePercent'),
  asymmetryPctRange: (get) => get('asymmetryPercent'),
  delaySecondsRange: (get) => get('delaySeconds'),
  restartDelaySecondsRange: (get) => get('restartDelaySeconds'),
  accessoryType: (get) => (typeof get('function') === 'string' ? (get('function') as string).replace(/-/g, ' ') : undefined),
  dropOutPctRange: (get) => get('releasePercent'),
  pickUpPctRange: (get) => get('pickUpPercent'),
  operatingPctRange: (get) => get('operatePercent'),
  powerVa: (get) => get('powerVA'),
  ratingAt60Hz: (get) => {
    const r = rows(get('ratingAt60Hz'))?.[0];
    return (
      r && {
        volts: r.volts,
        powerKw: r.kilowatts,
        fullLoadAmps: r.fullLoadAmps,
        powerFactor: r.powerFactor,
        rpm: r.rpm,
        efficiencyPct: percent(r.efficiency),
      }
    );
  },
};

/** Fields of the truth that the readings cannot hold: a drawn symbol, or the same value a second time as text. */
const leftOut = new Set(['powerHpText', 'fanHpText', 'timeRangeText', 'coilTerminals', 'selective']);

function same(truth: unknown, given: unknown): boolean {
  if (typeof truth === 'number') return typeof given === 'number' && Math.abs(given - truth) <= Math.max(0.002, Math.abs(truth) * 1e-6);
  if (typeof truth === 'string') return typeof given === 'string' && squash(truth) === squash(given);
  if (Array.isArray(truth)) return Array.isArray(given) && truth.length === given.length && truth.every((t, i) => same(t, given[i]));
  if (truth && typeof truth === 'object')
    return (
      !!given &&
      typeof given === 'object' &&
      Object.entries(truth).every(([k, t]) => k === 'connection' || k === 'category' || same(t, (given as Record<string, unknown>)[k]))
    );
  return truth === given;
}
const squash = (text: string) =>
  text
    .toUpperCase()
    .replace(/[^A-Z0-9+.]/g, '')
    .replace(/^TYPE|^IECEN(?=\d)|^IEC(?=\d)|^EN(?=\d)/, '');

export type Held = { field: string; truth: unknown; given: unknown; right: boolean; readable: boolean; certain: boolean };

/** Returns one line for every field of the truth. */
export function holdAgainst(plate: TruthPlate, readings: Readings): Held[] {
  const used = new Set<string>();
  const get: Get = (id) => {
    const reading = readings[id];
    if (isKnown(reading)) used.add(id);
    return isKnown(reading) ? reading.value : undefined;
  };
  return Object.entries(plate.fields)
    .filter(([field]) => !leftOut.has(field))
    .map(([field, truth]) => {
      used.clear();
      const sorted = field === 'terminals' && Array.isArray(truth) && plate.kind !== 'runCapacitor' ? [...truth].sort() : truth;
      const given = (said[field] ?? ((g: Get) => g(field)))(get, plate.kind);
      const value = field.endsWith('List') && given !== undefined && !Array.isArray(given) ? [given] : given;
      const certain =
        value !== undefined && used.size > 0 && [...used].every((id) => readings[id]!.state === 'read' && !readings[id]!.toConfirm);
      return {
        field,
        truth,
        given: value,
        right: truth === null ? value === undefined : same(sorted, value),
        readable: truth !== null,
        certain,
      };
    });
}
