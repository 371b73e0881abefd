/**
 * Contactors: IEC, NEMA-size, definite-purpose and lighting types. Wiring only; see README.md in this folder.
 */
import type { ContactorSpec } from './fields';
import type { ContactorFigure } from './figures';
import { caseFieldsOf } from '../../fields/field';
import type { DeviceFamily, NeedContext } from '../contract';
import { contactorKeeps } from './keeps';
import { finishNeeds } from '../finish-needs';
import { mountingNeeds } from '../service-needs';
import { noSettings } from '../no-settings';
import { canonicalContactor } from './canonical';
import { contactorCautions } from './cautions';
import { coilNeeds } from '../../coils/needs';
import { contactorDrill } from './drill';
import { contactorFaults } from './faults';
import { coilShortDescription } from '../../coils/short-description';
import { fitNeeds } from './fit-needs';
import { loadNeeds } from './load-needs';
import { contactorProofs } from './proofs';
import { contactorTerminals } from './terminals';
import { contactorFields } from './fields';

/** Lines that are asked whatever the parts carry; docs/decisions/0012 says why. */
const alwaysAsked: readonly RegExp[] = [/^(rating-kind|volts|poles|poles-open|running|locked-rotor|jogging|coil-volts|coil-kind)$/];

export const contactors = {
  id: 'contactor',
  title: { iec: 'Contactor', nfpa: 'Contactor' },
  plural: 'contactors',
  loads: ['motor-3ph', 'motor-1ph', 'hermetic-compressor', 'resistive-heater', 'lamp-bank'],
  fields: caseFieldsOf(contactorFields),
  ratingColumns: ['fullLoadAmps', 'lockedRotorAmps', 'resistiveAmps', 'ac1Amps', 'ac3Amps', 'ac4Amps', 'normalHp', 'joggingHp'],
  canonical: canonicalContactor,
  derivedNames: /^(?:ratingKindsPerhaps|ratings\.(?:continuous|normalHp|normalHpSinglePhase|joggingHp) at \d+)$/,
  specFromPlate: (marks) => marks,
  shortDescription: coilShortDescription,
  positionFields: {
    supply: [
      ...(['systemVolts', 'phases', 'hertz', 'currentKind', 'prospectiveFaultAmps', 'grounding'] as const),
      ...([
        'controlVolts',
        'controlKind',
        'controlHertz',
        'controlTransformerVA',
        'controlTransformerInrushVA',
        'controlLoopOhms',
        'ambientC',
        'widthAvailableMm',
        'altitudeM',
      ] as const),
    ],
    load: [
      'control',
      'starter',
      'starterRole',
      'polesToSwitch',
      'polesThatMustOpen',
      'auxNormallyOpenNeeded',
      'auxNormallyClosedNeeded',
      'conductorMm2',
    ],
    duty: ['startsPerHour', 'joggingPerMinute', 'operationsPerDay', 'lifeYearsWanted'],
  },
  circuitRole: 'switching',
  example: 'SIZE 1 3P COIL 120V 60HZ 1NO',
  needs: (context: NeedContext) =>
    finishNeeds(context, (own) => [...loadNeeds(own), ...coilNeeds(own), ...fitNeeds(own), ...mountingNeeds(own)], alwaysAsked),
  summary: [
    '{poles} pole{s}',
    'at {volts}',
    'at least {running} running',
    '{locked-rotor} starting',
    '{jogging} jogging',
    'coil {coil-volts} {coil-kind}',
    '{aux-open} normally open',
  ],
  keeps: contactorKeeps,
  cautions: contactorCautions,
  proofs: contactorProofs,
  terminals: contactorTerminals,
  settings: noSettings,
  drill: contactorDrill,
  faultFinding: contactorFaults,
  coilSwap: { scheme: 'always' },
} satisfies DeviceFamily<ContactorSpec, ContactorFigure>;
