/**
 * What do the words of a plate bind: a largest device, its kind, its class?
 * "MAX FUSE 35 A" excludes a breaker; "MAX FUSE OR HACR BREAKER 40 A" allows one marked HACR.
 * Source: NFPA 70 110.3(B), 440.4(B), 440.22(C), from memory.
 */
export type PlateWords = {
  /** Largest device by kind, A; undefined where the words name none. */
  fuseAmps?: number;
  breakerAmps?: number;
  /** Kinds that the words allow; both where they name neither. */
  kinds: readonly ('fuse' | 'breaker')[];
  hacr: boolean;
  timeDelay: boolean;
  fuseClass?: string;
};

const AMPS = /(\d+(?:\.\d+)?)\s*(?:A\b|AMPS?\b|AMPERES?\b)?/;

/** Reads the words; undefined where they bind nothing on an overcurrent device. */
export function readPlateWords(text: string): PlateWords | undefined {
  const words = text.toUpperCase().replace(/[,;]/g, ' ');
  const fuse = /FUSE/.test(words);
  const breaker = /BREAKER|BRKR|\bBKR\b|\bHACR\b|\bMCCB\b|\bMCB\b|\bC\/?B\b/.test(words);
  const limit = /\bMAX(?:IMUM|\.)?\b|\bMOP\b|\bMOCP\b/.test(words);
  if (!limit || !(fuse || breaker || /OVERCURRENT|PROTECTI|\bMOP\b|\bMOCP\b/.test(words))) return undefined;
  const after = words.slice(words.search(/\bMAX|\bMOP|\bMOCP/));
  const amps = AMPS.exec(after.replace(/RK\d|K\d/g, ''))?.[1];
  const value = amps === undefined ? undefined : Number(amps);
  const kinds: PlateWords['kinds'] = fuse === breaker ? ['fuse', 'breaker'] : fuse ? ['fuse'] : ['breaker'];
  const fuseClass = /CLASS\s+(RK1|RK5|CC|K1|K5|J|T|G|L|H)\b/.exec(words)?.[1];
  return {
    kinds,
    hacr: /\bHACR\b/.test(words),
    timeDelay: /TIME[\s-]?DELAY|DUAL[\s-]?ELEMENT/.test(words),
    ...(fuseClass ? { fuseClass } : {}),
    ...(value !== undefined && kinds.includes('fuse') ? { fuseAmps: value } : {}),
    ...(value !== undefined && kinds.includes('breaker') ? { breakerAmps: value } : {}),
  };
}
