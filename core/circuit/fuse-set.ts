/** Fuses of one circuit: F1 and F2 know each other. Common practice. */
import { listed, ofRole, tagsOf, type CircuitLine, type CircuitMember } from './circuit';

/** What must be the same in all of a set. */
const setMarks = {
  ratedAmps: 'amps',
  fuseClass: 'class',
  utilisation: 'category',
  speed: 'speed',
  bodySize: 'body',
  voltsAc: 'AC volts',
  voltsDc: 'DC volts',
  interruptingAmpsAc: 'breaking capacity',
} as const;
const DAY_MS = 24 * 3600 * 1000;

export function fuseSetLines(members: readonly CircuitMember[]): CircuitLine[] {
  const fuses = ofRole(members, 'fuse-link');
  const [first] = fuses;
  if (!first || fuses.length < 2) return [];
  const base = { id: 'fuse-set', title: 'The set of fuses', about: tagsOf(fuses), source: 'commonPractice' as const };
  const unread = fuses.filter(({ spec }) => !spec);
  if (unread.length > 0) return [{ ...base, verdict: 'not-known', because: `Nothing has been read from ${listed(tagsOf(unread))}.` }];
  const marksOf = (name: string): unknown[] => fuses.map(({ spec }) => spec?.[name]);
  const known = (name: string): unknown[] => marksOf(name).filter((mark) => mark !== null && mark !== undefined);
  const differ = Object.entries(setMarks).filter(([name]) => new Set(known(name).map((mark) => JSON.stringify(mark))).size > 1);
  if (differ.length > 0)
    return [
      {
        ...base,
        verdict: 'fails',
        because: `${listed(tagsOf(fuses))} differ in ${listed(differ.map(([, title]) => title))}. Fuses of one set are the same: one that opens before its time leaves a motor on two phases, one that opens too late protects nothing.`,
      },
    ];
  // Read on none of them and worn on none, it is no mark of these; their amps are always one.
  const worn = Object.entries(setMarks).filter(
    ([name]) => known(name).length < fuses.length && (known(name).length > 0 || marksOf(name).includes(null) || name === 'ratedAmps'),
  );
  if (worn.length > 0)
    return [
      {
        ...base,
        verdict: 'not-known',
        because: `Not all of ${listed(worn.map(([, title]) => title))} can be read on ${listed(tagsOf(fuses))}.`,
      },
    ];
  const days = fuses.flatMap(({ fittedOn }) => (fittedOn === null ? [] : [Math.floor(Date.parse(fittedOn) / DAY_MS)]));
  const apart = days.length > 1 && Math.max(...days) !== Math.min(...days);
  return [
    apart
      ? {
          ...base,
          verdict: 'check',
          because: `The same in all marks, but not fitted on one day: after a short circuit the one that held has carried it too. Where one has opened, all of the set are replaced.`,
        }
      : { ...base, verdict: 'fits', because: `${listed(tagsOf(fuses))} are the same in all marks.` },
  ];
}
