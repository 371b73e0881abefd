export const root: string;
export const stateDir: string;
export function freePort(): Promise<number>;
