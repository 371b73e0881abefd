/** Residual-current devices with and without overcurrent part, and North American ground-fault devices. Wiring only; see README.md in this folder. */
import type { ResidualCurrentSpec } from './fields';
import type { ResidualCurrentFigure } from './figures';
import { plainWords } from './owner-summary';
import { withoutStandardAliases } from './aliases';
import { residualCurrentCurve } from './curve';
import { caseFieldsOf } from '../../fields/field';
import type { DeviceFamily, NeedContext } from '../contract';
import { residualKeeps } from './keeps';
import { mountingNeeds } from '../service-needs';
import { finishNeeds } from '../finish-needs';
import { noSettings } from '../no-settings';
import { canonicalResidual } from './canonical';
import { residualCautions } from './cautions';
import { residualDrill } from './drill';
import { residualCurrentFaults } from './faults';
import { residualShortDescription, residualSpecFromPlate } from './spec-from-plate';
import { placeNeeds } from './place-needs';
import { residualProofs } from './proofs';
import { residualTerminals } from './terminals';
import { timeNeeds } from './time-needs';
import { detectionNeeds } from './type-needs';
import { residualCurrentFields } from './fields';

/** Lines that are asked whatever the parts carry; docs/decisions/0012 says why. */
const alwaysAsked: readonly RegExp[] = [
  /^(current-kind|volts|poles|running|circuit|overcurrent-part|interrupting|inrush|least-fault|residual-type|trip-level|protection-class)$/,
  /^sensitivity-/,
  /^standing-leakage$/,
];

export const residualCurrents = {
  id: 'residual-current',
  title: { iec: 'Residual-current device', nfpa: 'Ground-fault device' },
  plural: 'residual-current devices',
  loads: [
    ...['socket-circuit', 'mixed-single-phase-loads', 'distribution-board', 'conductor-feeder', 'resistive-heater', 'motor-1ph'],
    ...['motor-3ph', 'variable-speed-drive', 'electronic-supply', 'battery-charger', 'led-drivers'],
  ],
  fields: caseFieldsOf(residualCurrentFields),
  ratingColumns: [],
  canonical: canonicalResidual,
  derivedNames: /^(?:ratings\.acInterruptingAmps|ratedAmps\d+|seriesAmps)$/,
  specFromPlate: residualSpecFromPlate,
  shortDescription: residualShortDescription,
  positionFields: {
    supply: [
      ...(['systemVolts', 'voltsToGround', 'phases', 'wires', 'hertz', 'currentKind', 'grounding', 'earthElectrodeOhms'] as const),
      ...(['prospectiveFaultAmps', 'upstreamOvercurrentAmps', 'loopImpedanceOhms', 'widthAvailableMm', 'altitudeM'] as const),
    ],
    load: [
      ...([
        'electronics',
        'smoothDcLimitMilliamps',
        'standingLeakageMilliamps',
        'additionalProtection',
        'purpose',
        'overcurrentNeededHere',
      ] as const),
      ...([
        'downstreamSensitivityMilliamps',
        'selectivityRequired',
        'polesToSwitch',
        'loadAmps',
        'continuousAmps',
        'noncontinuousAmps',
      ] as const),
      ...(['conductorAmpacityAmps', 'conductorMm2', 'startAmps', 'disconnectSeconds', 'plateWords'] as const),
    ],
    duty: [],
  },
  circuitRole: 'residual',
  example: '40 A 0.03 A 230 V TYPE A EN 61008 10 000 2P',
  needs: (context: NeedContext) =>
    finishNeeds(context, (own) => [...placeNeeds(own), ...detectionNeeds(own), ...timeNeeds(own), ...mountingNeeds(own)], alwaysAsked),
  summary: [
    '{poles} pole{s}',
    'at {volts}',
    'at least {running} running',
    'type {residual-type}',
    'at most {sensitivity-people}',
    '{protection-class}',
  ],
  keeps: residualKeeps,
  cautions: residualCautions,
  proofs: residualProofs,
  terminals: residualTerminals,
  settings: noSettings,
  curve: residualCurrentCurve,
  withoutAliases: withoutStandardAliases,
  drill: residualDrill,
  faultFinding: residualCurrentFaults,
  extraViews: ['leakage'],
  ownersPage: plainWords,
  coilSwap: { scheme: 'never', reason: 'It has no coil to exchange.' },
} satisfies DeviceFamily<ResidualCurrentSpec, ResidualCurrentFigure>;
