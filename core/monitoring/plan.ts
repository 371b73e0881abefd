/**
 * What is a monitoring relay set to, and why? Worked out from the motor, the supply and what the site does to it.
 * Motor: 10 % of its plate volts, unbalance by NEMA MG 1. Supply: its usual band. Site: dips of starts and changeovers.
 * Output: settings, and a sheet in the order of entry, each with its reason. Sources: NEMA MG 1, common practice.
 */
import { certain } from '../certain';
import { seconds as secondsText } from '../case/field-text';
import { formatQuantity as q } from '../quantities/format-quantity';
import { citeSource } from '../standards/source';
import {
  asymmetryBetweenLines,
  asymmetryOfOnePhase,
  motorUnbalance,
  motorVoltsBand,
  onePhaseAtAsymmetry,
  type UnbalanceDefinition,
} from '../standards/unbalance';
import { conflictsOf, type Conflict, type MonitoringSettings, type SettingLimits } from './settings';

export type PlanInput = {
  /** Volts between lines, V. */
  systemVolts: number;
  hertz: number;
  /** 3 or 4 conductors watched. */
  wires: 3 | 4;
  /** Its volts are set between phase and neutral; absent: where it has four wires. */
  toNeutral?: boolean;
  /** Undervoltage that the position asks for, V as set; absent: worked out. */
  underVolts?: number;
  /** Volts on the motor's plate between lines; the system's where it has none. */
  motorVolts: number;
  /** Usual band of the supply, ± % of nominal. */
  supplyBandPercent: number;
  /** Usual unbalance of the supply, % by deviation. */
  usualUnbalancePercent: number;
  /** Volts that a running motor holds on a dead phase, %; null: no motor that could. */
  heldPercent: number | null;
  /** Deepest dip of a start: volts left in %, and how long; null: none. */
  startDip: { leftPercent: number; seconds: number } | null;
  /** Dip of the network to be ridden through, s. */
  rideThroughSeconds: number;
  /** A standby set takes over; how long until its volts stand. */
  changeoverSeconds: number | null;
  /** A compressor's rest before it starts again, s; null: none. */
  restSeconds: number | null;
  asymmetryBy: UnbalanceDefinition;
  latch: boolean;
};

export type SheetRow = {
  id: keyof MonitoringSettings | 'wires' | 'secondOutput' | 'lock';
  name: string;
  value: string;
  reason: string;
  source: string;
};
export type Plan = { settings: MonitoringSettings; sheet: SheetRow[]; conflicts: Conflict[] };

const DELAY_MARGIN = 1.25;
const DELAY_LEAST_SECONDS = 0.5;
const BAND_MARGIN_PERCENT = 1;
const HYSTERESIS_SHARE = 0.02;
const HERTZ_BAND = 0.05; // NEMA MG 1 12.44, from memory
const LOSS_DELAY_SECONDS = 0.2;
const POWER_ON_SECONDS = 5;
const RETURN_SECONDS = 10;
const NEUTRAL_SHARE = 0.2;
const LOSS_PERCENT = 60;

const practice = citeSource('commonPractice');
const motor = citeSource('motorVolts');
const unbalance = citeSource('unbalance');
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
  const most = inSense(motorUnbalance.mostPercent);
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
  const percent = (value: number) => `${Number(((value / nominal) * 100).toPrecision(3))} %`;
  const row = (id: SheetRow['id'], name: string, value: string, reason: string, source = practice): SheetRow => ({
    id,
    name,
    value,
    reason,
    source,
  });
  const sheet: SheetRow[] = [
    row(
      'wires',
      'Wires',
      `${input.wires}`,
      toNeutral
        ? 'The neutral is there: an open neutral is seen. Volts are to neutral.'
        : 'Three phases without neutral. Volts are between lines.',
    ),
    row('nominalVolts', 'Reference volts', q(nominal, 'V'), toNeutral ? `${q(input.systemVolts, 'V')} / √3.` : 'Nominal of the system.'),
    row('underVolts', 'Undervoltage', `${q(volts.under, 'V')} (${percent(volts.under)})`, `It is ${volts.underWords}.`, motor),
    row('overVolts', 'Overvoltage', `${q(volts.over, 'V')} (${percent(volts.over)})`, `It is ${volts.overWords}.`, motor),
    row(
      'hysteresisVolts',
      'Hysteresis of volts',
      q(hysteresis, 'V'),
      `It comes back at ${q(volts.under + hysteresis, 'V')} and ${q(volts.over - hysteresis, 'V')}: 2 % keeps it from chattering.`,
    ),
    row('underHertz', 'Underfrequency', q(certain(settings.underHertz), 'Hz'), '5 % below nominal.', motor),
    row('overHertz', 'Overfrequency', q(certain(settings.overHertz), 'Hz'), '5 % above nominal.', motor),
    row('asymmetryPercent', 'Unbalance', `${asym.percent} %`, `Set below it: ${asym.words}.`, unbalance),
    row(
      'phaseLossPercent',
      'Lost phase below',
      `${settings.phaseLossPercent} %`,
      'A phase that is gone for good; one that a motor holds up is seen by asymmetry.',
    ),
    row('phaseSequence', 'Phase sequence', 'on', 'A pump or fan that turns backwards does harm.'),
    ...(input.wires === 4
      ? [
          row(
            'neutralShiftVolts',
            'Open neutral',
            q(certain(settings.neutralShiftVolts), 'V'),
            'A shift of a fifth of the phase volts is no load, it is a break.',
          ),
        ]
      : []),
    row(
      'tripDelaySeconds',
      'Off delay',
      secondsText(trip),
      longest === 0
        ? 'Nothing here dips below the settings; half a second keeps switching away.'
        : `${startDip && longest === startDip.seconds ? `The start leaves ${startDip.leftPercent} % for ${secondsText(startDip.seconds)}` : `A dip of ${secondsText(longest)} is ridden through`}; a quarter more.`,
    ),
    row(
      'lossDelaySeconds',
      'Delay of a lost phase',
      secondsText(lossDelay),
      input.rideThroughSeconds > 0
        ? 'As long as the dip that is ridden through, and a quarter more.'
        : 'A dead phase burns a motor in seconds.',
    ),
    row(
      'returnDelaySeconds',
      'On delay',
      secondsText(back),
      input.restSeconds && back === input.restSeconds
        ? 'The compressor’s rest before it starts again.'
        : input.changeoverSeconds !== null && back > RETURN_SECONDS
          ? 'Until the standby set stands, and a quarter more.'
          : 'Long enough that a fault that comes and goes does not start the motor each time.',
    ),
    row('powerOnDelaySeconds', 'Power-on delay', secondsText(POWER_ON_SECONDS), 'The usual wait after the supply comes.'),
    row('failSafe', 'Output', 'energised when healthy', 'When its own supply goes, that shows as a fault.'),
    row(
      'latch',
      'Fault memory',
      input.latch ? 'on' : 'off',
      input.latch ? 'Somebody looks before it runs again.' : 'It comes back by itself after the on delay.',
    ),
    row('secondOutput', 'Second output', 'as the first', 'Copied, unless it has work of its own.'),
    row('lock', 'Code and light', 'as the site keeps it', 'Note the code where the site keeps such things, not on the sheet.'),
  ];
  const conflicts = conflictsOf(settings, limits, { dips: counting.filter(({ name }) => name === 'The start') });
  return {
    settings,
    sheet,
    conflicts: [...(asym.conflict ? [{ settings: ['asymmetryPercent'] as const, words: asym.conflict }] : []), ...conflicts],
  };
}
