/** Breakers: miniature, moulded-case, North American moulded-case, DC, electronic. Wiring only; see README.md in this folder. */
import { numberOrNull } from '../../certain';
import type { BreakerSpec } from './fields';
import type { BreakerFigure } from './figures';
import { breakerCurve } from './curve';
import { caseFieldsOf } from '../../fields/field';
import type { DeviceFamily, NeedContext } from '../contract';
import { breakerKeeps } from './keeps';
import { mountingNeeds } from '../service-needs';
import { finishNeeds } from '../finish-needs';
import { noSettings } from '../no-settings';
import { canonicalBreaker } from '../../overcurrent/breaker-marks';
import { breakerCautions } from './cautions';
import { breakerDrill } from './drill';
import { breakerFaults } from './faults';
import { breakerLines, circuitNeeds } from '../../overcurrent/breaker-circuit';
import { breakerShortDescription, breakerSpecFromPlate } from './spec-from-plate';
import { breakerProofs } from './proofs';
import { supplyNeeds } from '../../overcurrent/breaker-supply';
import { breakerTerminals } from '../../overcurrent/breaker-terminals';
import { breakerFields } from './fields';

/** Lines that are asked whatever the parts carry; docs/decisions/0012 says why. */
const alwaysAsked: readonly RegExp[] = breakerLines;

export const breakers = {
  id: 'breaker',
  title: { iec: 'Circuit breaker', nfpa: 'Breaker' },
  plural: 'breakers',
  loads: [
    'motor-3ph',
    'motor-1ph',
    'motor-group',
    'hermetic-compressor',
    'resistive-heater',
    'conductor-feeder',
    'socket-circuit',
    'distribution-board',
    'transformer',
    'electronic-supply-branch',
    'battery',
    'battery-charger',
  ],
  fields: caseFieldsOf(breakerFields),
  ratingColumns: [],
  canonical: canonicalBreaker,
  specFromPlate: breakerSpecFromPlate,
  shortDescription: breakerShortDescription,
  positionFields: {
    supply: [
      ...(['systemVolts', 'voltsToGround', 'phases', 'hertz', 'currentKind', 'grounding', 'prospectiveFaultAmps'] as const),
      ...([
        'minFaultAmps',
        'loopImpedanceOhms',
        'loopImpedanceBasis',
        'currentReverses',
        'ambientC',
        'widthAvailableMm',
        'altitudeM',
      ] as const),
    ],
    load: [
      ...(['motors', 'starter', 'polesToSwitch', 'polesThatMustOpen', 'loadAmps', 'continuousAmps', 'noncontinuousAmps'] as const),
      ...([
        'conductorAmpacityAmps',
        'conductorMm2',
        'smallConductorLimit',
        'startAmps',
        'startSeconds',
        'inrushPeakAmps',
        'maxPrimaryAmps',
      ] as const),
      ...(['disconnectSeconds', 'minFaultTripSeconds', 'branchCircuitProtectionNeeded', 'plateWords'] as const),
    ],
    duty: [],
  },
  circuitRole: 'circuit-breaker',
  example: '20 A 3 POLE 480Y/277 V 14 KA HACR 40°C',
  needs: (context: NeedContext) =>
    finishNeeds(context, (own) => [...supplyNeeds(own), ...circuitNeeds(own), ...mountingNeeds(own)], alwaysAsked),
  summary: [
    '{poles} pole{s}',
    'at {volts}',
    'at least {running} running',
    '{inrush} inrush',
    'at most {conductor} for its conductor',
    'breaking {interrupting}',
    'tripping at {disconnection}',
  ],
  keeps: breakerKeeps,
  cautions: breakerCautions,
  proofs: breakerProofs,
  terminals: breakerTerminals,
  settings: noSettings,
  curve: breakerCurve,
  drill: breakerDrill,
  faultFinding: breakerFaults,
  ridesForAMoment: (part, current) => numberOrNull(part[current === 'dc' ? 'instantaneousHoldsDc' : 'instantaneousHoldsAc']),
  coilSwap: { scheme: 'never', reason: 'A breaker has no coil to exchange; its releases are parts of their own.' },
} satisfies DeviceFamily<BreakerSpec, BreakerFigure>;
