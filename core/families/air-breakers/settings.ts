/**
 * What are long time, short time, instantaneous and earth fault set to, each with its reason, in the order of entry?
 * Long time carries the load and guards the conductor; short time lies below the least fault and waits for what is beyond;
 * instantaneous stays out of the way of a selective delay where the breaker stands the fault meanwhile.
 * Sources: IEC 60364-4-43 433.1, NFPA 70 240.6 and 230.95, from memory; steps and margins are common practice.
 * Not for: curves of the maker; the curves desk shows what these settings do against the rest.
 */
import { numberMark } from '../../case/case';
import { carryNeeds } from '../overcurrent/carry';
import { groundFaultAsked } from '../overcurrent/large-disconnect';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { groundFaultEquipment as gfpe } from '../../standards/ground-fault';
import { LEAST_SETTING_SHARE, SETTING_STEP } from '../../standards/breaker-releases';
import { citeSource } from '../../standards/source';
import type { ProofContext, SettingRow, SettingSheet } from '../contract';

/** Tolerance of pick-ups, and where short time and earth fault begin. Common practice. */
const PICKUP_TOLERANCE = 0.1;
const SHORT_TIME_MULTIPLE = 6;
const DEFAULT_SHORT_SECONDS = 0.1;
const EARTH_SHARE = 0.2;
const EARTH_SECONDS = 0.3;

const row = (id: string, name: string, value: string, reason: string, source: Parameters<typeof citeSource>[0]): SettingRow => ({
  id,
  name,
  value,
  reason,
  source: citeSource(source),
});

/** Long-time pick-up: the lowest step that carries the load. */
export function longTimeAmps(ratedAmps: number, loadAmps: number): number {
  const steps = Math.ceil(loadAmps / (ratedAmps * SETTING_STEP) - 1e-9);
  return Number((Math.min(1, Math.max(LEAST_SETTING_SHARE, steps * SETTING_STEP)) * ratedAmps).toPrecision(9));
}

/** Returns the settings for this position; no rows where rating or load are not known. */
export function airBreakerSettings({ need, part }: ProofContext): SettingSheet {
  const rated = part.ratedAmps;
  const carry = carryNeeds(need, 'setAmps')[0]?.ways.at(-1)?.limit;
  const functions = Array.isArray(part.tripFunctions) ? (part.tripFunctions as string[]) : [];
  if (typeof rated !== 'number' || typeof carry !== 'number' || functions.length === 0) return { rows: [], conflicts: [] };
  const { load, supply, practice } = need;
  const conflicts: string[] = [];
  const long = longTimeAmps(rated, carry);
  const ampacity = numberMark(load, 'conductorAmpacityAmps');
  if (long < carry) conflicts.push(`The load of ${q(carry, 'A')} is above the breaker’s ${q(rated, 'A')}.`);
  if (typeof ampacity === 'number' && long > ampacity)
    conflicts.push(`Long time at ${q(long, 'A')} is above the ${q(ampacity, 'A')} of the conductor.`);
  const rows = [
    row(
      'long-time',
      'Long time, Ir',
      `${q(long, 'A')} (${Number((long / rated).toPrecision(3))} x In)`,
      `The lowest step that carries ${q(carry, 'A')}${typeof ampacity === 'number' ? `, within the conductor’s ${q(ampacity, 'A')}` : ''}.`,
      practice === 'IEC' ? 'overloadCoordination' : 'adjustableTrip',
    ),
  ];
  const least = numberMark(supply, 'minFaultAmps');
  const sure = typeof least === 'number' ? least / (1 + PICKUP_TOLERANCE) : undefined;
  const short = Math.min(SHORT_TIME_MULTIPLE * long, sure ?? Infinity);
  const wait = numberMark(load, 'withstandSeconds');
  if (functions.includes('S')) {
    if (short <= 1.5 * long) conflicts.push(`The least fault of ${q(least!, 'A')} leaves no room for short time above ${q(long, 'A')}.`);
    rows.push(
      row(
        'short-time',
        'Short time, Isd',
        q(Number(short.toPrecision(3)), 'A', 'down'),
        sure !== undefined && short === sure
          ? `Below the least fault of ${q(least!, 'A')} by its tolerance of 10 %.`
          : `${SHORT_TIME_MULTIPLE} x Ir rides the starts beyond it; hold it against the least fault, which is not on the card.`,
        'powerBreakers',
      ),
      row(
        'short-delay',
        'Its delay, tsd',
        q(typeof wait === 'number' ? wait : DEFAULT_SHORT_SECONDS, 's'),
        typeof wait === 'number'
          ? 'Waits for the device beyond it, as asked.'
          : 'One step above nothing; longer only for a device beyond it.',
        'powerBreakers',
      ),
    );
  }
  const fault = numberMark(supply, 'prospectiveFaultAmps');
  const stands = typeof part.icwAtOneSecond === 'number' && typeof fault === 'number' && part.icwAtOneSecond >= fault;
  if (functions.includes('I')) {
    const off = typeof wait === 'number' && wait > 0 && stands;
    const limit = typeof part.icwAtOneSecond === 'number' ? part.icwAtOneSecond / (1 + PICKUP_TOLERANCE) : 10 * long;
    rows.push(
      row(
        'instantaneous',
        'Instantaneous, Ii',
        off
          ? 'off, or highest'
          : q(Number(Math.min(limit, functions.includes('S') ? 2 * short : (sure ?? 10 * long)).toPrecision(3)), 'A', 'down'),
        off
          ? `It stands ${q(fault!, 'A')} for its delay, so the delay may do its work.`
          : 'No selective wait is asked for: at once above short time, and below what it stands closed.',
        'powerBreakers',
      ),
    );
  }
  if (functions.includes('G')) {
    const most = practice === 'NFPA70' && groundFaultAsked(need) ? gfpe.mostPickupAmps : Infinity;
    rows.push(
      row(
        'earth-fault',
        'Earth fault, Ig',
        q(Math.min(EARTH_SHARE * rated, most), 'A'),
        most === Infinity
          ? '20 % of the rating, above the standing imbalance.'
          : `20 % of the rating, at most ${q(gfpe.mostPickupAmps, 'A')}.`,
        practice === 'NFPA70' ? 'groundFaultEquipment' : 'powerBreakers',
      ),
      row(
        'earth-delay',
        'Its delay, tg',
        q(EARTH_SECONDS, 's'),
        `Above what waits beyond it, at most ${q(gfpe.mostSeconds, 's')} at ${q(gfpe.atAmps, 'A')}.`,
        'groundFaultEquipment',
      ),
    );
  }
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
  return { rows, conflicts };
}
