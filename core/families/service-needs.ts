/** Need lines of service that any device may have: the air around it, and operations in the years wanted. Source: common practice. */
import { numberMark, figuresMark } from '../case/case';
import { needLine } from '../needs/line';
import type { Need } from '../needs/need';
import { formatQuantity as q } from '../quantities/format-quantity';
import { usualService } from '../standards/usual-service';
import type { NeedContext } from './contract';

export function ambientNeeds({ supply }: NeedContext): Need<'maxAmbientC' | 'minAmbientC'>[] {
  const ambient = numberMark(supply, 'ambientC');
  if (ambient === undefined) return [];
  const because = ambient === null ? 'The ambient is not known.' : `The air around it reaches ${q(ambient, '°C')}.`;
  const line = (id: string, quantity: 'maxAmbientC' | 'minAmbientC', relation: '>=' | '<=', words: string) =>
    needLine({
      id,
      quantity,
      unit: '°C',
      relation,
      limit: ambient,
      group: 'fit',
      brief: 'around the device',
      because: words,
      source: 'commonPractice',
      inputs: ['supply.ambientC'],
    });
  const lowest = line('ambient-low', 'minAmbientC', '<=', because);
  return [line('ambient', 'maxAmbientC', '>=', because), ...(ambient === null || ambient < 0 ? [lowest] : [])];
}

/** Highest switching rate: starts and operations an hour, whichever is more. */
export function switchingRateNeeds({ duty }: NeedContext): Need<'maxOperationsPerHour'>[] {
  const rates = (['startsPerHour', 'operationsPerHour'] as const)
    .map((name) => numberMark(duty, name))
    .filter((rate) => rate !== undefined);
  if (rates.length === 0) return [];
  const rate = rates.includes(null) ? null : Math.max(...figuresMark(rates));
  return [
    needLine({
      id: 'switching-rate',
      quantity: 'maxOperationsPerHour',
      unit: 'count',
      limit: rate,
      group: 'fit',
      brief: 'an hour',
      because: rate === null ? 'The switching rate is not known.' : `It switches ${rate} times an hour.`,
      source: 'commonPractice',
      inputs: ['duty.startsPerHour', 'duty.operationsPerHour'],
    }),
  ];
}

const DAYS = 365;
/** Operations in the years wanted: counted by the day, or by the hour and the hours of service. */
export function lifeNeeds({ duty }: NeedContext): Need<'electricalLifeOperations'>[] {
  const years = numberMark(duty, 'lifeYearsWanted');
  const hourly = numberMark(duty, 'operationsPerHour');
  const hours = numberMark(duty, 'hoursPerDay');
  const byHour = hourly === null || hours === null ? null : hourly === undefined || hours === undefined ? undefined : hourly * hours;
  const stated = numberMark(duty, 'operationsPerDay');
  const daily = stated === undefined ? byHour : (stated ?? byHour ?? null);
  if (daily === undefined || years === undefined || daily === 0) return [];
  const operations = daily === null || years === null ? null : daily * DAYS * years;
  return [
    needLine({
      id: 'electrical-life',
      quantity: 'electricalLifeOperations',
      unit: 'count',
      limit: operations,
      group: 'fit',
      severity: 'should',
      brief: daily === null ? 'rate not known' : `${daily} a day`,
      because:
        operations === null
          ? 'How often it operates, or for how many years, is not known.'
          : `${daily} operations a day x ${DAYS} x ${years} years = ${Math.round(operations)} operations at the rated load.`,
      source: 'commonPractice',
      inputs: ['duty.operationsPerDay', 'duty.operationsPerHour', 'duty.hoursPerDay', 'duty.lifeYearsWanted'],
    }),
  ];
}

/** Figures of a device that is wired and stands on a rail. */
export type MountingFigure = 'wireRangeMm2' | 'mountingWidthMm' | 'maxAltitudeM';

/** Whether its ratings hold at this height. */
function altitudeNeeds({ supply }: NeedContext): Need<MountingFigure>[] {
  const height = numberMark(supply, 'altitudeM');
  if (height === undefined) return [];
  return [
    needLine({
      id: 'altitude',
      quantity: 'maxAltitudeM',
      unit: 'm',
      limit: height,
      group: 'fit',
      optionalRating: true,
      brief: 'above the sea',
      because:
        height === null
          ? 'The height of the place is not known.'
          : `The place lies ${q(height, 'm')} above the sea; thin air cools and insulates less.`,
      source: 'usualService',
      inputs: ['supply.altitudeM'],
    }),
  ];
}

/** What is said of a place where usual ratings no longer hold: a part that prints its own limit has a line for it. */
export function serviceCautions({ supply }: Pick<NeedContext, 'supply'>): string[] {
  const [ambient, height] = [numberMark(supply, 'ambientC'), numberMark(supply, 'altitudeM')];
  const beyond = (what: string, usual: string) =>
    `${what}, above the usual ${usual}: where a part prints neither a limit of its own nor a derating, its ratings are not known here. Ask its maker.`;
  return [
    ...(ambient && ambient > usualService.ambientC
      ? [beyond(`The air here reaches ${q(ambient, '°C')}`, q(usualService.ambientC, '°C'))]
      : []),
    ...(height && height > usualService.altitudeM
      ? [beyond(`This place lies ${q(height, 'm')} above the sea`, q(usualService.altitudeM, 'm'))]
      : []),
  ];
}

/** Whether its terminals hold the conductor that is there, whether there is room for it, and its ratings hold at this height; asked where the position says so. */
export function mountingNeeds(context: NeedContext): Need<MountingFigure>[] {
  const { load, supply } = context;
  const conductor = numberMark(load, 'conductorMm2');
  const room = numberMark(supply, 'widthAvailableMm');
  const wire =
    conductor === undefined
      ? []
      : [
          needLine({
            id: 'wire-range',
            quantity: 'conductorMm2',
            figure: { kind: 'bands', name: 'wireRangeMm2' },
            unit: 'mm²',
            relation: 'includes',
            limit: conductor,
            group: 'fit',
            brief: 'conductor there',
            because:
              conductor === null
                ? 'The size of the conductor that is wired here is not known.'
                : `A conductor of ${q(conductor, 'mm²')} is wired here; a terminal that does not hold it whole runs hot.`,
            source: 'commonPractice',
            inputs: ['load.conductorMm2'],
          }),
        ];
  const always = [...wire, ...altitudeNeeds(context)];
  if (room === undefined) return always;
  return [
    ...always,
    needLine({
      id: 'mounting-width',
      quantity: 'mountingWidthMm',
      unit: 'mm',
      relation: '<=',
      limit: room,
      group: 'fit',
      severity: 'should',
      brief: 'room on the rail',
      because: room === null ? 'The room at this place is not known.' : `There are ${q(room, 'mm')} between its neighbours.`,
      source: 'commonPractice',
      inputs: ['supply.widthAvailableMm'],
    }),
  ];
}
