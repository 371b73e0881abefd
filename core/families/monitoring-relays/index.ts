/** Monitoring relays of three-phase and single-phase supplies. Wiring only; see README.md in this folder. */
import type { MonitoringRelaySpec } from './fields';
import type { MonitoringRelayFigure } from './figures';
import { caseFieldsOf } from '../../fields/field';
import type { DeviceFamily, NeedContext } from '../contract';
import { monitoringRelayKeeps } from './keeps';
import { finishNeeds } from '../finish-needs';
import { contactLines, contactNeeds } from '../../relays/contact-needs';
import { ambientNeeds, mountingNeeds } from '../service-needs';
import { canonicalMonitoringRelay } from './canonical';
import { monitoringCautions } from './cautions';
import { monitoringDrill } from './drill';
import { monitoringRelayFaults } from './faults';
import { monitoringNeeds } from './needs';
import { monitoringSpecFromPlate } from './spec-from-plate';
import { monitoringProofs } from './proofs';
import { monitoringTerminals } from './terminals';
import { monitoringSettings } from './settings';
import { monitoringRelayFields } from './fields';
import { contactNames } from '../../relays/layout';

/** Lines that are asked whatever the parts carry; docs/decisions/0012 says why. */
const alwaysAsked: readonly RegExp[] = [...contactLines, /^(nominal-volts|measured-kind|functions)$/, /^detects-/];

export const monitoringRelays = {
  id: 'monitoring-relay',
  title: { iec: 'Measuring and monitoring relay', nfpa: 'Phase monitor relay' },
  plural: 'monitoring relays',
  loads: ['motor-3ph', 'motor-group', 'hermetic-compressor', 'distribution-board'],
  fields: caseFieldsOf(monitoringRelayFields),
  ratingColumns: [],
  canonical: canonicalMonitoringRelay,
  derivedNames: contactNames,
  specFromPlate: monitoringSpecFromPlate,
  shortDescription: (spec) =>
    [
      spec.nominalVoltsMin
        ? `${spec.nominalVoltsMin}${spec.nominalVoltsMax && spec.nominalVoltsMax !== spec.nominalVoltsMin ? `-${spec.nominalVoltsMax}` : ''} V`
        : '',
      spec.wires ? `${spec.wires} wires` : '',
      spec.changeovers ? `${spec.changeovers} CO` : '',
    ]
      .filter(Boolean)
      .join(', '),
  positionFields: {
    supply: [
      'systemVolts',
      'voltsToGround',
      'phases',
      'wires',
      'hertz',
      'currentKind',
      'controlVolts',
      'controlKind',
      'controlHertz',
      'ambientC',
      'widthAvailableMm',
      'altitudeM',
    ],
    load: [
      ...([
        'functionsNeeded',
        'underVoltsSettingNeeded',
        'regeneratedPercent',
        'rideThroughSeconds',
        'startDipPercent',
        'startSeconds',
      ] as const),
      ...(['changeoversNeeded', 'failSafeNeeded', 'latchNeeded', 'supplyKindNeeded', 'contacts', 'conductorMm2'] as const),
    ],
    duty: [],
  },
  circuitRole: 'control',
  example: '3-PHASE MONITORING UN 380-415V 3-WIRE U< 75-95% ASYM 5-15% DELAY 0.1-10S 1 C/O',
  needs: (context: NeedContext) =>
    finishNeeds(
      context,
      (own) => [
        ...monitoringNeeds(own),
        ...(own.load.contacts === undefined ? [] : contactNeeds(own)),
        ...ambientNeeds(own),
        ...mountingNeeds(own),
      ],
      alwaysAsked,
    ),
  summary: [
    'a supply of {nominal-volts}',
    'detecting a phase held at {lost-phase}',
    'undervoltage {under-volts}',
    '{changeovers} changeover{s}',
  ],
  keeps: monitoringRelayKeeps,
  cautions: monitoringCautions,
  proofs: monitoringProofs,
  terminals: monitoringTerminals,
  settings: monitoringSettings,
  drill: monitoringDrill,
  faultFinding: monitoringRelayFaults,
  extraViews: ['panel-meter'],
  coilSwap: { scheme: 'never', reason: 'A monitoring relay has no coil of its own to exchange.' },
} satisfies DeviceFamily<MonitoringRelaySpec, MonitoringRelayFigure>;
