/**
 * Marks with some of them said otherwise. What is not changed is read through, so that it still shows which marks were read. Defined, not
 * assigned: marks that are frozen may be said otherwise too.
 */
export const overlay = <M extends object>(marks: M, changes: Partial<M>): M =>
  Object.create(marks, Object.getOwnPropertyDescriptors(changes)) as M;

/** Marks that tell which of their names were asked for. */
export function watched<M extends object>(marks: M): { marks: M; read: ReadonlySet<string> } {
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
