import type { cluster } from './postgres.mjs';

export function prepareDatabase(pg: ReturnType<typeof cluster>, port: number, name?: string, flags?: string[]): string;
