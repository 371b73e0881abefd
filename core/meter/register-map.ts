/**
 * Where does a panel meter keep its figures? A register map: for each quantity the table, address, form and factor. Pure: registers in,
 * figures out. Forms: 16- and 32-bit whole numbers and 32-bit floating point (IEEE 754), high word first unless said otherwise.
 */
import { certain, entriesOf } from '../certain';
export const meterQuantities = ['u12', 'u23', 'u31', 'u1', 'u2', 'u3', 'i1', 'i2', 'i3', 'hertz'] as const;
export type MeterQuantity = (typeof meterQuantities)[number];
export const quantityWords: Record<MeterQuantity, [label: string, unit: 'V' | 'A' | 'Hz']> = {
  u12: ['L1-L2', 'V'],
  u23: ['L2-L3', 'V'],
  u31: ['L3-L1', 'V'],
  u1: ['L1-N', 'V'],
  u2: ['L2-N', 'V'],
  u3: ['L3-N', 'V'],
  i1: ['L1', 'A'],
  i2: ['L2', 'A'],
  i3: ['L3', 'A'],
  hertz: ['Frequency', 'Hz'],
};
export const registerForms = ['float32', 'uint16', 'int16', 'uint32', 'int32'] as const;
export type RegisterForm = (typeof registerForms)[number];
export type RegisterEntry = {
  table: 'input' | 'holding';
  /** Counted from 0, as it goes over the wire. */
  address: number;
  form: RegisterForm;
  /** Figure = register x factor. */
  factor: number;
  lowWordFirst?: boolean;
};
export type RegisterMap = Partial<Record<MeterQuantity, RegisterEntry>>;
export type MeterReading = Partial<Record<MeterQuantity, number>>;

/** Registers that an entry takes. */
export const widthOf = (form: RegisterForm): 1 | 2 => (form.endsWith('16') ? 1 : 2);

/** The map of the stand-in meter, and of many a real one: input registers from 0, floating point. */
export const standInMap: RegisterMap = Object.fromEntries(
  meterQuantities.map((name, i) => [name, { table: 'input', address: 2 * i, form: 'float32', factor: 1 }]),
);

const LAST_ADDRESS = 65535;
/** What is wrong with a map in words, or undefined. */
export function mapFault(map: RegisterMap): string | undefined {
  const entries = entriesOf(map);
  if (entries.length === 0) return 'The register map is empty: enter at least three volts.';
  for (const [name, { table, address, form, factor }] of entries) {
    const label = quantityWords[name]?.[0];
    if (!label) return `'${name}' is no quantity of a meter.`;
    if (table !== 'input' && table !== 'holding') return `${label}: input or holding registers.`;
    if (!registerForms.includes(form)) return `${label}: the form is one of ${registerForms.join(', ')}.`;
    if (!Number.isInteger(address) || address < 0 || address + widthOf(form) - 1 > LAST_ADDRESS)
      return `${label}: the address is 0 to ${LAST_ADDRESS}.`;
    if (!Number.isFinite(factor) || factor === 0) return `${label}: the factor is a figure other than 0.`;
  }
  return undefined;
}

/** A figure from its registers. Throws RangeError where there are too few. */
export function decode(
  registers: readonly number[],
  { form, factor, lowWordFirst }: Pick<RegisterEntry, 'form' | 'factor' | 'lowWordFirst'>,
): number {
  const width = widthOf(form);
  if (registers.length < width) throw new RangeError('Too few registers.');
  const view = new DataView(new ArrayBuffer(4));
  const [first, second] =
    width === 2 && lowWordFirst ? [certain(registers[1]), certain(registers[0])] : [certain(registers[0]), registers[1] ?? 0];
  view.setUint16(0, first);
  view.setUint16(2, second);
  const raw = {
    float32: () => view.getFloat32(0),
    uint16: () => view.getUint16(0),
    int16: () => view.getInt16(0),
    uint32: () => view.getUint32(0),
    int32: () => view.getInt32(0),
  }[form]();
  return raw * factor;
}

export type Block = { table: RegisterEntry['table']; start: number; count: number };
/** A request reads at most this many registers (Modbus application protocol, from memory). */
const MAX_REGISTERS = 120;
const NEAR = 8;

/** Requests that read the whole map: registers that lie near each other are read at once. */
export function blocksOf(map: RegisterMap): Block[] {
  const spans = Object.values(map)
    .map(({ table, address, form }) => ({ table, start: address, end: address + widthOf(form) }))
    .sort((a, b) => (a.table < b.table ? -1 : a.table > b.table ? 1 : a.start - b.start));
  const out: Block[] = [];
  for (const { table, start, end } of spans) {
    const last = out.at(-1);
    if (last && last.table === table && start <= last.start + last.count + NEAR && end - last.start <= MAX_REGISTERS)
      last.count = Math.max(last.count, end - last.start);
    else out.push({ table, start, count: end - start });
  }
  return out;
}

/** Line volts of a reading and their unbalance, % by deviation from the mean; undefined where they are not all there. */
export function lineVolts({ u12, u23, u31 }: MeterReading): [number, number, number] | undefined {
  return u12 !== undefined && u23 !== undefined && u31 !== undefined ? [u12, u23, u31] : undefined;
}
