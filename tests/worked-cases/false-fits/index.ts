/** Every part that once was a false fit, or was failed without need. */
import { neverAsked } from './never-asked';
import { bySupplyAndCircuit } from './supply-and-circuit';
import { byUnknownMarks } from './unknown-marks';
import { byLoad } from './load';
import { needless } from './needless';
import type { FalseFit } from './false-fit';

export const falseFits: readonly FalseFit[] = [...neverAsked, ...bySupplyAndCircuit, ...byUnknownMarks, ...byLoad, ...needless];
