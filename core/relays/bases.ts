/**
 * Bases of plug-in relays and timers: which pin is what, and where it stands when one looks at the wiring side of the socket.
 * Pin numbers are common practice of the trade, from memory; makers differ, so the diagram on the part has the last word.
 */
import { certain } from '../certain';
export type ContactSet = { common: string; normallyClosed: string; normallyOpen: string };
export type Base = {
  id: string;
  title: string;
  arrangement: 'circle' | 'blades' | 'rail';
  /** Every pin or terminal in drawing order: round the circle from the key, row by row for blades. */
  pins: readonly string[];
  coil: readonly [string, string];
  contacts: readonly ContactSet[];
  /** Timers on the same base: fewer contacts, pins of the control signal. */
  timer?: { contacts: readonly ContactSet[]; signal: readonly string[] };
};

const set = (common: number | string, normallyClosed: number | string, normallyOpen: number | string): ContactSet => ({
  common: String(common),
  normallyClosed: String(normallyClosed),
  normallyOpen: String(normallyOpen),
});
const numbers = (count: number) => Array.from({ length: count }, (_, i) => String(i + 1));
/** Terminal marks of rail-mounted relays: tens for the pole, 1 common, 2 break, 4 make. IEC 60947-1 marking, from memory. */
const railSets = [1, 2, 3, 4].map((pole) => set(`${pole}1`, `${pole}2`, `${pole}4`));
const eleven = [set(1, 4, 3), set(6, 5, 7), set(11, 8, 9)];

const rail = (id: string, title: string): Base => ({
  id,
  title,
  arrangement: 'rail',
  pins: ['A1', 'A2', ...railSets.flatMap(({ common, normallyClosed, normallyOpen }) => [common, normallyClosed, normallyOpen])],
  coil: ['A1', 'A2'],
  contacts: railSets,
  timer: { contacts: railSets, signal: ['B1'] },
});

export const bases: readonly Base[] = [
  {
    id: 'octal-8',
    title: '8-pin octal',
    arrangement: 'circle',
    pins: numbers(8),
    coil: ['2', '7'],
    contacts: [set(1, 4, 3), set(8, 5, 6)],
    timer: { contacts: [set(1, 4, 3), set(8, 5, 6)], signal: [] },
  },
  {
    id: '11-pin',
    title: '11-pin',
    arrangement: 'circle',
    pins: numbers(11),
    coil: ['2', '10'],
    contacts: eleven,
    timer: { contacts: [certain(eleven[0]), certain(eleven[2])], signal: ['5', '6', '7'] },
  },
  {
    id: '5-blade',
    title: '5-blade',
    arrangement: 'blades',
    pins: ['1', '5', '9', '13', '14'],
    coil: ['13', '14'],
    contacts: [set(9, 1, 5)],
  },
  {
    id: '8-blade',
    title: '8-blade',
    arrangement: 'blades',
    pins: ['1', '4', '5', '8', '9', '12', '13', '14'],
    coil: ['13', '14'],
    contacts: [set(9, 1, 5), set(12, 4, 8)],
    timer: { contacts: [set(9, 1, 5), set(12, 4, 8)], signal: [] },
  },
  {
    id: '11-blade',
    title: '11-blade',
    arrangement: 'blades',
    pins: [...numbers(9), 'A', 'B'],
    coil: ['A', 'B'],
    contacts: [set(7, 1, 4), set(8, 2, 5), set(9, 3, 6)],
  },
  {
    id: '14-blade',
    title: '14-blade',
    arrangement: 'blades',
    pins: numbers(14),
    coil: ['13', '14'],
    contacts: [set(9, 1, 5), set(10, 2, 6), set(11, 3, 7), set(12, 4, 8)],
    timer: { contacts: [set(9, 1, 5), set(10, 2, 6), set(11, 3, 7), set(12, 4, 8)], signal: [] },
  },
  rail('din-rail', 'DIN rail terminals'),
  rail('panel', 'Panel terminals'),
];

/** The base with this id; undefined for one whose pins are not known here (solder, pcb). */
export const baseOf = (id: unknown): Base | undefined => bases.find((base) => base.id === id);

/** What a pin of a base does. */
export type PinUse = { pin: string; use: 'coil' | 'common' | 'break' | 'make' | 'signal' | 'free'; pole?: number };

/** Uses of every pin of a base, of a relay or a timer, in drawing order. */
export function pinUses(base: Base, timer: boolean): PinUse[] {
  const contacts = timer ? (base.timer?.contacts ?? base.contacts) : base.contacts;
  const signal = timer ? (base.timer?.signal ?? []) : [];
  return base.pins.map((pin): PinUse => {
    if (base.coil.includes(pin)) return { pin, use: 'coil' };
    if (signal.includes(pin)) return { pin, use: 'signal' };
    for (const [i, { common, normallyClosed, normallyOpen }] of contacts.entries()) {
      if (pin === common) return { pin, use: 'common', pole: i + 1 };
      if (pin === normallyClosed) return { pin, use: 'break', pole: i + 1 };
      if (pin === normallyOpen) return { pin, use: 'make', pole: i + 1 };
    }
    return { pin, use: 'free' };
  });
}

/** Seen from below the relay, where its pins are, or into the socket, where everything is mirrored. */
export type BaseView = 'plug' | 'socket';
export type PinPlace = { pin: string; x: number; y: number };

/** Where each pin stands, 0 to 1 from left and top. Round bases are counted with the clock from the key, seen from below the relay. */
export function pinPlaces(base: Base, view: BaseView): PinPlace[] {
  const { pins } = base;
  const mirrored = ({ pin, x, y }: PinPlace): PinPlace => ({ pin, x: view === 'socket' ? 1 - x : x, y });
  if (base.arrangement === 'circle')
    return pins
      .map((pin, i) => {
        const angle = Math.PI / 2 + ((i + 0.5) / pins.length) * 2 * Math.PI;
        return { pin, x: 0.5 + 0.4 * Math.cos(angle), y: 0.5 + 0.4 * Math.sin(angle) };
      })
      .map(mirrored);
  const across = Math.ceil(pins.length / 2);
  // Terminals are read from the front: there is no underside.
  if (base.arrangement === 'rail') return pins.map((pin, i) => ({ pin, x: ((i % across) + 0.5) / across, y: i < across ? 0.15 : 0.85 }));
  const rows = [
    base.contacts.map((one) => one.normallyClosed),
    base.contacts.map((one) => one.normallyOpen),
    base.contacts.map((one) => one.common),
    [...base.coil],
  ];
  return rows.flatMap((row, y) => row.map((pin, i) => ({ pin, x: (i + 0.5) / row.length, y: (y + 0.5) / rows.length }))).map(mirrored);
}
