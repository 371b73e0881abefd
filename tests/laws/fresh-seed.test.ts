/** The laws of judging over every worked case, the demo's positions and its catalogue, with a fresh seed each time. */
import { describe } from 'vitest';
import { holdLaws } from './hold-laws';

const fresh = Math.floor(Math.random() * 2 ** 31);

describe(`a fresh seed, ${fresh}`, () => holdLaws(fresh, 600));
