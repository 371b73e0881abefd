import type { Practice } from '@/core/case/case';
import type { Verdict } from '@/core/needs/need';
import type { Point } from './OpenPointNote';

export type TileState =
  'fits' | 'check' | 'not-known' | 'never-judged' | 'swap-open' | 'wrong-part' | 'spent-part' | 'open-point' | 'repeat-failure' | 'waiting';
export type Tile = {
  id: string;
  tag: string;
  function: string;
  family: string;
  rating: string;
  rail: number;
  states: TileState[];
  onTheBench: boolean;
  deviceName: string;
  fittedOn: string | null;
  load: string;
  judged: { verdict: Verdict; unknown: number } | null;
  symptoms: { id: string; title: string }[];
  waiting: string | null;
  wrong: string[];
  spent: string[];
  openPoints: Point[];
  swapId: string | null;
  history: { at: string; kind: string; text: string; recordId: string | null }[];
};
/** Opens the job of a position: at its candidates, or from what it does. */
export type Start = (positionId: string, at?: { stage: 'match' } | { symptom: string }) => void;
export type Panel = { id: string; name: string; note: string; rails: number; count: number; positions: Tile[] };
export type Site = { id: string; name: string; practice: Practice; timeZone: string; count: number; panels: Panel[] };
