/**
 * Need lines that the control circuit sets: volts, kind, frequency, volts left while pulling in, power, driver current.
 * Limits: 85 to 110 % of the marked volts, at the lower and the upper mark (IEC 60947-4-1, from memory), unless the duty says otherwise.
 * A mark that differs from the nominal volts but still operates is a check: the same coil is the safe choice.
 */
import { numberMark } from '../case/case';
import type { CoilSupply } from '../needs/need';
import type { CoilFigure, Need } from './figures';
import { formatQuantity as q } from '../quantities/format-quantity';
import { coilLimits } from '../standards/contactor-limits';
import type { SourceId } from '../standards/source';
import type { NeedContext } from '../families/contract';

/** Key of the coil layout for this control supply. */
export function coilSupplyOf({ supply }: NeedContext): CoilSupply {
  if (supply.controlKind === 'dc') return 'dc';
  const hertz = numberMark(supply, 'controlHertz') ?? numberMark(supply, 'hertz');
  return hertz === 50 ? 'ac50' : hertz === 60 ? 'ac60' : 'ac';
}

const coilLine = (
  need: Omit<Need, 'group' | 'severity' | 'safety' | 'ways'> & Partial<Pick<Need, 'severity' | 'safety'>>,
  way: Need['ways'][0],
): Need => ({
  group: 'coil',
  severity: 'must',
  safety: false,
  ...need,
  ways: [way],
});

/** Where a coil must work: its layout, and the shares of the mark. A contactor's coil unless said otherwise. */
export type CoilDuty = { which: 'operating' | 'tripping' | 'closing'; pickUp: number; highest: number; words: string; source: SourceId };
const contactorCoil: CoilDuty = {
  which: 'operating',
  pickUp: coilLimits.pickUp,
  highest: coilLimits.highest,
  words: 'a coil',
  source: 'coilLimits',
};
const bandWords = ({ pickUp, highest }: CoilDuty) => `${Math.round(pickUp * 100)} to ${Math.round(highest * 100)} %`;

function voltsNeeds(context: NeedContext, duty: CoilDuty): Need[] {
  const { supply } = context;
  const nominal = numberMark(supply, 'controlVolts');
  if (nominal === undefined || (nominal === null && supply.controlKind === null)) return [];
  const key = coilSupplyOf(context);
  // Left out it is the nominal alone; worn it is not known how far the supply swings.
  const or = (mark: number | null | undefined) => (mark === undefined ? nominal : mark);
  const low = or(numberMark(supply, 'controlVoltsMin'));
  const high = or(numberMark(supply, 'controlVoltsMax'));
  const swing = nominal === null || low === null || high === null ? null : low === high ? nominal : [low, high];
  const inputs = ['supply.controlVolts', 'supply.controlVoltsMin', 'supply.controlVoltsMax'];
  const seen = (edge: number | null) => (edge === null ? 'a worn figure' : q(edge, 'V'));
  return [
    coilLine(
      {
        id: 'coil-volts',
        safety: true,
        inputs,
        source: duty.source,
        brief: `${bandWords(duty)} of the mark`,
        because:
          nominal === null
            ? 'Control volts are not known.'
            : `Control supply ${q(nominal, 'V')}${swing !== nominal ? `, seen from ${seen(low)} to ${seen(high)}` : ''}; ${duty.words} works from ${bandWords(duty)} of its mark.`,
      },
      {
        quantity: 'coilVolts',
        unit: 'V',
        relation: 'includes',
        figure: { kind: 'coil-bands', which: duty.which, supply: key },
        limit: swing,
      },
    ),
    coilLine(
      {
        id: 'coil-mark',
        severity: 'should',
        inputs,
        source: 'commonPractice',
        brief: 'same mark',
        because:
          nominal === null
            ? 'Control volts are not known.'
            : `The mark should be the nominal ${q(nominal, 'V')}, within 5 %: the coil then keeps its whole band.`,
      },
      {
        quantity: 'coilMark',
        unit: 'V',
        relation: 'includes',
        figure: { kind: 'coil-bands', which: 'marked', supply: key },
        limit: nominal,
      },
    ),
  ];
}

function kindNeeds({ supply }: NeedContext): Need[] {
  const needs: Need[] = [];
  const kind = supply.controlKind;
  if (kind === 'ac' || kind === 'dc' || (kind === null && supply.controlVolts !== null && supply.controlVolts !== undefined))
    needs.push(
      coilLine(
        {
          id: 'coil-kind',
          safety: true,
          inputs: ['supply.controlKind'],
          source: 'commonPractice',
          brief: '',
          because:
            kind === 'ac'
              ? 'An AC supply: a DC coil on it does not pull in, or chatters.'
              : kind === 'dc'
                ? 'A DC supply: an AC coil on it is held back by its resistance alone and burns.'
                : 'Whether the control supply is AC or DC is not known.',
        },
        {
          quantity: 'coilKind',
          unit: '',
          relation: 'includes',
          figure: { kind: 'field', name: 'coilKinds' },
          limit: kind,
        },
      ),
    );
  const hertz = numberMark(supply, 'controlHertz');
  if (kind === 'ac' && hertz !== undefined)
    needs.push(
      coilLine(
        {
          id: 'coil-hertz',
          inputs: ['supply.controlHertz'],
          source: 'coilLimits',
          brief: '',
          because:
            hertz === 50
              ? 'A coil for 60 Hz only draws at least 20 % more on 50 Hz at the same volts and overheats.'
              : 'A coil for 50 Hz only pulls with about two thirds of its force on 60 Hz at the same volts.',
        },
        {
          quantity: 'coilHertz',
          unit: 'Hz',
          relation: 'includes',
          figure: { kind: 'field', name: 'coilHertzAc' },
          limit: hertz,
        },
      ),
    );
  return needs;
}

/** What is left at the coil while it pulls in, where the run to it takes its share. */
function pickUpNeed({ supply }: NeedContext, duty: CoilDuty, key: CoilSupply): Need[] {
  const given = numberMark(supply, 'controlVoltsMin');
  const lowest = given === undefined ? numberMark(supply, 'controlVolts') : given;
  const ohms = numberMark(supply, 'controlLoopOhms');
  if (ohms === undefined || ohms === 0 || lowest === undefined) return [];
  return [
    coilLine(
      {
        id: 'coil-pick-up',
        inputs: ['supply.controlLoopOhms', 'supply.controlVolts', 'supply.controlVoltsMin'],
        source: duty.source,
        brief: ohms === null ? 'run not known' : `${q(ohms, 'ohm')} of run`,
        because: `While it pulls in, ${ohms === null ? 'the run' : q(ohms, 'ohm')} takes its share of ${lowest === null ? 'volts that are not known' : q(lowest, 'V')}; at least ${Math.round(duty.pickUp * 100)} % of the mark must be left.`,
      },
      {
        quantity: 'coilPickUpRatio',
        unit: 'ratio',
        relation: '>=',
        limit: ohms === null || lowest === null ? null : duty.pickUp,
        figure: { kind: 'coil-pull-in', what: 'ratio', supply: key, volts: lowest ?? 0, loopOhms: ohms ?? 0 },
      },
    ),
  ];
}

/** What feeds the coil, against what it draws while pulling in and for good. */
function sourceNeeds({ supply }: NeedContext, key: CoilSupply): Need[] {
  const power = (
    id: string,
    quantity: string,
    name: CoilFigure,
    mark: 'controlTransformerVA' | 'supplyVA' | 'controlTransformerInrushVA',
    because: string,
  ): Need[] => {
    const limit = numberMark(supply, mark);
    if (limit === undefined) return [];
    const words = limit === null ? `${because} Its capability is not known.` : `${because} It can give ${q(limit, 'VA')}.`;
    return [
      coilLine(
        { id, inputs: [`supply.${mark}`], source: 'commonPractice', brief: '', because: words },
        { quantity, unit: 'VA', relation: '<=', figure: { kind: 'field', name }, limit },
      ),
    ];
  };
  if (key === 'dc') return power('coil-sealed', 'coilSealedVA', 'coilPullInWattsDc', 'supplyVA', 'The control source must feed the coil.');
  const inrush = 'The control transformer must give the inrush and keep its volts.';
  return [
    ...power('coil-inrush', 'coilInrushVA', 'coilInrushVA', 'controlTransformerInrushVA', inrush),
    ...power('coil-inrush-source', 'coilInrushVA', 'coilInrushVA', 'supplyVA', 'The control source must give the inrush.'),
    ...power('coil-sealed', 'coilSealedVA', 'coilSealedVA', 'controlTransformerVA', 'The control transformer must hold the coil for good.'),
  ];
}

/** What an electronic output that drives the coil can give. */
function driverNeed({ supply }: NeedContext, key: CoilSupply): Need[] {
  const driver = numberMark(supply, 'driverMaxAmps');
  if (driver === undefined) return [];
  const volts = numberMark(supply, 'controlVolts') ?? 0;
  return [
    coilLine(
      {
        id: 'driver',
        inputs: ['supply.driverMaxAmps'],
        source: 'commonPractice',
        brief: 'driving output',
        because: `The output that drives the coil can give ${driver === null ? 'an unknown current' : q(driver, 'A')}.`,
      },
      {
        quantity: 'coilAmps',
        unit: 'A',
        relation: '<=',
        limit: driver,
        figure: { kind: 'coil-pull-in', what: 'amps', supply: key, volts, loopOhms: 0 },
      },
    ),
  ];
}

function powerNeeds(context: NeedContext, duty: CoilDuty): Need[] {
  const key = coilSupplyOf(context);
  return [...pickUpNeed(context, duty, key), ...sourceNeeds(context, key), ...driverNeed(context, key)];
}

/** All lines of the coil, in the order shown. */
export const coilNeeds = (context: NeedContext, duty: CoilDuty = contactorCoil): Need[] => [
  ...voltsNeeds(context, duty),
  ...kindNeeds(context),
  ...powerNeeds(context, duty),
];
