import type { Marks } from './case';

/** Marks with some of them said otherwise. What is not changed is read through, so that it still shows which marks were read. */
export const overlay = (marks: Marks, changes: Marks): Marks => Object.assign(Object.create(marks) as Marks, changes);

/** Marks that tell which of their names were asked for. */
export function watched(marks: Marks): { marks: Marks; read: ReadonlySet<string> } {
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
