/** Overload relays: bimetal, electronic, heater elements. Wiring only; see README.md in this folder. */
import type { OverloadRelaySpec } from './fields';
import type { OverloadRelayFigure } from './figures';
import { overloadRelayCurve } from './curve';
import { caseFieldsOf } from '../../fields/field';
import type { DeviceFamily, NeedContext } from '../contract';
import { overloadKeeps } from './keeps';
import { mountingNeeds } from '../service-needs';
import { finishNeeds } from '../finish-needs';
import { noSettings } from '../no-settings';
import { canonicalOverloadRelay } from './canonical';
import { overloadCautions } from './cautions';
import { overloadDrill } from './drill';
import { overloadRelayFaults } from './faults';
import { overloadNeeds } from './needs';
import { overloadShortDescription, overloadSpecFromPlate } from './spec-from-plate';
import { overloadProofs } from './proofs';
import { overloadTerminals } from './terminals';
import { overloadRelayFields } from './fields';

/** Lines that are asked whatever the parts carry; docs/decisions/0012 says why. */
const alwaysAsked: readonly RegExp[] = [/^(kind|poles|setting|start-time|stall-time)$/];

export const overloadRelays = {
  id: 'overload-relay',
  title: { iec: 'Overload relay', nfpa: 'Overload relay' },
  plural: 'overload relays',
  loads: ['motor-3ph', 'motor-1ph', 'hermetic-compressor'],
  fields: caseFieldsOf(overloadRelayFields),
  ratingColumns: [],
  canonical: canonicalOverloadRelay,
  specFromPlate: overloadSpecFromPlate,
  shortDescription: overloadShortDescription,
  positionFields: {
    supply: ['systemVolts', 'phases', 'hertz', 'currentKind', 'ambientC', 'widthAvailableMm', 'altitudeM'],
    load: [
      ...([
        'control',
        'starter',
        'overloadPosition',
        'startSeconds',
        'stallSecondsHot',
        'resetNeeded',
        'tripContactsNeeded',
        'conductorMm2',
      ] as const),
      ...(['currentTransformerPrimaryAmps', 'currentTransformerSecondaryAmps'] as const),
    ],
    duty: [],
  },
  circuitRole: 'overload',
  example: 'SETTING RANGE 12 - 18 A TRIP CLASS 10 RESET MAN/AUTO',
  needs: (context: NeedContext) => finishNeeds(context, (own) => [...overloadNeeds(own), ...mountingNeeds(own)], alwaysAsked),
  summary: ['{poles} pole{s}', 'a dial for {setting}', 'no trip within {start-time} at start', 'stall tripped within {stall-time}'],
  keeps: overloadKeeps,
  cautions: overloadCautions,
  proofs: overloadProofs,
  terminals: overloadTerminals,
  settings: noSettings,
  curve: overloadRelayCurve,
  drill: overloadDrill,
  faultFinding: overloadRelayFaults,
  coilSwap: { scheme: 'never', reason: 'An overload relay has no coil; heater elements are parts of their own.' },
} satisfies DeviceFamily<OverloadRelaySpec, OverloadRelayFigure>;
