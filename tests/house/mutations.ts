/** Ways in which a family can break its contract, one duty at a time. Each returns the broken family, or undefined where it has nothing to break. */
import type { DeviceFamily, NeedContext } from '@/core/families/contract';
import type { Need } from '@/core/needs/need';

export type Mutation = { what: string; apply: (family: DeviceFamily) => DeviceFamily | undefined };

/** Changes the first line that has what the change is about, in every context. */
const eachLine =
  (change: (need: Need) => Need | Need[] | undefined) =>
  (family: DeviceFamily): DeviceFamily => ({
    ...family,
    needs: (context: NeedContext) => {
      let done = false;
      return family.needs(context).flatMap((need) => {
        const changed = done ? undefined : change(need);
        if (changed === undefined) return [need];
        done = true;
        return changed;
      });
    },
  });
const everyLine =
  (change: (need: Need) => Need) =>
  (family: DeviceFamily): DeviceFamily => ({
    ...family,
    needs: (context) => family.needs(context).map(change),
  });
const firstWay = (need: Need, change: Partial<Need['ways'][0]>): Need => ({
  ...need,
  ways: [{ ...need.ways[0], ...change }, ...need.ways.slice(1)],
});

export const mutations: readonly Mutation[] = [
  {
    what: 'a field without a meaning',
    apply: (f) => ({ ...f, fields: f.fields.map((one, i) => (i === 0 ? { ...one, meaning: '' } : one)) }),
  },
  { what: 'a field declared twice', apply: (f) => ({ ...f, fields: [...f.fields, f.fields[0]!] }) },
  {
    what: 'a label in small letters',
    apply: (f) => ({ ...f, fields: f.fields.map((one, i) => (i === 0 ? { ...one, label: 'standard' } : one)) }),
  },
  {
    what: 'a figure without a unit',
    apply: (f) => {
      const at = f.fields.findIndex(({ kind }) => kind === 'number');
      return { ...f, fields: f.fields.map((one, i) => (i === at ? { ...one, unit: undefined } : one)) };
    },
  },
  {
    what: 'a plate mark as a field of the case',
    apply: (f) => ({ ...f, fields: f.fields.map((one, i) => (i === 0 ? { ...one, plateOnly: true as const } : one)) }),
  },
  {
    what: 'a mistyped field of the supply',
    apply: (f) => ({ ...f, positionFields: { ...f.positionFields, supply: ['systemVolt' as never] } }),
  },
  {
    what: 'a mistyped field of the duty',
    apply: (f) => ({ ...f, positionFields: { ...f.positionFields, duty: ['startsAnHour' as never] } }),
  },
  { what: 'a kind of load that is none', apply: (f) => ({ ...f, loads: [...f.loads, 'motor-2ph'] }) },
  { what: 'a rating column that is none', apply: (f) => ({ ...f, ratingColumns: ['ac3Amp'] }) },
  { what: 'no lines', apply: (f) => ({ ...f, needs: () => [] }) },
  { what: 'a line without its source', apply: eachLine((need) => ({ ...need, source: 'nowhere' as Need['source'] })) },
  { what: 'a line without a reason', apply: eachLine((need) => ({ ...need, because: '' })) },
  { what: 'a reason with a hole in it', apply: eachLine((need) => ({ ...need, because: `The load takes ${String(undefined)} A.` })) },
  { what: 'a mistyped figure', apply: eachLine((need) => firstWay(need, { figure: { kind: 'field', name: 'ratedAmpz' } })) },
  {
    what: 'a mistyped rating column',
    apply: eachLine((need) => firstWay(need, { figure: { kind: 'rating', column: 'ac3Amp', minVolts: 400, current: 'ac', factor: 1 } })),
  },
  { what: 'a quantity without a term', apply: eachLine((need) => firstWay(need, { quantity: 'ratedAmpz' })) },
  { what: 'a mistyped input', apply: eachLine((need) => ({ ...need, inputs: ['load.fullLoadAmp'] })) },
  { what: 'a line twice', apply: eachLine((need) => [need, need]) },
  { what: 'no line asked whatever the parts carry', apply: everyLine((need) => ({ ...need, alwaysAsked: false })) },
  { what: 'no line of safety', apply: everyLine((need) => ({ ...need, safety: false })) },
  { what: 'a line of safety that is advice', apply: eachLine((need) => (need.safety ? { ...need, severity: 'should' } : undefined)) },
  { what: 'an assumed mark that counts as read', apply: everyLine((need) => ({ ...need, assumed: false })) },
  { what: 'a kept mark that no part carries', apply: (f) => ({ ...f, keeps: [...f.keeps, { ...f.keeps[0]!, name: 'polez' }] }) },
  {
    what: 'a kept mark for a line that is never asked',
    apply: (f) => ({ ...f, keeps: f.keeps.map((one, i) => (i === 0 ? { ...one, lines: ['polez'] } : one)) }),
  },
  {
    what: 'a kept mark without a question',
    apply: (f) => ({ ...f, keeps: f.keeps.map((one, i) => (i === 0 ? { ...one, ask: '' } : one)) }),
  },
  { what: 'a summary of a line that is never asked', apply: (f) => ({ ...f, summary: ['at least {runing}'] }) },
  { what: 'no summary', apply: (f) => ({ ...f, summary: [] }) },
  { what: 'no tests', apply: (f) => ({ ...f, proofs: () => [] }) },
  {
    what: 'a test without a reason',
    apply: (f) => ({ ...f, proofs: (context) => f.proofs(context).map((one, i) => (i === 0 ? { ...one, because: '' } : one)) }),
  },
  {
    what: 'a test whose limits are the wrong way round',
    apply: (f) => ({ ...f, proofs: (context) => f.proofs(context).map((one, i) => (i === 0 ? { ...one, low: 2, high: 1 } : one)) }),
  },
  {
    what: 'a figure of a test without a unit',
    apply: (f) => ({
      ...f,
      proofs: (context) => f.proofs(context).map((one, i) => (i === 0 ? { ...one, kind: 'figure' as const, unit: '' } : one)),
    }),
  },
  { what: 'a caution that is no sentence', apply: (f) => ({ ...f, cautions: () => ['mind the other leg'] }) },
  {
    what: 'a setting without a reason',
    apply: (f) => ({ ...f, settings: () => ({ rows: [{ id: 'ir', name: 'Ir', value: '10 A', reason: '', source: 'x' }], conflicts: [] }) }),
  },
  {
    what: 'a canonical form that changes what it is given',
    apply: (f) => ({
      ...f,
      canonical: (spec) => {
        spec.seen = true;
        return f.canonical(spec);
      },
    }),
  },
  { what: 'an example line that says nothing', apply: (f) => ({ ...f, example: 'lorem' }) },
  { what: 'no word for a coil change', apply: (f) => ({ ...f, coilSwap: { scheme: 'never', reason: '' } }) },
  { what: 'no exercise', apply: (f) => ({ ...f, drill: [] }) },
  { what: 'no title in one practice', apply: (f) => ({ ...f, title: { ...f.title, nfpa: '' } }) },
  { what: 'a short description with a hole in it', apply: (f) => ({ ...f, shortDescription: () => `${String(undefined)} A` }) },
  {
    what: 'a plate that makes a field of no case',
    apply: (f) => ({ ...f, specFromPlate: (marks, supply) => ({ ...f.specFromPlate(marks, supply), ratedAmpz: 1 }) }),
  },
];
