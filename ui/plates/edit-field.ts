import { fieldText, hasText, readFieldText, type TextField } from '@/core/case/field-text';
import { dutyFields, loadFields, supplyFields, type Field } from '@/core/case/fields';
import type { DeviceFamily } from '@/core/families/contract';
import type { PlateDefinition, PlateField, PlateFieldKind } from '@/core/plates/plate-field';
import { formatQuantity } from '@/core/quantities/format-quantity';
import { readQuantity } from '@/core/quantities/read-quantity';
import type { Unit } from '@/core/quantities/units';
import type { Reading, ReadingValue } from '@/core/readings/reading';

/** A field as it stands on a plate of the bench. */
export type EditField = Pick<PlateField, 'id' | 'label' | 'kind' | 'unit' | 'words' | 'min' | 'max' | 'meaning' | 'recovery'> & {
  section: 'load' | 'duty' | 'supply' | 'removed';
  /** Columns where it is a list of rows, written in one line. */
  rowFields?: readonly Field[];
  /** The field of the case, where its value is more than one figure and is written in one line. */
  asText?: TextField;
};

const kinds: Record<Field['kind'], PlateFieldKind> = {
  number: 'number',
  word: 'word',
  words: 'text',
  flag: 'flag',
  hertz: 'hertz',
  'volts-text': 'volts',
  rows: 'rows',
  'coil-rows': 'text',
  'amps-by': 'text',
  counts: 'text',
  flags: 'text',
  trace: 'text',
  times: 'text',
  bands: 'text',
  feed: 'text',
  band: 'text',
  numbers: 'text',
  amounts: 'text',
};
const recoveries: Record<string, string> = {
  prospectiveFaultAmps:
    'From the utility’s figure, the transformer’s kVA and impedance with the cable run, or a tester’s reading; the highest counts here.',
  controlVolts: 'From the drawing and the control transformer’s plate. An unloaded transformer reads up to 10 % high.',
  controlLoopOhms: 'Both conductors of the run, dead, far end joined; leads taken off.',
};

/** Shorter words where a card has little room; the full label stands in faults and for screen readers' search. */
const shortLabels: Record<string, string> = {
  prospectiveFaultAmps: 'Fault current',
  controlKind: 'Control kind',
  controlHertz: 'Control Hz',
  controlTransformerVA: 'Transformer',
  controlTransformerInrushVA: 'Its inrush',
  contactorPosition: 'Place',
  voltsToGround: 'V to earth',
  ratedVoltsLineToGround: 'V to earth',
  ratedAmps: 'Rated amps',
  interruptingRatings: 'Interrupting ratings',
  loopImpedanceOhms: 'Loop, Zs',
  loopImpedanceBasis: 'Zs is',
  conductorAmpacityAmps: 'Conductor',
  branchCircuitProtectionNeeded: 'Is branch',
  smallConductorLimit: 'Small cond.',
  controlVolts: 'Control V',
  shortCircuitRatingAmps: 'SCCR',
  maxOperationsPerHour: 'Most ops/h',
  electricalLifeOperations: 'Elec. life',
  settingAccessRestricted: 'Sealed',
  longTimeSettingAmps: 'Long time',
  groundFaultPickupAmps: 'Earth fault',
  groundFaultSeconds: 'Its delay',
  instantaneousHoldsAmps: 'Holds to',
  instantaneousTripsAmps: 'Opens from',
  hundredPercentRated: '100 % rated',
  polesToSwitch: 'Poles',
  polesThatMustOpen: 'Must open',
  auxNormallyOpenNeeded: 'Aux NO used',
  auxNormallyClosedNeeded: 'Aux NC used',
  controlVoltsMin: 'Lowest V',
  controlVoltsMax: 'Highest V',
  socket: 'Base fitted',
  coilPositivePin: 'Plus on pin',
  permanentSupply: 'Stays on',
  driverMaxAmps: 'Driver',
  repeatPercentNeeded: 'Repeat error',
  controlSignal: 'By a signal',
  contactAmpsNeeded: 'Switches',
  deadTimeMillisecondsMin: 'Least pause',
  enclosureNeeded: 'Enclosures',
  functionLetters: 'Letters',
  repeatAccuracyPercent: 'Repeat acc.',
  minAmbientC: 'Least amb.',
  maxAmbientC: 'Most amb.',
  underVoltsSettingNeeded: 'U< to set',
  rideThroughSeconds: 'Ride through',
  startDipPercent: 'Start leaves',
  changeoversNeeded: 'Changeovers',
  supplyKindNeeded: 'Measures',
  nominalVoltsMin: 'Nominal, low',
  nominalVoltsMax: 'Nominal, high',
  nominalVoltsBetween: 'Between',
  underVoltsMin: 'U<, lowest',
  underVoltsMax: 'U<, highest',
  phaseLossBelowPercent: 'Lost below',
  asymmetrySettingMinPercent: 'Asym., low',
  asymmetrySettingMaxPercent: 'Asym., high',
  tripDelayMinSeconds: 'Delay, short',
  tripDelayMaxSeconds: 'Delay, long',
  energisedWhenHealthy: 'Closed-circ.',
  outputLeakageMilliamps: 'Leakage off',
  loadReleaseMilliamps: 'Off below',
  timeConstantMilliseconds: 'Time const.',
  joggingPerMinute: 'Jogs a min.',
  startsPerHour: 'Starts an h',
  operationsPerDay: 'Oper. a day',
  lifeYearsWanted: 'Life wanted',
  upstreamOvercurrentAmps: 'Upstream',
  earthElectrodeOhms: 'Electrode',
  smoothDcLimitMilliamps: 'Smooth DC',
  standingLeakageMilliamps: 'Leakage',
  additionalProtection: 'For people',
  overcurrentNeededHere: 'O/c needed',
  downstreamSensitivityMilliamps: 'Downstream',
  selectivityRequired: 'Selective',
  loadAmps: 'Design amps',
  continuousAmps: 'Continuous',
  noncontinuousAmps: 'Other load',
  disconnectSeconds: 'Off within',
  conditionalShortCircuitAmps: 'Inc',
  protectionNeeded: 'Accepts',
  tolerancePercent: 'Tolerance',
  commandMaintained: 'Stays on',
  commandSeconds: 'Lasts',
  maxCommandSeconds: 'Longest cmd',
  releasePercent: 'Lets go',
  operatePercent: 'Operates',
  cutOffContact: 'Cut-off',
  dipPercent: 'Dip leaves',
  tripFunctionsNeeded: 'Trip needed',
  longestShutdownHours: 'Shutdown',
  maintenanceModeNeeded: 'Maint. mode',
  remoteOperation: 'From afar',
  withstandSeconds: 'Waits',
  mountingNeeded: 'Mounting',
  protocolNeeded: 'Protocol',
  arcEnergyReduction: 'Arc energy',
  ratedVoltsLineToLine: 'Rated volts',
  calibratedAmbientC: 'Calibrated',
  itSystemMark: 'IT mark',
  caseTemperatureC: 'Case runs at',
  runCapacitorVolts: 'Cap. volts',
};

const fromField = (section: EditField['section'], all: readonly Field[], names: readonly string[]): EditField[] =>
  names.map((name) => {
    const field = all.find((one) => one.name === name)!;
    return {
      section,
      id: name,
      label: shortLabels[name] ?? field.label,
      kind: kinds[field.kind],
      unit: (field.unit ?? '') as Unit,
      words: field.words,
      min: field.above !== undefined ? undefined : field.min,
      max: field.max ?? Infinity,
      meaning: field.meaning,
      ...(field.rowFields ? { rowFields: field.rowFields } : {}),
      ...(hasText(field) ? { asText: field } : {}),
      recovery: recoveries[name] ?? 'From the drawing, the panel schedule or the person who runs it.',
    };
  });

/** Cards of the bench beside the plates, as the family asks. */
export const cardsOf = ({ asks, fields }: DeviceFamily) => ({
  supply: fromField('supply', supplyFields, asks.supply),
  wiring: [...fromField('load', loadFields, asks.load), ...fromField('duty', dutyFields, asks.duty)],
  /** Marks of the part that its plate does not name so. */
  part: fromField(
    'removed',
    fields,
    fields.map(({ name }) => name),
  ),
});

/** Fields of a plate as they are edited, in the order printed. */
export const plateFieldsOf = (plate: PlateDefinition, section: EditField['section']): EditField[] =>
  plate.fields.map((field) => ({ ...field, label: shortLabels[field.id] ?? field.label, section }));

/** Rows in one line: '240 V 22 kA, 480 V 14 kA'. */
const rowsText = (field: EditField, rows: Record<string, unknown>[]): string =>
  rows
    .map((row) =>
      (field.rowFields ?? [])
        .filter(({ name, kind }) => kind === 'number' && typeof row[name] === 'number')
        .map(({ name, unit }) => (unit === 'count' ? `${row[name] as number}p` : formatQuantity(row[name] as number, unit ?? '')))
        .join(' '),
    )
    .join(', ');

/** Reads rows written in one line; each figure goes to the first free column of its unit. */
function readRows(field: EditField, text: string): Edited {
  const first = field.rowFields!.find(({ kind }) => kind === 'number')!;
  const example = first.unit === 'V' ? '240 V 22 kA, 480 V 14 kA' : '27 A 70 A, 14 A 35 A';
  const rows: Record<string, unknown>[] = [];
  for (const part of text.split(/[,;]/).filter((one) => one.trim() !== '')) {
    const row: Record<string, unknown> = {};
    for (const [, figure, unit] of part.matchAll(/(\d+(?:\.\d+)?)\s*([A-Za-z]+)/g)) {
      const poles = /^p/i.test(unit!);
      const read = poles ? undefined : readQuantity(`${figure} ${unit}`, unit!.toLowerCase().endsWith('v') ? 'V' : 'A', field.label);
      if (read && !read.ok) return { ok: false, fault: read.fault };
      const value = poles ? Number(figure) : (read as { value: number }).value;
      const column = field.rowFields!.find(
        (one) =>
          one.kind === 'number' &&
          row[one.name] === undefined &&
          (poles ? one.unit === 'count' : one.unit === (unit!.toLowerCase().endsWith('v') ? 'V' : 'A')),
      );
      if (!column) return { ok: false, fault: `${field.label}: '${figure} ${unit}' has no place in a row.` };
      row[column.name] = value;
    }
    if (row[first.name] === undefined)
      return {
        ok: false,
        fault: `${field.label}: each row begins with its ${first.unit === 'V' ? 'volts' : first.label.toLowerCase()}, such as ${example}.`,
      };
    rows.push(row);
  }
  return rows.length > 0 ? { ok: true, value: rows } : { ok: false, fault: `${field.label} is written such as ${example}.` };
}

/** Several words at once, between slashes or commas. */
function readWords(field: EditField, text: string): Edited {
  const list = text.split(/[/,]\s*/).filter(Boolean);
  const found = list.map((one) => field.words!.find((word) => word.toLowerCase() === one.trim().toLowerCase()));
  const wrong = list.find((_, i) => found[i] === undefined);
  return wrong !== undefined || list.length === 0
    ? { ok: false, fault: `${field.label} is '${(wrong ?? '').slice(0, 24)}'; accepted: ${field.words!.join(', ')}.` }
    : { ok: true, value: found as string[] };
}

/** Text of a reading as it stands in its field: as printed where that is short, else formatted. */
export function readingText(field: EditField, reading: Reading | undefined): string {
  if (!reading || reading.value === undefined) return '';
  const { value } = reading;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (field.asText && (typeof value !== 'string' || field.asText.kind === 'feed')) return fieldText(field.asText, value);
  if (field.id === 'coilMarks')
    return (value as { volts: number; kind?: string; hertz?: number[] }[])
      .map(({ volts, kind, hertz }) => `${volts}\u2009V ${hertz?.length ? `${hertz.join('/')}\u2009Hz` : (kind ?? '').toUpperCase()}`)
      .join(', ');
  if (Array.isArray(value) && typeof value[0] === 'object') return rowsText(field, value as Record<string, unknown>[]);
  if (field.kind === 'range' && Array.isArray(value))
    return `${value.map((entry) => formatQuantity(Number(entry), '')).join(' to ')}${field.unit ? `\u2009${field.unit}` : ''}`;
  if (Array.isArray(value) && typeof value[0] === 'string') return value.join(', ');
  if (Array.isArray(value))
    return (
      value.map((entry) => (typeof entry === 'number' ? formatQuantity(entry, '') : String(entry))).join('/') +
      (field.unit && field.kind !== 'volts' ? `\u2009${field.unit}` : '')
    );
  if (typeof value === 'number') return formatQuantity(value, field.id === 'kilowatts' ? 'kW' : field.unit);
  return field.kind === 'volts' ? `${String(value)}\u2009V` : String(value);
}

/** Units that fields of the case are held in though they are no base units. */
const scaledUnits: readonly string[] = ['mA', 'ms', 'us'];

export type Edited = { ok: true; value: ReadingValue } | { ok: false; fault: string };

/** Reads what was typed into a field: whole or not at all. */
export function readEdited(field: EditField, text: string): Edited {
  const clean = text.trim().replace(/\u2009/g, ' ');
  const outside = (value: number) => !(value >= (field.min ?? 0) && value <= field.max && (value > 0 || field.min !== undefined));
  const range = (value: number): Edited =>
    outside(value)
      ? {
          ok: false,
          fault: `${field.label} is ${formatQuantity(value, field.unit)}; ${field.min !== undefined ? `${field.min}` : 'above 0'} to ${formatQuantity(field.max, field.unit)} is accepted. Read it again.`,
        }
      : field.unit === 'count' && field.max <= 1000 && !Number.isInteger(value)
        ? { ok: false, fault: `${field.label} is ${value}; a whole number is needed.` }
        : { ok: true, value };
  if (field.asText) {
    const given = readFieldText(field.asText, clean);
    return given.ok ? { ok: true, value: given.value as ReadingValue } : given;
  }
  if (field.id === 'coilMarks') {
    const marks = [...clean.matchAll(/(\d+(?:\.\d+)?)\s*V?\s*(AC|DC)?\s*(?:(\d+(?:\/\d+)?)\s*Hz)?/gi)].map(([, volts, kind, hertz]) => ({
      volts: Number(volts),
      kind: kind?.toLowerCase() ?? (hertz ? 'ac' : null),
      hertz: hertz ? hertz.split('/').map(Number) : [],
    }));
    return marks.length > 0 && marks.every(({ volts }) => volts > 0 && volts <= 690)
      ? { ok: true, value: marks }
      : { ok: false, fault: 'Coil marks are written such as 110 V 50 Hz, 120 V 60 Hz; up to 690 V.' };
  }
  if (field.rowFields) return readRows(field, clean);
  if (field.kind === 'text' && field.words) return readWords(field, clean);
  if (field.kind === 'text' || (field.kind === 'word' && !field.words)) return { ok: true, value: clean.slice(0, 120) };
  if (field.kind === 'word' || field.kind === 'letter') {
    const word = field.words?.find((one) => one.toLowerCase() === clean.toLowerCase());
    return word === undefined
      ? {
          ok: false,
          fault: `${field.label} is '${clean.slice(0, 24)}'; accepted: ${field.words?.slice(0, 24).join(', ')}.`,
        }
      : { ok: true, value: word };
  }
  if (field.kind === 'range') {
    const ends = /^(.*?\d.*?)\s*(?:-|–|to|\/|\.{2,3})\s*(\d.*)$/i.exec(clean);
    const [low, high] = (ends?.slice(1) ?? []).map((end) => readQuantity(end, field.unit, field.label));
    if (!low || !high) return { ok: false, fault: `${field.label} has two ends, such as 12 to 18.` };
    if (!low.ok) return low;
    if (!high.ok) return high;
    return outside(low.value) || outside(high.value) || low.value >= high.value
      ? { ok: false, fault: `${field.label} is outside what is possible. Read it again.` }
      : { ok: true, value: [low.value, high.value] };
  }
  if (field.kind === 'volts' && /^\d+(\.\d+)?([/-]\d+(\.\d+)?)+\s*V?$/i.test(clean))
    return { ok: true, value: clean.replace(/\s*V$/i, '') };
  if (
    (field.kind === 'numbers' || (field.kind === 'hertz' && field.id === 'coilHertz')) &&
    (clean.includes('/') || field.id === 'coilHertz')
  ) {
    const parts = clean
      .replace(/\s*(A|Hz)$/i, '')
      .split('/')
      .map((part) => readQuantity(part, field.unit, field.label));
    const bad = parts.find((part) => !part.ok);
    if (bad && !bad.ok) return { ok: false, fault: bad.fault };
    const values = parts.map((part) => (part as { value: number }).value);
    return values.some(outside)
      ? { ok: false, fault: `${field.label} is outside what is possible. Read it again.` }
      : { ok: true, value: values };
  }
  if (field.id === 'kilowatts' || scaledUnits.includes(field.unit)) {
    const own = field.id === 'kilowatts' ? 'kW' : field.unit;
    const read = readQuantity(clean.replace(new RegExp(`\\s*${own}$`, 'i'), ''), 'count', field.label);
    return read.ok ? range(read.value) : read;
  }
  const read = readQuantity(clean, field.unit === ('K' as Unit) ? '' : field.unit, field.label);
  return read.ok ? range(read.value) : read;
}
