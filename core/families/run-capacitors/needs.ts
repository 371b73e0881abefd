/**
 * Need lines of a run capacitor: the motor's plate decides capacitance, exactly, and volts, at least.
 * A start capacitor in its place bursts. Wrong capacitance runs, may even draw fewer amps, and heats the winding.
 * A reading on a part is held against that part's own tolerance: selecting and condemning are two questions.
 * Sources: IEC 60252-1 and UL 810 through core/standards; exact capacitance is common practice.
 */
import type { RunCapacitorFigure } from './figures';
import { certain } from '../../certain';
import { numberMark, rowsMark, wordsMark } from '../../case/case';
import type { LoadMarks } from '../../fields/load-fields';
import { capacitorSections } from '../../fields/capacitor-fields';
import { field, needLine, wordLine } from '../../needs/line';
import type { Need } from './figures';
import { formatQuantity as q } from '../../quantities/format-quantity';
import { DAYS_OF_YEAR, HALVING_KELVIN, LIFE_AT_CELSIUS, restateLife } from '../../standards/run-capacitors';
import type { NeedContext } from '../contract';

const safety = { group: 'safety' as const, safety: true };
const MOTORS = new Set(['motor-1ph', 'hermetic-compressor']);

/** Sections that the motor's plate asks for; undefined where the position does not say. */
export function sectionsAsked(load: LoadMarks): { name: string; microfarads: number | null }[] | null | undefined {
  const rows = load.sections;
  if (rows === undefined || rows === 'none' || rows === false) return undefined;
  if (!Array.isArray(rows)) return null;
  return rowsMark(rows).map(({ name, microfarads }) => ({
    name: typeof name === 'string' ? name : 'motor',
    microfarads: typeof microfarads === 'number' ? Number(microfarads.toPrecision(9)) : null,
  }));
}

/** Capacitor volts on the motor's plate; of several the lowest, since either was foreseen. */
export function plateVoltsOf(load: LoadMarks): number | null | undefined {
  const mark = load.plateVolts;
  if (mark === null) return null;
  if (typeof mark === 'number') return mark;
  if (typeof mark !== 'string' || mark === 'none') return undefined;
  const volts = mark.split(/[/-]/).map((one) => parseFloat(one));
  return volts.every((one) => one > 0) ? Math.min(...volts) : null;
}

/** Volts that the capacitor must stand: its own mark on the motor's plate before the plate's volts. */
export const capacitorVoltsOf = (load: LoadMarks): number | null | undefined =>
  numberMark(load, 'runCapacitorVolts') ?? (load.runCapacitorVolts === null ? null : plateVoltsOf(load));

const unread = (id: string): Need =>
  needLine({
    id,
    quantity: 'capacitance',
    unit: 'µF',
    relation: '=',
    figure: field('anyMicrofarads'),
    limit: null,
    because: 'The capacitance on the motor’s plate is not known. The part that came out proves nothing: it may be wrong already.',
    source: 'commonPractice',
    inputs: ['load.sections'],
  });

function capacitanceNeeds({ load }: NeedContext): Need[] {
  const asked = sectionsAsked(load);
  if (asked === null || (asked === undefined && MOTORS.has(String(load.kind)))) return [unread('capacitance')];
  return (asked ?? []).map(({ name, microfarads }) =>
    needLine({
      id: `capacitance-${name}`,
      about: `${certain(name[0]).toUpperCase()}${name.slice(1)}`,
      quantity: 'capacitance',
      unit: 'µF',
      relation: '=',
      figure: field(`microfarads_${name}`),
      limit: microfarads,
      because:
        microfarads === null
          ? 'The capacitance on the motor’s plate is not known.'
          : `The motor’s plate says ${q(microfarads, 'µF')} for the ${name}; capacitance is matched exactly, a tolerance is for judging one that is worn.`,
      brief: 'motor’s plate',
      source: 'commonPractice',
      inputs: ['load.sections', 'load.runCapacitorMicrofarads'],
      otherWays: [
        {
          quantity: 'capacitance',
          unit: 'µF',
          relation: 'includes',
          figure: field('anyMicrofarads'),
          limit: microfarads,
          verdictCap: 'check',
          verdictCapReason: 'It is a section of another name: use that one, and insulate the terminal that stays free.',
        },
      ],
    }),
  );
}

/** Frequency, and how warm its case gets. */
function serviceNeeds({ load, supply }: NeedContext): Need[] {
  const needs: Need[] = [];
  const hertz = numberMark(supply, 'hertz');
  if (hertz !== undefined)
    needs.push(
      needLine({
        id: 'hertz',
        quantity: 'capacitorHertz',
        unit: 'Hz',
        relation: 'includes',
        figure: field('hertz'),
        limit: hertz,
        severity: 'should',
        because: hertz === null ? 'The frequency of the supply is not known.' : `The supply has ${q(hertz, 'Hz')}.`,
        source: 'runCapacitors',
        inputs: ['supply.hertz'],
      }),
    );
  const warm = numberMark(load, 'caseTemperatureC');
  if (warm !== undefined)
    needs.push(
      needLine({
        id: 'case-temperature',
        group: 'fit',
        quantity: 'maxCaseC',
        unit: '°C',
        limit: warm,
        because: warm === null ? 'How warm its case gets is not known.' : `Its case reaches ${q(certain(warm), '°C')} in service.`,
        brief: 'case in service',
        source: 'runCapacitors',
        inputs: ['load.caseTemperatureC'],
      }),
    );
  return needs;
}

function ratingNeeds(context: NeedContext): Need[] {
  const { load } = context;
  const needs: Need[] = [
    wordLine({
      ...safety,
      id: 'duty',
      quantity: 'capacitorDuty',
      figure: field('kind'),
      limit: ['run'],
      because: 'It stays in circuit while the motor runs; a start capacitor there bursts, even at equal capacitance and volts.',
      source: 'runCapacitors',
      inputs: ['load.kind'],
    }),
  ];
  const volts = capacitorVoltsOf(load);
  if (volts !== undefined)
    needs.push(
      needLine({
        ...safety,
        id: 'volts',
        quantity: 'capacitorVolts',
        figure: field('ratedVolts'),
        unit: 'V',
        limit: volts,
        because:
          volts === null
            ? 'The capacitor volts on the motor’s plate are not known.'
            : `The motor’s plate asks for ${q(volts, 'V')}: it sees more than the line, so equal or higher, never lower.`,
        brief: 'motor’s plate',
        source: 'runCapacitors',
        inputs: ['load.plateVolts', 'load.runCapacitorVolts'],
      }),
    );
  return [...needs, ...serviceNeeds(context), ...lifeNeed(context), ...protectionNeeds(context), ...toleranceNeeds(context)];
}

/** Life in service, restated at one temperature so that parts of different marks stand side by side. */
function lifeNeed({ load, duty }: NeedContext): Need[] {
  const [warm, hours, years] = [numberMark(load, 'caseTemperatureC'), numberMark(duty, 'hoursPerDay'), numberMark(duty, 'lifeYearsWanted')];
  if (warm === undefined || hours === undefined || years === undefined || hours === 0) return [];
  const known = warm !== null && hours !== null && years !== null;
  const wanted = known ? hours * DAYS_OF_YEAR * years : 0;
  const restated = known ? Number(restateLife(wanted, warm, LIFE_AT_CELSIUS).toPrecision(6)) : null;
  return [
    needLine({
      id: 'life',
      group: 'fit',
      severity: 'should',
      quantity: 'capacitorLifeHours',
      unit: 'h',
      figure: field('lifeHoursAt70C'),
      limit: restated,
      because:
        restated === null
          ? 'How warm it gets, for how long a day or for how many years is not known.'
          : `${hours} h a day for ${years} years = ${q(wanted, 'h')} at ${q(certain(warm), '°C')}; halved for each ${HALVING_KELVIN} K warmer, that is ${q(restated, 'h')} at ${LIFE_AT_CELSIUS} °C.`,
      brief: `at ${LIFE_AT_CELSIUS} °C`,
      source: 'runCapacitors',
      inputs: ['load.caseTemperatureC', 'duty.hoursPerDay', 'duty.lifeYearsWanted'],
    }),
  ];
}

function protectionNeeds({ load }: NeedContext): Need[] {
  const asked = load.protectionNeeded;
  if (asked === undefined || asked === 'none' || (Array.isArray(asked) && asked.length === 0)) return [];
  return [
    wordLine({
      ...safety,
      id: 'protection',
      quantity: 'capacitorProtection',
      figure: field('protection'),
      limit: Array.isArray(asked) ? wordsMark(asked) : null,
      because: Array.isArray(asked)
        ? `At the end of its life it must fail as ${wordsMark(asked).join(' or ')}; a protected one needs room above its lid.`
        : 'Which safety class is accepted is not known.',
      source: 'runCapacitors',
      inputs: ['load.protectionNeeded'],
    }),
  ];
}

function toleranceNeeds({ load }: NeedContext): Need[] {
  const asked = numberMark(load, 'tolerancePercent');
  if (asked === undefined) return [];
  return [
    needLine({
      id: 'tolerance',
      group: 'fit',
      severity: 'should',
      quantity: 'tolerancePercent',
      unit: '%',
      relation: '<=',
      limit: asked,
      because:
        asked === null
          ? 'The tolerance on the motor’s plate is not known.'
          : `The motor’s plate gives ±${asked} %: tighter may replace looser, not the other way.`,
      brief: 'motor’s plate',
      source: 'runCapacitors',
      inputs: ['load.tolerancePercent'],
    }),
  ];
}

/** What was read on the part itself: within its own tolerance, or spent. */
function readNeeds({ supply }: NeedContext): Need[] {
  const share = (id: string, name: RunCapacitorFigure, about: string, because: string, inputs: string[]) =>
    needLine({
      id,
      quantity: 'capacitanceRead',
      unit: '%',
      relation: '<=',
      figure: field(name),
      limit: 100,
      optionalRating: true,
      isWearLine: true,
      because,
      brief: 'of its tolerance',
      source: 'runCapacitors',
      inputs,
      about,
    });
  const hertz = numberMark(supply, 'hertz');
  return [
    ...capacitorSections.map((name) =>
      share(
        `read-${name}`,
        `readShare_${name}`,
        `${certain(name[0]).toUpperCase()}${name.slice(1)}`,
        'Read on this part, discharged and disconnected: how much of its own printed tolerance the reading is off.',
        [],
      ),
    ),
    ...(hertz === 50 || hertz === 60
      ? [
          share(
            'read-running',
            `runningShare${hertz}`,
            'Running',
            `Read on this part while running, C = I / (2π f V) at ${hertz} Hz: how much of its own printed tolerance it is off.`,
            ['supply.hertz'],
          ),
        ]
      : []),
  ];
}

/** All lines of a run capacitor, in the order shown. */
export const runCapacitorNeeds = (context: NeedContext): Need[] => [
  ...capacitanceNeeds(context),
  ...ratingNeeds(context),
  ...readNeeds(context),
];
