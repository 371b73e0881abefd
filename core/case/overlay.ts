import type { FieldValues } from './case';

/** Marks with some of them said otherwise. What is not changed is read through, so that it still shows which marks were read. */
export const overlay = (marks: FieldValues, changes: FieldValues): FieldValues =>
  Object.assign(Object.create(marks) as FieldValues, changes);

/** Marks that tell which of their names were asked for. */
export function watched(marks: FieldValues): { marks: FieldValues; read: ReadonlySet<string> } {
  const read = new Set<string>();
  return {
    read,
    marks: new Proxy(marks, {
      get(target, name, receiver) {
        if (typeof name === 'string') read.add(name);
        return Reflect.get(target, name, receiver) as unknown;
      },
    }),
  };
}
