/** The laws of judging over every worked case, the demo's positions and its catalogue, with a fixed seed. */
import { describe } from 'vitest';
import { holdLaws } from './hold-laws';

describe('a fixed seed', () => holdLaws(20261129, 150));
