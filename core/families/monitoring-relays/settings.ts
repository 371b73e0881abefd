/** Settings of the chosen monitoring relay for this position, worked out by `core/monitoring/plan.ts` from what the swap holds. */
import { numberMark } from '../../case/case';
import { connectedVolts } from '../../loads/connected-volts';
import { planSettings, type PlanInput } from '../../monitoring/plan';
import type { SettingLimits } from '../../monitoring/settings';
import type { ProofContext, SettingSheet } from '../contract';
import { noSettings } from '../no-settings';

/** Usual band of a public supply, ± %, where the site says nothing else. Common practice. */
const USUAL_BAND_PERCENT = 6;
const USUAL_UNBALANCE_PERCENT = 1;
/** Rest of a compressor before it starts again, s, where its plate is silent. Common practice. */
const COMPRESSOR_REST_SECONDS = 180;

/** What the planner needs, from the marks of a swap; undefined where the system volts are not known. */
export function planInputOf({ need, part }: ProofContext): PlanInput | undefined {
  const { supply, load } = need;
  const volts = numberMark(supply, 'systemVolts');
  if (typeof volts !== 'number' || supply.currentKind === 'dc' || numberMark(supply, 'phases') === 1) return undefined;
  const dip = numberMark(load, 'startDipPercent');
  const seconds = numberMark(load, 'startSeconds');
  const asked = numberMark(load, 'underVoltsSettingNeeded');
  return {
    systemVolts: volts,
    hertz: numberMark(supply, 'hertz') ?? 50,
    wires: part.wires === 4 ? 4 : 3,
    toNeutral: part.nominalVoltsBetween === 'line-to-neutral',
    ...(typeof asked === 'number' ? { underVolts: asked } : {}),
    motorVolts: connectedVolts(load.plateVolts, volts) ?? volts,
    supplyBandPercent: USUAL_BAND_PERCENT,
    usualUnbalancePercent: USUAL_UNBALANCE_PERCENT,
    heldPercent: numberMark(load, 'regeneratedPercent') ?? null,
    startDip: typeof dip === 'number' && typeof seconds === 'number' ? { leftPercent: dip, seconds } : null,
    rideThroughSeconds: numberMark(load, 'rideThroughSeconds') ?? 0,
    changeoverSeconds: null,
    restSeconds: load.kind === 'hermetic-compressor' ? COMPRESSOR_REST_SECONDS : null,
    asymmetryBy: 'spread',
    latch: load.latchNeeded === true,
  };
}

const pair = (low: unknown, high: unknown): readonly [number, number] | undefined =>
  typeof low === 'number' && typeof high === 'number' ? [low, high] : undefined;

/** Limits of the part's own dials. */
export function limitsOfPart({ part }: ProofContext): SettingLimits {
  const limits = {
    underVolts: pair(part.underVoltsMin, part.underVoltsMax),
    asymmetryPercent: pair(part.asymmetrySettingMinPercent, part.asymmetrySettingMaxPercent),
    tripDelaySeconds: pair(part.tripDelayMinSeconds, part.tripDelayMaxSeconds),
  };
  return Object.fromEntries(Object.entries(limits).filter(([, value]) => value !== undefined)) as SettingLimits;
}

/** Function that a row of the sheet belongs to: a relay without it has no such setting. */
const functionOfRow: Record<string, string> = {
  underVolts: 'undervoltage',
  overVolts: 'overvoltage',
  underHertz: 'underfrequency',
  overHertz: 'overfrequency',
  asymmetryPercent: 'unbalance',
  phaseLossPercent: 'phaseLoss',
  phaseSequence: 'phaseSequence',
  neutralShiftVolts: 'neutralOpen',
};

/** Off delay planned for this part, s: how long a lost phase lasts before it drops out; undefined where nothing is planned. */
export function plannedLossSeconds(context: ProofContext): number | undefined {
  const input = planInputOf(context);
  if (!input) return undefined;
  const { tripDelaySeconds, lossDelaySeconds } = planSettings(input, limitsOfPart(context)).settings;
  return Math.max(tripDelaySeconds, lossDelaySeconds);
}

/** The sheet in the order of entry, without what the part does not have. The undervoltage that the position asks for counts. */
export function monitoringSettings(context: ProofContext): SettingSheet {
  const input = planInputOf(context);
  // Of one phase, of DC, or without system volts nothing is worked out.
  if (!input) return noSettings();
  const has = (id: string) => !functionOfRow[id] || context.part[`detects ${functionOfRow[id]}`] !== 'none';
  const { sheet, conflicts } = planSettings(input, limitsOfPart(context));
  const rows = sheet.filter(({ id }) => has(id) && (id !== 'hysteresisVolts' || has('underVolts') || has('overVolts')));
  return {
    rows: rows.filter(({ id }) => id !== 'secondOutput' || Number(context.part.changeovers ?? 1) > 1),
    conflicts: conflicts.filter(({ settings }) => settings.some((name) => has(name))).map(({ words }) => words),
  };
}
