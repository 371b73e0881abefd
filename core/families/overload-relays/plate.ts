/** An overload relay's plate: setting range, trip class, phase loss, reset. Names: common practice; classes as in IEC 60947-4-1. */
import { plateFieldsOf } from '../../fields/print';
import type { PlateDefinition } from '../../plates/plate-field';
import { overloadRelayFields } from './fields';

export const overloadRelayPlate: PlateDefinition = {
  id: 'overload-relay',
  title: 'Overload relay',
  side: 'device',
  fields: plateFieldsOf(overloadRelayFields),
  cues: [
    [/OVERLOAD|TRIP CLASS|THERMAL RELAY/i, 8],
    [/PHASE LOSS|RESET/i, 2],
    [/\b9[5-8]\b[\s\S]*\b9[5-8]\b/, 3],
  ],
};
