/**
 * When no relay carries a load, a relay drives a contactor that does. Both needs are worked out: the contactor’s for the load, the
 * relay’s for the contactor’s coil, whose figures are not known before it is chosen. Source: common practice.
 */
import type { FieldValues } from '../case/case';
import type { Need } from '../needs/need';
import type { NeedContext } from '../families/contract';
import { contactors } from '../families/contactors';
import { contactNeeds, switchedOf, type Switched } from '../relays/contact-needs';

export type RelayAndContactor = {
  /** Which contact, in words. */
  contact: string;
  contactor: readonly Need[];
  relay: readonly Need[];
};

const controls = [
  'controlVolts',
  'controlVoltsMin',
  'controlVoltsMax',
  'controlKind',
  'controlHertz',
  'controlLoopOhms',
  'ambientC',
  'prospectiveFaultAmps',
] as const;

/** The load of one contact as a load of a contactor; undefined where a contactor is no way out: signals and coils. */
function loadOf(one: Switched): FieldValues | undefined {
  switch (one.loadType) {
    case 'motor':
      return {
        kind: one.kind === 'dc' ? 'motor-dc' : 'motor-1ph',
        horsepower: one.horsepower,
        fullLoadAmps: one.amps,
        plateVolts: one.volts,
        control: 'two-wire',
      };
    case 'resistive':
    case 'general-use':
      return { kind: 'resistive-heater', resistiveAmps: one.amps };
    case 'tungsten':
      return { kind: 'filament-lamps', lampKind: 'filament', runningAmps: one.amps };
    case 'ballast':
      return { kind: 'discharge-lamps', lampKind: 'discharge with ballast', runningAmps: one.amps };
    case 'led':
      return { kind: 'led-drivers', lampKind: 'LED with driver', runningAmps: one.amps, inrushPeakAmps: one.inrushPeakAmps };
    default:
      return undefined;
  }
}

/** One way out for each contact that a contactor could take over; [] where there is none. */
export function relayDrivesContactor(context: NeedContext): RelayAndContactor[] {
  const { supply, practice } = context;
  const kind = supply.controlKind === 'dc' ? 'dc' : 'ac';
  return (switchedOf(context) ?? []).flatMap((one, i): RelayAndContactor[] => {
    const load = loadOf(one);
    if (!load) return [];
    const present = Object.fromEntries(Object.entries(load).filter(([, mark]) => mark !== undefined));
    const own: FieldValues = Object.fromEntries(controls.filter((name) => supply[name] !== undefined).map((name) => [name, supply[name]]));
    const forContactor: NeedContext = {
      ...context,
      supply: {
        ...own,
        systemVolts: one.volts,
        currentKind: one.kind,
        phases: 1,
        ...(one.kind === 'ac' && supply.hertz !== undefined ? { hertz: supply.hertz } : {}),
      },
      load: { ...present, polesToSwitch: 1 },
      duty: context.duty,
    };
    const coil = {
      ...(one.pole === undefined ? {} : { pole: one.pole }),
      loadType: practice === 'NFPA70' ? `pilot-duty-${kind}` : kind === 'dc' ? 'DC-13' : 'AC-15',
      kind,
      volts: supply.controlVolts ?? null,
      amps: null,
      ...(kind === 'ac' ? { inrushVA: null } : {}),
    };
    const forRelay: NeedContext = { ...context, load: { ...context.load, contacts: [coil] } };
    return [
      {
        contact: one.pole === undefined ? `contact ${i + 1}` : `pole ${one.pole}`,
        contactor: contactors.needs(forContactor),
        relay: contactNeeds(forRelay),
      },
    ];
  });
}
