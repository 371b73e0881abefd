/**
 * Which steps make this position safe? A checklist made from its supply and its hazards.
 * Site rules and local law govern; the list defers to them and never replaces them. Common practice.
 */
import type { Practice } from '../case/case';
import { isKnown } from '../readings/reading';
import { formatQuantity as q } from '../quantities/format-quantity';
import type { SwapState } from './swap';
import { sayIn } from '../language/by-practice';

export type SafeStep = { id: string; title: string; how: string };

export const hazards: readonly { id: string; label: string }[] = [
  { id: 'secondSource', label: 'A second source can feed it' },
  { id: 'controlElsewhere', label: 'Control voltage comes from another panel' },
  { id: 'capacitors', label: 'Capacitors are connected' },
  { id: 'springs', label: 'Springs or a raised load store energy' },
  { id: 'battery', label: 'A battery feeds it' },
];

/** Every step that a position may ask for. */
export const safeStepIds = [
  'permit',
  'isolate',
  'second-source',
  'control-elsewhere',
  'control',
  'battery',
  'capacitors',
  'springs',
  'prove-dead',
  'earth',
  'energise',
] as const;

const TOUCH_LIMIT_VOLTS = 50; // AC rms, common practice in both regions

const step = (id: (typeof safeStepIds)[number], title: string, how: string): SafeStep => ({ id, title, how });

const isolating: Readonly<Record<Practice, string>> = {
  IEC: 'Open the isolating device of this position, secure it against closing, hang the notice.',
  NFPA70: 'Open the disconnect of this position, lock it and tag it.',
};

/** What of this position kills in its own way, whatever is switched off. */
function dangers({ supply, removed, hazards: present, causes }: SwapState): string {
  const dc = supply.currentKind?.value === 'dc';
  const acOnly = dc && isKnown(removed.voltsAc) && !isKnown(removed.voltsDc);
  const symptom = causes?.symptom?.answer ?? '';
  return [
    acOnly
      ? ' What is fitted here is marked for AC alone and stands on DC: never open it under load, its arc does not go out. Open the source upstream.'
      : '',
    symptom === 'stays-in' ? ' A welded contact leaves the load live with its control off: the control circuit isolates nothing.' : '',
    present.secondSource ? ' A second source can feed it from behind.' : '',
  ].join('');
}

/**
 * Asked again before anything is energised, closed or moved: once the part is in, and before a test that does one of the three. A step by
 * itself, apart from those that made it dead.
 */
export function energiseStep(state: SwapState, practice: Practice): SafeStep {
  const { hazards: present, supply } = state;
  const control = isKnown(supply.controlVolts) ? `${q(Number(supply.controlVolts.value), 'V')} ` : '';
  const how = [
    `Covers and doors shut, tools and shorting leads out, ${practice === 'IEC' ? 'earths' : 'temporary grounds'} off, people clear and told; a lock comes off by whoever set it.`,
    present.controlElsewhere ? ` The ${control}control supply of the other panel comes back first: A1 is live from then on.` : '',
    present.springs ? ' Springs charge and raised loads move as soon as they can.' : '',
    present.battery || supply.currentKind?.value === 'dc' ? ' A battery gives its full current at once, into a mistake as well.' : '',
    present.capacitors ? ' Capacitors take a charging current and keep it.' : '',
  ].join('');
  const { id, title } = step('energise', 'Before it is energised', '');
  return { id, title, how: sayIn(practice, how) };
}
export const energiseConfirmed = ({ safe }: SwapState): boolean => Boolean(safe.energise?.trim());

/** Returns the steps in the order in which they are done. */
export function safeSteps(state: SwapState, practice: Practice): SafeStep[] {
  const { supply, hazards: present } = state;
  const volts = isKnown(supply.systemVolts) ? `${q(Number(supply.systemVolts.value), 'V')} ` : '';
  const dc = supply.currentKind?.value === 'dc';
  const control = isKnown(supply.controlVolts) ? Number(supply.controlVolts.value) : undefined;
  const controlDc = supply.controlKind?.value === 'dc';
  const steps = [
    step('permit', 'Site rules', 'The work is allowed by the site’s own rules, and whoever must know, knows.'),
    step('isolate', `Isolate the ${volts}supply`, `${isolating[practice]}${dangers(state)}`),
  ];
  if (present.secondSource)
    steps.push(step('second-source', 'Second source', 'Open and lock every other way in: generator, tie, back-up feeder.'));
  if (present.controlElsewhere)
    steps.push(
      step(
        'control-elsewhere',
        'Control voltage from elsewhere',
        `Isolate the ${control ? `${q(control, 'V')} ` : ''}control supply at its own panel: A1 stays live when this panel is off.`,
      ),
    );
  else if (control !== undefined && control >= TOUCH_LIMIT_VOLTS)
    steps.push(
      step(
        'control',
        'Control circuit',
        `Isolate the ${q(control, 'V')} control supply as well; look for feedback through a second transformer.`,
      ),
    );
  if (present.battery || dc || controlDc)
    steps.push(
      step(
        'battery',
        'Battery or DC supply',
        'Open both poles. A battery cannot be switched off: cover its terminals, and mind that DC arcs do not go out by themselves.',
      ),
    );
  if (present.capacitors)
    steps.push(
      step('capacitors', 'Capacitors', 'Wait the marked time, discharge through a resistor, then prove dead across and to earth.'),
    );
  if (present.springs)
    steps.push(step('springs', 'Springs and raised loads', 'Let springs go by their own mechanism; lower or block what can fall or run.'));
  steps.push(
    step('prove-dead', 'Prove dead', 'Prove the tester, test every conductor to every other and to earth, prove the tester again.'),
    step(
      'earth',
      practice === 'IEC' ? 'Earth and cover' : 'Guard',
      practice === 'IEC'
        ? 'Earth and short-circuit where the site’s rules ask for it; cover live parts near by.'
        : 'Temporary grounds where the site’s rules ask for them; guard live parts near by.',
    ),
  );
  return steps.map(({ id, title, how }) => ({ id, title: sayIn(practice, title), how: sayIn(practice, how) }));
}

/** Steps that nobody has confirmed yet. */
export const openSafeSteps = (state: SwapState, practice: Practice): SafeStep[] =>
  safeSteps(state, practice).filter(({ id }) => !state.safe[id]?.trim());
