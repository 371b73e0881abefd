/**
 * What do supply and circuit ask: volts, every live conductor through it, amps, and an overcurrent part in it or before it?
 * A device without overcurrent part is bounded by the one before it; one with such a part is judged as a breaker is.
 * Sources: IEC 61008-1 and 61009-1, BS 7671 536.4, NFPA 70 110.9; from memory.
 */
import { numberMark } from '../../case/case';
import { field, listLine, needLine, wordLine } from '../../needs/line';
import type { Need } from './figures';
import { formatQuantity as q } from '../../quantities/format-quantity';
import type { NeedContext } from '../contract';
import { inrushNeeds, minFaultNeeds } from '../../overcurrent/breaker-circuit';
import { acInterrupting } from '../../overcurrent/breaker-supply';
import { carryNeeds } from '../../overcurrent/load-current';
import { circuitRatingNeed, conductorNeed, plateNeeds } from '../../overcurrent/maximum-rating';

const safety = { group: 'safety' as const, safety: true };
const withoutPart = { name: 'overcurrentMark', word: 'with' } as const;
const withPart = { name: 'overcurrentMark', word: 'without' } as const;

/** Live conductors that pass through it, the neutral counted; undefined where nothing tells. */
export function liveConductors({ load, supply, practice }: NeedContext): { count: number | null; words: string } | undefined {
  const asked = numberMark(load, 'polesToSwitch');
  if (asked !== undefined)
    return { count: asked, words: asked === null ? 'How many poles are needed is not known.' : `${asked} conductors are switched here.` };
  // A North American breaker takes the neutral by a lead of its own, not by a pole.
  if (practice === 'NFPA70') return undefined;
  const phases = numberMark(supply, 'phases');
  const wires = numberMark(supply, 'wires');
  const neutral = 'Every live conductor, the neutral too, goes and returns through the same device.';
  if (wires === null || phases === null) return { count: null, words: 'How many conductors the supply has is not known.' };
  if (phases === 1) return { count: 2, words: neutral };
  if (phases !== 3) return undefined;
  if (load.kind === 'motor-3ph' && wires !== 3) return { count: 3, words: 'Three line conductors of a motor without neutral.' };
  return typeof wires === 'number' ? { count: Math.min(4, wires), words: neutral } : undefined;
}

function supplyNeeds(context: NeedContext): Need[] {
  const { supply } = context;
  const needs: Need[] = [];
  if (supply.currentKind === 'dc')
    needs.push(
      listLine({
        ...safety,
        id: 'current-kind',
        quantity: 'currentKind',
        figure: field('currentKinds'),
        limit: 'dc',
        because: 'The system is DC: these devices sense through a transformer and break an alternating current.',
        source: 'residualTypes',
        inputs: ['supply.currentKind'],
      }),
    );
  const system = numberMark(supply, 'systemVolts');
  if (system !== undefined)
    needs.push(
      needLine({
        ...safety,
        id: 'volts',
        quantity: 'ratedVolts',
        unit: 'V',
        limit: system,
        because:
          system === null ? 'The system’s volts are not known.' : `The system has ${q(system, 'V')} between the conductors switched.`,
        source: 'ratedVolts',
        inputs: ['supply.systemVolts'],
      }),
    );
  const live = liveConductors(context);
  if (live) {
    const base = {
      unit: 'count',
      figure: field('poles'),
      limit: live.count,
      because: live.words,
      inputs: ['load.polesToSwitch', 'supply.wires'],
    };
    needs.push(needLine({ ...base, ...safety, id: 'poles', quantity: 'poles', source: 'residualTimes' }));
    if (typeof live.count === 'number' && context.practice === 'IEC')
      needs.push(
        needLine({
          ...base,
          id: 'test-circuit',
          group: 'fit',
          severity: 'should',
          quantity: 'testCircuitPoles',
          relation: '<=',
          because: `${live.words} Where a pole stays empty the test circuit may be dead: see between which poles its button works.`,
          source: 'commonPractice',
        }),
      );
  }
  return needs;
}

/** Without overcurrent part it is bounded by the device upstream. IEC practice. */
function upstreamNeeds({ supply, practice }: NeedContext): Need[] {
  if (practice !== 'IEC') return [];
  const needs: Need[] = [];
  const upstream = numberMark(supply, 'upstreamOvercurrentAmps');
  if (upstream !== undefined)
    needs.push(
      needLine({
        id: 'upstream',
        quantity: 'ratedAmpsUpstream',
        figure: field('ratedAmps'),
        notApplicableWhen: withoutPart,
        limit: upstream,
        safety: true,
        because:
          upstream === null
            ? 'Without overcurrent part it needs a device upstream; that one is not known.'
            : `Without overcurrent part it is bounded by the ${q(upstream, 'A')} device upstream and must carry as much.`,
        brief: 'device upstream',
        source: 'residualOvercurrent',
        inputs: ['supply.upstreamOvercurrentAmps'],
      }),
    );
  const fault = numberMark(supply, 'prospectiveFaultAmps');
  if (fault !== undefined)
    needs.push(
      needLine({
        ...safety,
        id: 'conditional-rating',
        quantity: 'conditionalShortCircuitAmps',
        figure: field('conditionalShortCircuitAmps', null),
        notApplicableWhen: withoutPart,
        limit: fault,
        because: `${fault === null ? 'The prospective fault current is not known.' : `Up to ${q(fault, 'A')} may flow here.`} It stands that only with the device upstream that its maker names.`,
        brief: 'with the named device',
        source: 'residualOvercurrent',
        inputs: ['supply.prospectiveFaultAmps'],
      }),
    );
  return needs;
}

function overcurrentNeeds(context: NeedContext): Need[] {
  const { load, practice } = context;
  const needs: Need[] = [];
  if (load.overcurrentNeededHere === true || load.overcurrentNeededHere === null)
    needs.push(
      wordLine({
        ...safety,
        id: 'overcurrent-part',
        quantity: 'overcurrentPart',
        limit: load.overcurrentNeededHere === null ? null : ['with'],
        because:
          load.overcurrentNeededHere === null
            ? 'Whether another device protects this circuit from overcurrent is not known.'
            : 'No other device protects this circuit from overcurrent; a residual-current device without such a part lets an overload pass.',
        source: 'residualOvercurrent',
        inputs: ['load.overcurrentNeededHere'],
      }),
    );
  const asBreaker = [
    ...conductorNeed(context, 'breaker'),
    ...plateNeeds(context, 'breaker').filter(({ id }) => id !== 'device-kind' && id !== 'mark-HACR'),
    ...acInterrupting(context),
    ...inrushNeeds(context),
    ...minFaultNeeds(context),
  ];
  // In IEC practice a device without overcurrent part may be rated above the circuit; NFPA 70 bounds whatever stands in it.
  const circuit = circuitRatingNeed(context, 'breaker').map((need) => ({
    ...need,
    ways: [{ ...need.ways[0], figure: field('ratedAmps') }] as const,
    ...(practice === 'IEC' ? { notApplicableWhen: withPart } : {}),
  }));
  return [
    ...needs,
    ...upstreamNeeds(context),
    ...circuit,
    ...asBreaker.map((need) => ({ ...need, notApplicableWhen: need.notApplicableWhen ?? withPart })),
  ];
}

/** All lines of the place, in the order shown. */
export const placeNeeds = (context: NeedContext): Need[] => [
  ...supplyNeeds(context),
  ...carryNeeds(context, 'ratedAmps'),
  ...overcurrentNeeds(context),
];
