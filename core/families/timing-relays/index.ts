/** Timing relays: single function and multifunction, matched by what they do. Wiring only; see README.md in this folder. */
import type { TimingRelaySpec } from './fields';
import type { TimingRelayFigure } from './figures';
import { caseFieldsOf } from '../../fields/field';
import { coilShortDescription } from '../../coils/short-description';
import { coilNeeds } from '../../coils/needs';
import type { DeviceFamily, NeedContext } from '../contract';
import { timingRelayKeeps } from './keeps';
import { finishNeeds } from '../finish-needs';
import { baseNeeds, formNeeds } from '../../relays/base-needs';
import { contactLines, contactNeeds } from '../../relays/contact-needs';
import { relayTerminals } from '../../relays/terminals';
import { ambientNeeds, mountingNeeds } from '../service-needs';
import { canonicalTimingRelay } from './canonical';
import { timingCautions } from './cautions';
import { timingDrill } from './drill';
import { timingRelayFaults } from './faults';
import { timingNeeds } from './needs';
import { timingSpecFromPlate } from './spec-from-plate';
import { timingProofs } from './proofs';
import { timingSettings } from './settings';
import { timingRelayFields } from './fields';
import { contactNames } from '../../relays/layout';

/** Contacts only where they are listed: the load of the panel is not what a timer switches. */
const listed = (context: NeedContext) => (context.load.contacts === undefined ? [] : contactNeeds(context));

/** Lines that are asked whatever the parts carry; docs/decisions/0012 says why. */
const alwaysAsked: readonly RegExp[] = [...contactLines, /^(function|contact-amps|coil-volts|coil-kind)$/];

export const timingRelays = {
  id: 'timing-relay',
  title: { iec: 'Time relay', nfpa: 'Timing relay' },
  plural: 'timing relays',
  loads: ['contactor-coil', 'solenoid', 'signal'],
  fields: caseFieldsOf(timingRelayFields),
  ratingColumns: [],
  canonical: canonicalTimingRelay,
  derivedNames: contactNames,
  specFromPlate: timingSpecFromPlate,
  shortDescription: (spec) =>
    [
      coilShortDescription(spec),
      typeof spec.base === 'string' ? spec.base : '',
      Array.isArray(spec.functionWords) ? `${spec.functionWords.length} functions` : '',
    ]
      .filter(Boolean)
      .join(', '),
  positionFields: {
    supply: [
      ...(['controlVolts', 'controlVoltsMin', 'controlVoltsMax', 'controlKind', 'controlHertz', 'socket', 'coilPositivePin'] as const),
      ...(['permanentSupply', 'ambientC', 'widthAvailableMm', 'altitudeM'] as const),
    ],
    load: [
      ...(['requiredTrace', 'requiredFunctionPlain', 'settingSeconds', 'repeatPercentNeeded', 'controlSignal', 'signalKind'] as const),
      ...([
        'contactForms',
        'contactAmpsNeeded',
        'contacts',
        'deadTimeMillisecondsMin',
        'loadMilliamps',
        'loadReleaseMilliamps',
        'conductorMm2',
      ] as const),
    ],
    duty: [],
  },
  circuitRole: 'control',
  example: 'MULTIFUNCTION TIMER 24-240V AC/DC 0.1 S - 10 H A ON-DELAY B INTERVAL 2 C/O 8A 250VAC 11 PIN',
  needs: (context: NeedContext) =>
    finishNeeds(
      context,
      (own) => [
        ...timingNeeds(own),
        ...listed(own),
        ...coilNeeds(own),
        ...baseNeeds(own),
        ...formNeeds(own),
        ...ambientNeeds(own),
        ...mountingNeeds(own),
      ],
      alwaysAsked,
    ),
  summary: ['{function}', 'set to {setting}', 'on {base}', '{changeovers} changeover{s}', 'coil {coil-volts} {coil-kind}'],
  keeps: timingRelayKeeps,
  cautions: timingCautions,
  proofs: timingProofs,
  terminals: (context, from, to) => relayTerminals(context, from, to, true),
  settings: timingSettings,
  drill: timingDrill,
  faultFinding: timingRelayFaults,
  extraViews: ['wanted-trace', 'signal-pins'],
  coilSwap: { scheme: 'never', reason: 'A timer has no coil of its own to exchange.' },
} satisfies DeviceFamily<TimingRelaySpec, TimingRelayFigure>;
