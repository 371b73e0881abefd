/** The socket of a plug-in relay or timer, which should stay as on the removed part. Source: common practice, the substitution matrix. */
import type { KeptMark } from '../matching/changes';
import type { BaseFigure } from './figures';

export const socketKept: KeptMark<BaseFigure> = {
  name: 'base',
  label: 'Socket',
  unit: '',
  why: 'Another socket is rewired wire by wire.',
  ask: 'Is the socket changed with it, and is the new diagram at hand?',
  lines: ['base'],
};
