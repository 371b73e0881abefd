/** The groups in which lines are shown, in their order. */
import type { Need } from './need';

export const groupWords: Record<Need['group'], string> = {
  safety: 'Safety',
  load: 'Load',
  coil: 'Coil',
  fit: 'Fit and service',
};
export const groupOrder: Need['group'][] = ['safety', 'load', 'coil', 'fit'];
