// Builds the application where its sources are others than those of the last build; a process of its own, so that a start can be broken off.
import { build } from './lib/machine.mjs';

build();
