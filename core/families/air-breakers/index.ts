/** Air circuit breakers. Wiring only; see README.md in this folder. */
import type { AirBreakerSpec } from './fields';
import type { AirBreakerFigure } from './figures';
import { airBreakerCurve } from './curve';
import { caseFieldsOf } from '../../fields/field';
import type { DeviceFamily, NeedContext } from '../contract';
import { breakerLines } from '../../overcurrent/breaker-circuit';
import { airBreakerKeeps } from './keeps';
import { finishNeeds } from '../finish-needs';
import { canonicalAirBreaker } from './canonical';
import { airBreakerCautions } from './cautions';
import { airBreakerDrill } from './drill';
import { closingFaults } from '../../close-failure/closing-faults';
import { airBreakerNeeds } from './needs';
import { airBreakerShortDescription, airBreakerSpecFromPlate } from './spec-from-plate';
import { plannedCurve } from './planned-curve';
import { airBreakerProofs } from './proofs';
import { airBreakerSettings } from './settings';
import { airBreakerTerminals } from './terminals';
import { airBreakerTrips } from './faults';
import { airBreakerFields } from './fields';

/** Lines that are asked whatever the parts carry; docs/decisions/0012 says why. */
const alwaysAsked: readonly RegExp[] = [...breakerLines, /^trip-function/, /^(withstand|coil-volts|coil-kind)$/];

export const airBreakers = {
  id: 'air-breaker',
  title: { iec: 'Air circuit breaker', nfpa: 'Power breaker' },
  plural: 'air breakers',
  loads: ['distribution-board', 'conductor-feeder', 'motor-group', 'transformer'],
  fields: caseFieldsOf(airBreakerFields),
  ratingColumns: [],
  canonical: canonicalAirBreaker,
  derivedNames: /^(?:acInterruptingMark|seriesAmps)$/,
  specFromPlate: airBreakerSpecFromPlate,
  shortDescription: airBreakerShortDescription,
  positionFields: {
    supply: [
      ...(['systemVolts', 'voltsToGround', 'phases', 'hertz', 'currentKind', 'grounding', 'prospectiveFaultAmps', 'minFaultAmps'] as const),
      ...(['ambientC', 'controlVolts', 'controlVoltsMin', 'controlVoltsMax', 'controlKind', 'controlHertz', 'supplyVA'] as const),
    ],
    load: [
      ...(['loadAmps', 'continuousAmps', 'noncontinuousAmps', 'motors', 'conductorAmpacityAmps', 'polesToSwitch'] as const),
      ...(['tripFunctionsNeeded', 'withstandSeconds', 'remoteOperation', 'maintenanceModeNeeded', 'mountingNeeded'] as const),
      ...(['longestShutdownHours', 'protocolNeeded', 'branchCircuitProtectionNeeded'] as const),
    ],
    duty: [],
  },
  circuitRole: 'circuit-breaker',
  example: '1600 A 690 V 3P ICU 65 KA ICW 50 KA LSIG DRAW-OUT IEC 60947-2',
  needs: (context: NeedContext) => finishNeeds(context, airBreakerNeeds, alwaysAsked),
  summary: [
    '{poles} pole{s}',
    'at {volts}',
    'at least {running} running',
    'breaking {interrupting}',
    'withstanding {withstand}',
    'coil {coil-volts} {coil-kind}',
  ],
  keeps: airBreakerKeeps,
  cautions: airBreakerCautions,
  proofs: airBreakerProofs,
  terminals: airBreakerTerminals,
  settings: airBreakerSettings,
  curve: airBreakerCurve,
  drill: airBreakerDrill,
  faultFinding: closingFaults,
  furtherFaults: airBreakerTrips,
  extraViews: ['closing'],
  curveSettings: plannedCurve,
  coilSwap: { scheme: 'never', reason: 'Its coils are parts of their own: see breaker coils.' },
} satisfies DeviceFamily<AirBreakerSpec, AirBreakerFigure>;
