/** A class of a style sheet that is a module is built under another name: 'save-state' as 'a1B2c3_saveState'. */
const built = (name: string) => name.replace(/-(\w)/g, (_, letter: string) => letter.toUpperCase());

/** Returns a selector with every class found under its own name and under the built one. Example: 'table.board thead .pick'. */
export const css = (selector: string): string =>
  selector.replace(/\.([a-zA-Z][\w-]*)/g, (_, name: string) => `:is(.${name}, [class$="_${built(name)}"], [class*="_${built(name)} "])`);
