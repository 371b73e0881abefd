/**
 * Which columns of a contactor's plate answer for which load? Every column that may be printed stands here: it answers by itself, it
 * is at best a check, or it answers for another kind of load and leaves the line not known.
 * On DC a category answers up to its own time constant. Sources: IEC 60947-4-1 and 60947-4-3 utilisation categories, IEC 61095, UL 508; from memory.
 */
import { numberMark, wordMark } from '../../case/case';
import type { lampKinds } from '../../fields/load-marks';
import { categoryTimeConstants } from '../../standards/contactor-limits';
import type { NeedContext } from '../contract';

export type Columns = {
  /** Held against the load. */
  sure: readonly string[];
  /** Of a harder duty: holds where it is enough, says nothing where it is not. */
  harder?: readonly string[];
  /** A rating of another kind of load that may serve: a check at best. */
  atBestCheck?: readonly string[];
  /** Printed for a kind of load that this is not, though near it: not known. */
  otherKind?: readonly string[];
};

const motorKin = ['ac2Amps', 'ac8aAmps', 'ac8bAmps', 'ac53bAmps'];
const motor: Columns = {
  sure: ['fullLoadAmps', 'ac3Amps', 'ac3eAmps', 'ac53aAmps'],
  harder: ['ac4Amps'],
  otherKind: [...motorKin, 'ac7bAmps'],
};
const filament: Columns = { sure: ['tungstenAmps', 'ac5bAmps', 'ac55bAmps'], otherKind: ['ballastAmps', 'ac5aAmps', 'ac55aAmps'] };
const discharge: Columns = {
  sure: ['ballastAmps', 'ac5aAmps', 'ac55aAmps'],
  otherKind: ['tungstenAmps', 'ac5bAmps', 'ac55bAmps', 'ac7cAmps'],
};
/** Drivers have their own inrush: a ballast figure is no more than a hint. */
const drivers: Columns = {
  sure: [],
  atBestCheck: ['ballastAmps', 'ac5aAmps', 'ac55aAmps', 'ac7cAmps'],
  otherKind: ['tungstenAmps', 'ac5bAmps', 'ac55bAmps'],
};
const otherMotors = ['fullLoadAmps', 'ac3Amps', 'ac3eAmps', 'ac4Amps', 'ac8bAmps', 'ac53aAmps'];

/** Columns on AC by kind of load; the best of those that a part carries counts. */
const onAc: Readonly<Record<string, Columns>> = {
  'motor-3ph': motor,
  // AC-7b is for motors of households: at best a check elsewhere.
  'motor-1ph': { ...motor, atBestCheck: ['ac7bAmps'], otherKind: motorKin },
  'motor-group': motor,
  'hermetic-compressor': {
    sure: ['fullLoadAmps', 'ac8bAmps', 'ac8aAmps', 'ac3Amps', 'ac3eAmps', 'ac53aAmps'],
    harder: ['ac4Amps'],
    otherKind: ['ac2Amps', 'ac7bAmps', 'ac53bAmps'],
  },
  'resistive-heater': {
    sure: ['resistiveAmps', 'ac1Amps', 'ac7aAmps', 'ac51Amps'],
    atBestCheck: ['continuousAmps'],
    otherKind: otherMotors,
  },
  'filament-lamps': filament,
  'discharge-lamps': discharge,
  'led-drivers': drivers,
  transformer: { sure: ['ac6aAmps', 'ac56aAmps'], otherKind: ['ac6bAmps', 'ac56bAmps'] },
  'capacitor-bank': { sure: ['ac6bAmps', 'ac56bAmps'], otherKind: ['ac6aAmps', 'ac56aAmps'] },
};
const byLamp: Record<(typeof lampKinds)[number], Columns> = {
  filament,
  'tungsten-halogen': filament,
  'fluorescent with ballast': discharge,
  'discharge with ballast': discharge,
  'LED with driver': drivers,
  'LED retrofit': drivers,
};
const generalAc: Columns = { sure: [], atBestCheck: ['ac1Amps', 'resistiveAmps'], otherKind: ['ac7aAmps', 'ac51Amps', ...otherMotors] };
/** Of a load that is not known nothing can be said. */
const nothing: Columns = {
  sure: [],
  otherKind: ['ac1Amps', 'resistiveAmps', ...otherMotors, 'tungstenAmps', 'ballastAmps', 'dc1Amps', 'dc3Amps', 'dc5Amps'],
};

const dcMotorCategories = ['dc1Amps', 'dc3Amps', 'dc5Amps'] as const;

/** A DC category answers for a load whose time constant it was tested with; a slower load asks the next one. */
function onDc(context: NeedContext): Columns {
  const { load } = context;
  const given = numberMark(load, 'timeConstantMilliseconds');
  const reaching = (milliseconds: number) => dcMotorCategories.filter((name) => categoryTimeConstants[name] >= milliseconds);
  const beyond = (milliseconds: number) => dcMotorCategories.filter((name) => categoryTimeConstants[name] < milliseconds);
  if (given === null) return { sure: [], otherKind: [...dcMotorCategories, 'dc6Amps'] };
  switch (load.kind) {
    case 'motor-dc': {
      const least = Math.max(given ?? 0, categoryTimeConstants.dc3Amps);
      return { sure: reaching(least), otherKind: [...beyond(least), 'dc6Amps'] };
    }
    case 'resistive-heater':
      return { sure: reaching(given ?? 0), otherKind: [...beyond(given ?? 0), 'dc6Amps'] };
    case 'filament-lamps':
      return { sure: ['dc6Amps'], otherKind: dcMotorCategories };
    default:
      return given === undefined
        ? { sure: [], atBestCheck: dcMotorCategories, otherKind: ['dc6Amps'] }
        : { sure: reaching(given), otherKind: [...beyond(given), 'dc6Amps'] };
  }
}

/** AC categories of a kind of load each: printed for another kind than this one, they leave the line not known instead of without a rating. */
const acCategories = [
  ...['ac2Amps', 'ac4Amps', 'ac5aAmps', 'ac5bAmps', 'ac6aAmps', 'ac6bAmps', 'ac7aAmps', 'ac7bAmps', 'ac8aAmps', 'ac8bAmps'],
  ...['ac53aAmps', 'ac53bAmps', 'ac55aAmps', 'ac55bAmps', 'ac56aAmps', 'ac56bAmps'],
];

function withEveryCategory(columns: Columns): Columns {
  const { sure, harder = [], atBestCheck = [], otherKind = [] } = columns;
  const read = new Set([...sure, ...harder, ...atBestCheck, ...otherKind]);
  return { ...columns, otherKind: [...otherKind, ...acCategories.filter((name) => !read.has(name))] };
}

/** Returns the columns that are read for this load, in the order in which they count. */
export function columnsFor(context: NeedContext): Columns {
  return context.supply.currentKind === 'dc' ? onDc(context) : withEveryCategory(columnsOnAc(context));
}

function columnsOnAc(context: NeedContext): Columns {
  const { load } = context;
  if (load.kind === null) return nothing;
  const lamp = wordMark(load, 'lampKind');
  if (load.kind !== 'filament-lamps' && load.kind !== 'discharge-lamps') {
    if (lamp === null) return { ...nothing, sure: [] };
    if (lamp) return byLamp[lamp as keyof typeof byLamp] ?? generalAc;
  }
  if (load.starterRole === 'bypass') return { ...motor, atBestCheck: ['ac1Amps'] };
  if (load.starter === 'rotor-resistance')
    return { ...motor, sure: ['ac2Amps', ...motor.sure], otherKind: ['ac8aAmps', 'ac8bAmps', 'ac53bAmps'] };
  return onAc[String(load.kind)] ?? generalAc;
}
