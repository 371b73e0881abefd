/** Fuses: UL classes, IEC bodies and categories, small fuses. Wiring only; see README.md in this folder. */
import { numberOrNull } from '../../certain';
import { holdName } from './gates';
import type { FuseSpec } from './fields';
import type { FuseFigure } from './figures';
import { fuseCurve } from './curve';
import { caseFieldsOf } from '../../fields/field';
import type { DeviceFamily, NeedContext } from '../contract';
import { fuseKeeps } from './keeps';
import { finishNeeds } from '../finish-needs';
import { noSettings } from '../no-settings';
import { canonicalFuse } from './canonical';
import { fuseCautions } from './cautions';
import { fuseDrill } from './drill';
import { fuseFaults } from './faults';
import { fuseNeeds, MOMENT_SECONDS } from './needs';
import { fuseShortDescription, fuseSpecFromPlate } from './spec-from-plate';
import { fuseProofs } from './proofs';
import { fuseFields } from './fields';

/** Lines that are asked whatever the parts carry; docs/decisions/0012 says why. */
const alwaysAsked: readonly RegExp[] = [
  /^(volts|interrupting|element|holder|branch-protection|overload-by-fuse|running|conductor|circuit|exact|category|string-least|string-most|module-most|i2t|inrush|disconnection|least-fault)$/,
];

export const fuses = {
  id: 'fuse',
  title: { iec: 'Fuse', nfpa: 'Fuse' },
  plural: 'fuses',
  loads: [
    'motor-3ph',
    'motor-1ph',
    'motor-group',
    'hermetic-compressor',
    'resistive-heater',
    'conductor-feeder',
    'transformer',
    'electronic-supply',
    'solid-state-switch',
    'battery',
    'battery-charger',
    'dc-string',
  ],
  fields: caseFieldsOf(fuseFields),
  ratingColumns: [],
  canonical: canonicalFuse,
  specFromPlate: fuseSpecFromPlate,
  shortDescription: fuseShortDescription,
  positionFields: {
    supply: [
      ...(['systemVolts', 'voltsToGround', 'phases', 'hertz', 'currentKind', 'grounding', 'prospectiveFaultAmps'] as const),
      ...(['minFaultAmps', 'loopImpedanceOhms', 'loopImpedanceBasis', 'fuseHolder', 'maxFuseWatts'] as const),
    ],
    load: [
      ...([
        'motors',
        'loadAmps',
        'continuousAmps',
        'noncontinuousAmps',
        'conductorAmpacityAmps',
        'smallConductorLimit',
        'overloadByFuse',
        'resettableFitted',
      ] as const),
      ...(['startAmps', 'startSeconds', 'inrushPeakAmps', 'inrushI2tA2s', 'maxPrimaryAmps', 'exactAmps', 'i2tLimitA2s'] as const),
      ...(['disconnectSeconds', 'minFaultTripSeconds', 'branchCircuitProtectionNeeded', 'blownThisMonth', 'plateWords'] as const),
    ],
    duty: [],
  },
  circuitRole: 'fuse-link',
  example: 'CLASS J 30 A 600 VAC 300 VDC IR 200 KA TIME DELAY',
  needs: (context: NeedContext) => finishNeeds(context, fuseNeeds, alwaysAsked),
  summary: [
    'at {volts}',
    'at least {running} running',
    '{inrush} inrush',
    'at most {conductor} for its conductor',
    'breaking {interrupting}',
    'tripping at {disconnection}',
  ],
  keeps: fuseKeeps,
  cautions: fuseCautions,
  proofs: fuseProofs,
  terminals: () => [],
  settings: noSettings,
  curve: fuseCurve,
  drill: fuseDrill,
  faultFinding: fuseFaults,
  // The gates of either standard at a moment; a fuse carries those of its own.
  ridesForAMoment: (part) => numberOrNull(part[holdName('iec', MOMENT_SECONDS)] ?? part[holdName('ul', MOMENT_SECONDS)]),
  coilSwap: { scheme: 'never', reason: 'A fuse has no coil.' },
} satisfies DeviceFamily<FuseSpec, FuseFigure>;
