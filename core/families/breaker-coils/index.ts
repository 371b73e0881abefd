/** Coils, motors and contacts that work an air breaker. Wiring only; see README.md in this folder. */
import type { BreakerCoilSpec } from './fields';
import type { BreakerCoilFigure } from './figures';
import { caseFieldsOf } from '../../fields/field';
import type { DeviceFamily, NeedContext } from '../contract';
import { breakerCoilKeeps } from './keeps';
import { finishNeeds } from '../finish-needs';
import { canonicalBreakerCoil } from './canonical';
import { breakerCoilCautions } from './cautions';
import { breakerCoilDrill } from './drill';
import { closingFaults } from '../../close-failure/closing-faults';
import { breakerCoilNeeds } from './needs';
import { breakerCoilShortDescription, breakerCoilSpecFromPlate } from './spec-from-plate';
import { breakerCoilProofs } from './proofs';
import { breakerCoilSettings } from './settings';
import { breakerCoilTerminals } from './terminals';
import { breakerCoilFields } from './fields';

/** Lines that are asked whatever the parts carry; docs/decisions/0012 says why. */
const alwaysAsked: readonly RegExp[] = [/^(function|coil-volts|coil-kind)$/];

export const breakerCoils = {
  id: 'breaker-coil',
  title: { iec: 'Breaker coil', nfpa: 'Breaker coil' },
  plural: 'breaker coils',
  loads: ['air-breaker-accessory'],
  fields: caseFieldsOf(breakerCoilFields),
  ratingColumns: [],
  canonical: canonicalBreakerCoil,
  specFromPlate: breakerCoilSpecFromPlate,
  shortDescription: breakerCoilShortDescription,
  positionFields: {
    supply: [
      ...(['controlVolts', 'controlVoltsMin', 'controlVoltsMax', 'controlKind', 'controlHertz', 'controlLoopOhms'] as const),
      ...(['supplyVA', 'controlTransformerVA', 'controlTransformerInrushVA', 'driverMaxAmps'] as const),
    ],
    load: [
      ...(['action', 'frameNeeded', 'commandMaintained', 'commandSeconds', 'releasePercent', 'dipPercent', 'dipSeconds'] as const),
      ...(['sourceNeeded', 'school', 'auxNormallyOpenNeeded', 'auxNormallyClosedNeeded'] as const),
    ],
    duty: [],
  },
  circuitRole: 'release',
  example: 'SHUNT TRIP 110 V DC OPERATING RANGE 70-110 % MAX ON TIME 1 S C1-C2',
  needs: (context: NeedContext) => finishNeeds(context, breakerCoilNeeds, alwaysAsked),
  summary: ['{function}', 'for {frame}', 'coil {coil-volts} {coil-kind}', 'riding through a dip to {dip}'],
  keeps: breakerCoilKeeps,
  cautions: breakerCoilCautions,
  proofs: breakerCoilProofs,
  terminals: breakerCoilTerminals,
  settings: breakerCoilSettings,
  drill: breakerCoilDrill,
  faultFinding: closingFaults,
  extraViews: ['closing'],
  coilSwap: { scheme: 'never', reason: 'It is the coil: another mark is another part.' },
} satisfies DeviceFamily<BreakerCoilSpec, BreakerCoilFigure>;
