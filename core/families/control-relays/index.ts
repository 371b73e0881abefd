/** Control relays: plug-in and rail-mounted, judged contact by contact. Wiring only; see README.md in this folder. */
import type { ControlRelaySpec } from './fields';
import type { ControlRelayFigure } from './figures';
import { caseFieldsOf } from '../../fields/field';
import { coilShortDescription } from '../../coils/short-description';
import { coilNeeds } from '../../coils/needs';
import type { DeviceFamily, NeedContext } from '../contract';
import { controlRelayKeeps } from './keeps';
import { finishNeeds } from '../finish-needs';
import { noSettings } from '../no-settings';
import { baseNeeds, enclosureNeeds, formNeeds } from '../../relays/base-needs';
import { contactLines, contactNeeds } from '../../relays/contact-needs';
import { relaySpecFromPlate } from '../../relays/spec-from-plate';
import { relayTerminals } from '../../relays/terminals';
import { ambientNeeds, lifeNeeds, switchingRateNeeds } from '../service-needs';
import { canonicalControlRelay } from './canonical';
import { controlRelayCautions } from './cautions';
import { controlRelayDrill } from './drill';
import { controlRelayFaults } from './faults';
import { controlRelayProofs } from './proofs';
import { controlRelayFields } from './fields';
import { contactNames } from '../../relays/layout';

/** Lines that are asked whatever the parts carry; docs/decisions/0012 says why. */
const alwaysAsked: readonly RegExp[] = [...contactLines, /^(coil-volts|coil-kind)$/];

export const controlRelays = {
  id: 'control-relay',
  title: { iec: 'Control relay', nfpa: 'Control relay' },
  plural: 'control relays',
  loads: ['contactor-coil', 'solenoid', 'signal', 'resistive-heater', 'motor-1ph', 'filament-lamps', 'discharge-lamps', 'led-drivers'],
  fields: caseFieldsOf(controlRelayFields),
  ratingColumns: [],
  canonical: canonicalControlRelay,
  derivedNames: contactNames,
  specFromPlate: relaySpecFromPlate,
  shortDescription: (spec) =>
    [coilShortDescription(spec), typeof spec.base === 'string' ? spec.base : '', typeof spec.pilotDuty === 'string' ? spec.pilotDuty : '']
      .filter(Boolean)
      .join(', '),
  positionFields: {
    supply: [
      ...([
        'controlVolts',
        'controlVoltsMin',
        'controlVoltsMax',
        'controlKind',
        'controlHertz',
        'controlLoopOhms',
        'driverMaxAmps',
      ] as const),
      ...(['socket', 'coilPositivePin', 'ambientC'] as const),
    ],
    load: ['contactForms', 'contacts', 'environment', 'enclosureNeeded', 'timeConstantMilliseconds'],
    duty: ['operationsPerHour', 'operationsPerDay', 'lifeYearsWanted'],
  },
  circuitRole: 'control',
  example: 'DPDT COIL 24VDC 650 OHM 10A 250VAC B300 8 PIN',
  needs: (context: NeedContext) =>
    finishNeeds(
      context,
      (own) => [
        ...contactNeeds(own),
        ...coilNeeds(own),
        ...baseNeeds(own),
        ...formNeeds(own),
        ...enclosureNeeds(own),
        ...ambientNeeds(own),
        ...switchingRateNeeds(own),
        ...lifeNeeds(own),
      ],
      alwaysAsked,
    ),
  summary: ['on {base}', '{changeovers} changeover{s}', 'coil {coil-volts} {coil-kind}'],
  keeps: controlRelayKeeps,
  cautions: controlRelayCautions,
  proofs: controlRelayProofs,
  terminals: (context, from, to) => relayTerminals(context, from, to),
  settings: noSettings,
  drill: controlRelayDrill,
  faultFinding: controlRelayFaults,
  extraViews: ['relay-drives'],
  coilSwap: { scheme: 'never', reason: 'The coil of a plug-in relay is not exchanged; the whole relay is.' },
} satisfies DeviceFamily<ControlRelaySpec, ControlRelayFigure>;
