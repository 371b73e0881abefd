import { wordsMark, bandsMark } from '../core/case/case';
import { database } from '../data/connection';
import { partsOfFamily, takersOfDemoParts } from '../data/catalogue';
import type { TimerPart } from '../core/timing/match';

const flag = (mark: unknown): boolean | null => (mark === true ? true : mark === null || mark === undefined ? null : false);

/** The timers of the catalogue as the lab matches them. */
export async function timerParts(): Promise<TimerPart[]> {
  const knex = database();
  const [parts, demo] = await Promise.all([partsOfFamily(knex, 'timing-relay'), takersOfDemoParts(knex).first()]);
  const offered = parts.filter((part) => demo || !part.demo);
  return offered.map(({ id, name, raw }) => ({
    id,
    name,
    words: wordsMark(raw.functionWords),
    signalInput: flag(raw.signalInput),
    ranges: bandsMark(raw.rangesSeconds),
    twoTimes: flag(raw.twoTimes),
    repeatPercent: typeof raw.repeatAccuracyPercent === 'number' ? raw.repeatAccuracyPercent : null,
  }));
}
