/** Run capacitors of permanent-split motors. Wiring only; see README.md in this folder. */
import type { RunCapacitorSpec } from './fields';
import type { RunCapacitorFigure } from './figures';
import { caseFieldsOf } from '../../fields/field';
import type { DeviceFamily, NeedContext } from '../contract';
import { runCapacitorKeeps } from './keeps';
import { finishNeeds } from '../finish-needs';
import { noSettings } from '../no-settings';
import { canonicalRunCapacitor } from './canonical';
import { runCapacitorCautions } from './cautions';
import { combineCapacitors } from './combine';
import { runCapacitorDrill } from './drill';
import { runCapacitorFaults } from './faults';
import { runCapacitorNeeds } from './needs';
import { runCapacitorShortDescription, runCapacitorLoadFromPlate, runCapacitorSpecFromPlate } from './spec-from-plate';
import { runCapacitorProofs } from './proofs';
import { runCapacitorTerminals } from './terminals';
import { runCapacitorCondition } from './verdict';
import { runCapacitorFields } from './fields';

/** Lines that are asked whatever the parts carry; docs/decisions/0012 says why. */
const alwaysAsked: readonly RegExp[] = [/^capacitance/, /^volts$/];

export const runCapacitors = {
  id: 'run-capacitor',
  title: { iec: 'Run capacitor', nfpa: 'Run capacitor' },
  plural: 'run capacitors',
  loads: ['motor-1ph', 'hermetic-compressor'],
  fields: caseFieldsOf(runCapacitorFields),
  ratingColumns: [],
  canonical: canonicalRunCapacitor,
  derivedNames: /^readShare_\w+$/,
  specFromPlate: runCapacitorSpecFromPlate,
  loadFromPlate: runCapacitorLoadFromPlate,
  shortDescription: runCapacitorShortDescription,
  positionFields: {
    supply: ['systemVolts', 'phases', 'hertz', 'currentKind', 'ambientC'],
    load: ['sections', 'runCapacitorVolts', 'tolerancePercent', 'caseTemperatureC', 'protectionNeeded'],
    duty: ['hoursPerDay', 'lifeYearsWanted'],
  },
  circuitRole: 'motor-part',
  example: '45+5 µF ±6 % 440 VAC 50/60 HZ 70°C PROTECTED 10000 AFC C FAN HERM',
  needs: (context: NeedContext) => finishNeeds(context, runCapacitorNeeds, alwaysAsked),
  summary: ['{capacitance-*} for the {about}', 'at {volts}'],
  keeps: runCapacitorKeeps,
  cautions: runCapacitorCautions,
  proofs: runCapacitorProofs,
  terminals: runCapacitorTerminals,
  settings: noSettings,
  drill: runCapacitorDrill,
  faultFinding: runCapacitorFaults,
  condition: runCapacitorCondition,
  coilSwap: { scheme: 'never', reason: 'It has no coil.' },
  parallelCombinations: combineCapacitors,
} satisfies DeviceFamily<RunCapacitorSpec, RunCapacitorFigure>;
