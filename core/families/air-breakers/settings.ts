/** Settings of the trip unit for this position in the order of entry, each with its reason; the plan gives the figures. */
import { certain } from '../../certain';
import { numberMark } from '../../case/case';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { groundFaultEquipment as gfpe } from '../../standards/ground-fault';
import { citeSource } from '../../standards/source';
import type { NeedContext, ProofContext, SettingRow, SettingSheet } from '../contract';
import { minFaultOf, planTripUnit, SHORT_TIME_MULTIPLE } from './plan';

const row = (id: string, name: string, value: string, reason: string, source: Parameters<typeof citeSource>[0]): SettingRow => ({
  id,
  name,
  value,
  reason,
  source: citeSource(source),
});

type Plan = NonNullable<ReturnType<typeof planTripUnit>>;

function shortTimeRows(plan: Plan, { load }: NeedContext, least: number | null | undefined): SettingRow[] {
  if (plan.shortTimeAmps === undefined) return [];
  return [
    row(
      'short-time',
      'Short time, Isd',
      q(plan.shortTimeAmps, 'A', 'down'),
      plan.belowLeastFault
        ? `Below the least fault of ${q(certain(least), 'A')} by its tolerance of 10 %.`
        : `${SHORT_TIME_MULTIPLE} x Ir rides the starts beyond it${typeof least === 'number' ? ' and lies below the least fault' : '; hold it against the least fault, which is not on the card'}.`,
      'powerBreakers',
    ),
    row(
      'short-delay',
      'Its delay, tsd',
      q(certain(plan.shortTimeSeconds), 's'),
      load.withstandSeconds === undefined
        ? 'One step above nothing; longer only for a device beyond it.'
        : 'Waits for the device beyond it, as asked.',
      'powerBreakers',
    ),
  ];
}

function instantaneousRows(plan: Plan, fault: number | null | undefined): SettingRow[] {
  if (plan.instantaneousAmps === undefined) return [];
  return [
    row(
      'instantaneous',
      'Instantaneous, Ii',
      plan.instantaneousAmps === null ? 'off, or highest' : q(plan.instantaneousAmps, 'A', 'down'),
      plan.instantaneousAmps === null
        ? `It stands ${q(certain(fault), 'A')} for its delay, so the delay may do its work.`
        : 'At once above short time, and below what it stands closed.',
      'powerBreakers',
    ),
  ];
}

function earthFaultRows(plan: Plan, practice: NeedContext['practice']): SettingRow[] {
  if (plan.groundFaultAmps === undefined) return [];
  return [
    row(
      'earth-fault',
      'Earth fault, Ig',
      q(plan.groundFaultAmps, 'A'),
      plan.groundFaultBounded
        ? `20 % of the rating, at most ${q(gfpe.maxPickupAmps, 'A')}.`
        : '20 % of the rating, above the standing imbalance.',
      practice === 'NFPA70' ? 'groundFaultEquipment' : 'powerBreakers',
    ),
    row(
      'earth-delay',
      'Its delay, tg',
      q(certain(plan.groundFaultSeconds), 's'),
      plan.groundFaultBounded
        ? `Above what waits beyond it; at most ${q(gfpe.maxSeconds, 's')} at ${q(gfpe.atAmps, 'A')}.`
        : 'Above what waits beyond it.',
      practice === 'NFPA70' ? 'groundFaultEquipment' : 'powerBreakers',
    ),
  ];
}

/** Returns the settings for this position; no rows where rating or load are not known. */
export function airBreakerSettings(context: ProofContext): SettingSheet {
  const plan = planTripUnit(context);
  if (!plan) return { rows: [], conflicts: [] };
  const { load, supply, practice } = context.need;
  const ampacity = numberMark(load, 'conductorAmpacityAmps');
  const least = minFaultOf(context.need);
  const fault = numberMark(supply, 'prospectiveFaultAmps');
  const rows = [
    row(
      'long-time',
      'Long time, Ir',
      `${q(plan.longTimeAmps, 'A')} (${Number((plan.longTimeAmps / plan.ratedAmps).toPrecision(3))} x In)`,
      `The lowest step that carries ${q(plan.loadAmps, 'A')}${typeof ampacity === 'number' ? `; the conductor carries ${q(ampacity, 'A')}` : ''}.`,
      practice === 'IEC' ? 'overloadCoordination' : 'adjustableTrip',
    ),
  ];
  rows.push(...shortTimeRows(plan, context.need, least), ...instantaneousRows(plan, fault), ...earthFaultRows(plan, practice));
  if (load.maintenanceModeNeeded === true)
    rows.push(
      row(
        'maintenance',
        'Maintenance mode',
        'off in service',
        'On while somebody works beyond it; it lowers the instantaneous trip and ends selectivity. Who switches it is written down.',
        'arcEnergy',
      ),
    );
  return { rows, conflicts: plan.conflicts };
}
