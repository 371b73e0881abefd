/** An air circuit breaker's plate: frame, trip unit L S I G, breaking and short-time withstand. Names: common practice. */
import { plateFieldsOf } from '../../fields/print';
import type { PlateDefinition } from '../../plates/plate-field';
import { airBreakerFields } from './fields';

export const airBreakerPlate: PlateDefinition = {
  id: 'air-breaker',
  title: 'Air breaker',
  side: 'device',
  fields: plateFieldsOf(airBreakerFields),
  cues: [
    [/AIR CIRCUIT BREAKER|\bACB\b|DRAW-?OUT|WITHDRAWABLE/i, 8],
    [/\bICW\b|LSIG?\b/i, 3],
    [/SPRING|CHARGED/i, 3],
  ],
};
