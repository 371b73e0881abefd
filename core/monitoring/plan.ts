/**
 * What is a monitoring relay set to, and why? Worked out from the motor, the supply and what the site does to it.
 * Motor: 10 % of its plate volts, unbalance by NEMA MG 1. Supply: its usual band. Site: dips of starts and changeovers.
 * Output: settings, and a sheet in the order of entry, each with its reason. Sources: NEMA MG 1, common practice.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { asymmetryBetweenLines, asymmetryOfOnePhase, motorUnbalance, motorVoltsBand, onePhaseAtAsymmetry } from '../standards/unbalance';
import { planSheet } from './plan-sheet';
import { POWER_ON_SECONDS, RETURN_SECONDS, type PlanInput, type SheetRow } from './plan-input';
import { conflictsOf, type Conflict, type MonitoringSettings, type SettingLimits } from './settings';

export type { PlanInput, SheetRow };
export type Plan = { settings: MonitoringSettings; sheet: SheetRow[]; conflicts: Conflict[] };

const DELAY_MARGIN = 1.25;
const DELAY_LEAST_SECONDS = 0.5;
const BAND_MARGIN_PERCENT = 1;
const HYSTERESIS_SHARE = 0.02;
const HERTZ_BAND = 0.05; // NEMA MG 1 12.44, from memory
const LOSS_DELAY_SECONDS = 0.2;
const NEUTRAL_SHARE = 0.2;
const LOSS_PERCENT = 60;

const round = (value: number, step: number) => Number((Math.round(value / step) * step).toPrecision(10));
const down = (value: number, step: number) => Number((Math.floor(value / step + 1e-9) * step).toPrecision(10));
const up = (value: number, step: number) => Number((Math.ceil(value / step - 1e-9) * step).toPrecision(10));

/** Undervoltage at the motor's lower edge, but below what the supply usually does: both are said. */
function voltage(input: PlanInput, nominal: number, share: number) {
  const motorLow = input.motorVolts * motorVoltsBand.low * share;
  const motorHigh = input.motorVolts * motorVoltsBand.high * share;
  const usualLow = nominal * (1 - (input.supplyBandPercent + BAND_MARGIN_PERCENT) / 100);
  const usualHigh = nominal * (1 + (input.supplyBandPercent + BAND_MARGIN_PERCENT) / 100);
  return {
    under: round(Math.min(motorLow, usualLow), 1),
    over: round(Math.max(motorHigh, usualHigh), 1),
    underWords:
      motorLow <= usualLow
        ? `90 % of the motor’s ${q(input.motorVolts * share, 'V')}`
        : `just below what the supply does by itself (${q(usualLow, 'V')}); the motor would want ${q(motorLow, 'V')}: look at the taps`,
    overWords:
      motorHigh >= usualHigh
        ? `110 % of the motor’s ${q(input.motorVolts * share, 'V')}`
        : `just above what the supply does by itself (${q(usualHigh, 'V')}); the motor would want ${q(motorHigh, 'V')}: look at the taps`,
  };
}

/** Asymmetry between what is usual and what a held phase makes, in the sense and between the conductors of the relay. */
function asymmetry(input: PlanInput, toNeutral: boolean): { percent: number; words: string; conflict?: string } {
  const by = input.asymmetryBy;
  const inSense = (deviation: number) => asymmetryOfOnePhase(onePhaseAtAsymmetry(deviation, 'deviation'), by);
  const ofHeld = (percent: number) => (toNeutral ? asymmetryOfOnePhase(percent, by) : asymmetryBetweenLines(percent, by));
  const most = inSense(motorUnbalance.maxPercent);
  const usual = inSense(input.usualUnbalancePercent);
  const held = input.heldPercent === null ? Infinity : ofHeld(Math.min(99, input.heldPercent + 1));
  const percent = down(Math.min(most, held), 0.1);
  const sense = `${by === 'spread' ? 'as spread of nominal' : 'as deviation from the mean'}${toNeutral ? '' : ', between lines'}`;
  const figure = (value: number) => `${Number(value.toPrecision(3))} %`;
  return {
    percent,
    words:
      held < most
        ? `a phase held at ${input.heldPercent} % makes ${figure(held)} ${sense}; above the usual ${figure(usual)}`
        : `a motor should not run above 5 % by deviation, ${figure(most)} ${sense}; above the usual ${figure(usual)}`,
    ...(percent <= usual
      ? {
          conflict: `A phase held at ${input.heldPercent} % makes ${figure(held)} ${sense}, no more than the usual unbalance of ${figure(usual)}: ${toNeutral ? 'this relay cannot tell them apart' : 'a 4-wire relay sees more of it'}.`,
        }
      : {}),
  };
}

/** Works the settings out. Volts of a 4-wire relay are to neutral. Conflicts are refused by the caller. */
export function planSettings(input: PlanInput, limits: SettingLimits = {}): Plan {
  const toNeutral = input.toNeutral ?? input.wires === 4;
  const share = toNeutral ? 1 / Math.sqrt(3) : 1;
  const nominal = round(input.systemVolts * share, 1);
  const worked = voltage(input, nominal, share);
  const volts = input.underVolts === undefined ? worked : { ...worked, under: input.underVolts, underWords: 'what the position asks for' };
  const hysteresis = Math.max(1, round(nominal * HYSTERESIS_SHARE, 1));
  const asym = asymmetry(input, toNeutral);
  const dips = [
    ...(input.startDip ? [{ name: 'The start', leftPercent: input.startDip.leftPercent, seconds: input.startDip.seconds }] : []),
    ...(input.rideThroughSeconds > 0 ? [{ name: 'The dip of the network', leftPercent: 0, seconds: input.rideThroughSeconds }] : []),
  ];
  // A dip counts where it goes below the undervoltage setting.
  const counting = dips.filter(({ leftPercent }) => (leftPercent / 100) * nominal < volts.under);
  const longest = Math.max(0, ...counting.map(({ seconds }) => seconds));
  const trip = Math.max(DELAY_LEAST_SECONDS, up(longest * DELAY_MARGIN, 0.1));
  const startDip = input.startDip && (input.startDip.leftPercent / 100) * nominal < volts.under ? input.startDip : null;
  const back = Math.max(
    RETURN_SECONDS,
    input.restSeconds ?? 0,
    input.changeoverSeconds === null ? 0 : up(input.changeoverSeconds * DELAY_MARGIN, 1),
  );
  const lossDelay = Math.max(LOSS_DELAY_SECONDS, input.rideThroughSeconds > 0 ? up(input.rideThroughSeconds * DELAY_MARGIN, 0.1) : 0);
  const settings: MonitoringSettings = {
    nominalVolts: nominal,
    underVolts: volts.under,
    overVolts: volts.over,
    hysteresisVolts: hysteresis,
    underHertz: round(input.hertz * (1 - HERTZ_BAND), 0.1),
    overHertz: round(input.hertz * (1 + HERTZ_BAND), 0.1),
    hysteresisHertz: 0.2,
    asymmetryPercent: asym.percent,
    asymmetryBy: input.asymmetryBy,
    hysteresisPercent: Math.min(1, round(asym.percent / 4, 0.1)),
    phaseLossPercent: LOSS_PERCENT,
    phaseSequence: true,
    neutralShiftVolts: input.wires === 4 ? round((input.systemVolts / Math.sqrt(3)) * NEUTRAL_SHARE, 1) : null,
    tripDelaySeconds: trip,
    lossDelaySeconds: lossDelay,
    returnDelaySeconds: back,
    powerOnDelaySeconds: POWER_ON_SECONDS,
    latch: input.latch,
    failSafe: true,
  };
  const sheet = planSheet(input, settings, { toNeutral, nominal, volts, hysteresis, asym, longest, startDip, trip, lossDelay, back });
  const conflicts = conflictsOf(settings, limits, { dips: counting.filter(({ name }) => name === 'The start') });
  return {
    settings,
    sheet,
    conflicts: [...(asym.conflict ? [{ settings: ['asymmetryPercent'] as const, words: asym.conflict }] : []), ...conflicts],
  };
}
