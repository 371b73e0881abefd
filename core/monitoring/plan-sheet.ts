/** The sheet of a monitoring relay: its settings in the order of entry, each with its reason. */
import { certain } from '../certain';
import { seconds as secondsText } from '../case/field-text';
import { formatQuantity as q } from '../quantities/format-quantity';
import { citeSource } from '../standards/source';
import type { MonitoringSettings } from './settings';
import { POWER_ON_SECONDS, RETURN_SECONDS, type PlanInput, type SheetRow } from './plan-input';

const practice = citeSource('commonPractice');
const motor = citeSource('motorVolts');
const unbalance = citeSource('unbalance');

/** What the plan worked out, with the words for it. */
export type Worked = {
  toNeutral: boolean;
  nominal: number;
  volts: { under: number; over: number; underWords: string; overWords: string };
  hysteresis: number;
  asym: { percent: number; words: string };
  /** Longest dip that goes below the settings, s. */
  longest: number;
  startDip: PlanInput['startDip'];
  trip: number;
  lossDelay: number;
  back: number;
};

const row = (id: SheetRow['id'], name: string, value: string, reason: string, source = practice): SheetRow => ({
  id,
  name,
  value,
  reason,
  source,
});

function delayRows(input: PlanInput, { longest, startDip, trip, lossDelay, back }: Worked): SheetRow[] {
  return [
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
  ];
}

function levelRows(input: PlanInput, settings: MonitoringSettings, { toNeutral, nominal, volts, hysteresis, asym }: Worked): SheetRow[] {
  const percent = (value: number) => `${Number(((value / nominal) * 100).toPrecision(3))} %`;
  return [
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
  ];
}

const outputRows = (input: PlanInput): SheetRow[] => [
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

/** Returns the rows of the sheet. */
export const planSheet = (input: PlanInput, settings: MonitoringSettings, worked: Worked): SheetRow[] => [
  ...levelRows(input, settings, worked),
  ...delayRows(input, worked),
  ...outputRows(input),
];
