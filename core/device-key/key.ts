/**
 * What is this thing? Plain questions about what can be seen, each answer with the reason why it narrows.
 * Method: every family has a set of answers that it may show; an answer keeps the families that may show it. "Can't tell" keeps
 * all. The next question is the one that splits what is left most evenly. Common practice; the standard printed on it settles it.
 */
export type KeyAnswer = { id: string; label: string; picture: string; why: string };
export type KeyQuestion = { id: string; ask: string; where: string; answers: readonly KeyAnswer[] };

/** A kind of thing the key can end at: a family of the bench, told apart from its neighbours. */
export type KeyKind = { id: string; family: string; title: string; about: string; shows: Readonly<Record<string, readonly string[]>> };

const a = (id: string, label: string, picture: string, why: string): KeyAnswer => ({ id, label, picture, why });

export const keyQuestions: readonly KeyQuestion[] = [
  {
    id: 'body',
    ask: 'What does it look like?',
    where: 'Look at the whole body first.',
    answers: [
      a('tube', 'Tube or blade with metal ends', 'tube', 'A tube or a blade with metal ends and nothing that moves is a fuse.'),
      a('can', 'Metal can with tabs on top', 'can', 'A can with push-on tabs and no moving part is a capacitor.'),
      a('rail', 'Narrow module on a rail with a handle', 'module', 'A module with a handle protects: breaker or residual-current device.'),
      a('moulded', 'Moulded block with a handle', 'moulded', 'A block with a large handle is a moulded-case breaker.'),
      a(
        'large',
        'Large drawer with push-buttons and a spring handle',
        'drawer',
        'Push-buttons, a spring window and a carriage are an air breaker.',
      ),
      a('block', 'Block with big screws, no handle', 'block', 'Power terminals without a handle: a contactor, or the overload under it.'),
      a('plug', 'Small box, plugged in or on a rail, no handle', 'plug', 'Small terminals: a relay of some kind.'),
      a(
        'coil',
        'Small coil or box from inside a breaker',
        'coilbox',
        'It belongs to a breaker: a release, a closing coil or the charging motor.',
      ),
    ],
  },
  {
    id: 'handle',
    ask: 'Is there a handle that stays on or off?',
    where: 'Front, between the terminals.',
    answers: [
      a('yes', 'Yes', 'handle', 'A handle that stays is worked by hand and trips by itself.'),
      a('no', 'No', 'no-handle', 'Without a handle it is worked by a coil, or it does not move at all.'),
    ],
  },
  {
    id: 'coilTerminals',
    ask: 'Does it have coil terminals, A1 and A2 or two small ones apart?',
    where: 'Top, or both ends.',
    answers: [
      a('yes', 'Yes', 'a1a2', 'Two terminals of their own for a coil: something else switches it.'),
      a('no', 'No', 'no-a1a2', 'No coil of its own: it watches, protects or stores.'),
    ],
  },
  {
    id: 'milliamps',
    ask: 'Is there a milliamp figure, or 0.03 A?',
    where: 'Beside the amps, often with a triangle in I∆n.',
    answers: [
      a('yes', 'Yes', 'milliamp', 'A residual current is a second figure, far smaller: a residual-current device.'),
      a('no', 'No', 'no-milliamp', 'No residual part.'),
    ],
  },
  {
    id: 'letterAmps',
    ask: 'Does a letter stand fixed to the amps, such as B16 or C20?',
    where: 'Front, largest print. “Type B” beside a wave does not count.',
    answers: [
      a('yes', 'Yes, B, C, D, K or Z', 'c20', 'The letter is an instantaneous-trip band: there is an overcurrent part inside.'),
      a('no', 'No letter', 'plain63', 'Amps alone are what it can carry: no overcurrent part by this mark.'),
    ],
  },
  {
    id: 'test',
    ask: 'Is there a button marked T or Test?',
    where: 'Front, often yellow or grey.',
    answers: [a('yes', 'Yes', 'test', 'A test button puts a residual current through it.'), a('no', 'No', 'no-test', 'No residual test.')],
  },
  {
    id: 'dial',
    ask: 'Are there dials or a display?',
    where: 'Front, sometimes under a clear lid.',
    answers: [
      a('time', 'Dial or digits in s, min, h', 'dial-time', 'A time is set: a timing relay.'),
      a('percent', 'Dials in % or V, or a display of volts', 'dial-percent', 'Limits of a quantity are set: a monitoring relay.'),
      a('amps', 'Dial in amps, with a reset', 'dial-amps', 'A motor’s amps are set and it is reset: an overload relay.'),
      a('trip', 'Several dials Ir, Isd, Ii, Ig', 'dial-trip', 'Settings of a trip unit: a larger breaker.'),
      a('none', 'None', 'no-dial', 'Nothing to set.'),
    ],
  },
  {
    id: 'poles',
    ask: 'What do the main contacts look like?',
    where: 'Terminals and the diagram.',
    answers: [
      a('power', 'Large, L1-T1 to L3-T3, open at rest', 'power', 'Large contacts, open at rest: a contactor; 9 A and up as a rule.'),
      a('change', 'Small, changeover 11-12-14', 'changeover', 'Small changeover contacts, a few amps to 15 A: a relay.'),
      a('none', 'No contacts for a load', 'no-contacts', 'It switches no load itself.'),
    ],
  },
  {
    id: 'under',
    ask: 'Does it hang under a contactor with three pins, with 95-96 and 97-98?',
    where: 'Its lower edge.',
    answers: [
      a('yes', 'Yes', 'under', '95-96 opens the coil circuit as the motor overloads: an overload relay.'),
      a('no', 'No', 'not-under', 'Not an add-on of a contactor.'),
    ],
  },
  {
    id: 'command',
    ask: 'What does the breaker need of it?',
    where: 'Its bay and its word or letter; the drawing of the control circuit.',
    answers: [
      a('pulse-open', 'A pulse opens the breaker', 'pulse-open', 'Energised to trip: a shunt trip.'),
      a('pulse-close', 'A pulse closes the breaker', 'pulse-close', 'Energised to close: a closing coil.'),
      a(
        'held',
        'It must be held energised, or the breaker will not stay closed',
        'held',
        'Volts must stay on it: an undervoltage release. It is never a shunt trip.',
      ),
      a('motor', 'It turns and winds the spring', 'motor', 'It stores energy: the charging motor.'),
    ],
  },
  {
    id: 'shaft',
    ask: 'Does its plunger stand out when it is unpowered?',
    where: 'Out of the breaker, dead, springs discharged. A hint, no proof.',
    answers: [
      a('out', 'Stands out', 'plunger-out', 'An undervoltage release pushes when its volts go.'),
      a('in', 'Stays in', 'plunger-in', 'Shunt trip and closing coil push only when energised.'),
    ],
  },
  {
    id: 'window',
    ask: 'What can be read on the tube?',
    where: 'Barrel and end caps.',
    answers: [
      a('class', 'CLASS J, CC, RK1…', 'class', 'A UL class fixes size and interrupting rating.'),
      a('gg', 'gG, aM, NH…', 'gg', 'IEC category and body.'),
      a('small', 'Small glass or ceramic, F or T before the amps', 'glass', 'Miniature: F fast, T time-delay.'),
    ],
  },
  {
    id: 'timer',
    ask: 'When does its contact move, seen on the bench?',
    where: 'Supply on, then off; signal on, then off.',
    answers: [
      a('later-on', 'Some time after supply comes', 'trace-on', 'On-delay.'),
      a('at-once', 'At once, and back after the time', 'trace-interval', 'Interval.'),
      a('later-off', 'At once with the signal, back some time after it goes', 'trace-off', 'Off-delay.'),
      a('again', 'On and off again and again', 'trace-cycle', 'Cycle or flasher.'),
    ],
  },
  {
    id: 'dc',
    ask: 'Which kind of current is printed?',
    where: 'Behind the volts: ~ or AC, = or DC.',
    answers: [
      a('ac', 'AC or ~ only', 'sine', 'AC only: it cannot be trusted to open DC.'),
      a('dc', 'DC, perhaps with + and −', 'direct', 'DC figures, often with polarity.'),
      a(
        'electronic',
        '24 V DC with a small lamp and a reset, no bimetal',
        'electronic',
        'Electronic: it limits and switches off by itself.',
      ),
    ],
  },
  {
    id: 'instantaneous',
    ask: 'Does the trip unit have only one setting, in multiples, and no rated current dial?',
    where: 'Trip unit window.',
    answers: [
      a('yes', 'Yes, magnetic only', 'mag', 'Short circuits only: a motor-circuit protector; the overload is another device.'),
      a('no', 'No', 'thermag', 'It protects against overload too.'),
    ],
  },
];

const kind = (id: string, family: string, title: string, about: string, shows: KeyKind['shows']): KeyKind => ({
  id,
  family,
  title,
  about,
  shows,
});
const timer = {
  body: ['plug'],
  handle: ['no'],
  milliamps: ['no'],
  letterAmps: ['no'],
  test: ['no'],
  dial: ['time'],
  poles: ['change'],
  under: ['no'],
  coilTerminals: ['yes'],
};
const breakerCoil = {
  body: ['coil'],
  handle: ['no'],
  milliamps: ['no'],
  letterAmps: ['no'],
  test: ['no'],
  dial: ['none'],
  poles: ['none'],
  under: ['no'],
};
const fuse = {
  body: ['tube'],
  handle: ['no'],
  coilTerminals: ['no'],
  milliamps: ['no'],
  letterAmps: ['no'],
  test: ['no'],
  dial: ['none'],
  poles: ['none'],
  under: ['no'],
};

export const keyKinds: readonly KeyKind[] = [
  kind(
    'contactor',
    'contactor',
    'Contactor',
    'Large contacts, open at rest, worked by a coil. Lighting types have up to 12 poles and may be latched.',
    {
      body: ['block'],
      handle: ['no'],
      coilTerminals: ['yes'],
      milliamps: ['no'],
      letterAmps: ['no'],
      test: ['no'],
      dial: ['none'],
      poles: ['power'],
      under: ['no'],
    },
  ),
  kind('overload-relay', 'overload-relay', 'Overload relay', 'Hangs on a contactor, dial in amps, reset, 95-96 and 97-98.', {
    body: ['block', 'plug'],
    handle: ['no'],
    coilTerminals: ['no'],
    milliamps: ['no'],
    letterAmps: ['no'],
    test: ['no', 'yes'],
    dial: ['amps'],
    poles: ['power', 'none'],
    under: ['yes'],
  }),
  kind('control-relay', 'control-relay', 'Control relay', 'Coil and small changeover contacts, usually plugged in.', {
    body: ['plug'],
    handle: ['no'],
    coilTerminals: ['yes'],
    milliamps: ['no'],
    letterAmps: ['no'],
    test: ['no', 'yes'],
    dial: ['none'],
    poles: ['change'],
    under: ['no'],
  }),
  kind('timer-on-delay', 'timing-relay', 'Timing relay, on-delay', 'Its contact moves some time after the supply comes.', {
    ...timer,
    timer: ['later-on'],
  }),
  kind('timer-interval', 'timing-relay', 'Timing relay, interval', 'Its contact moves at once and goes back after the time.', {
    ...timer,
    timer: ['at-once'],
  }),
  kind('timer-off-delay', 'timing-relay', 'Timing relay, off-delay', 'Its contact stays for a time after the signal goes.', {
    ...timer,
    timer: ['later-off'],
  }),
  kind('timer-cycle', 'timing-relay', 'Timing relay, cycle', 'Its contact goes on and off again and again.', {
    ...timer,
    timer: ['again'],
  }),
  kind('monitoring-relay', 'monitoring-relay', 'Monitoring relay', 'Watches volts, phases or current; dials in percent or a display.', {
    body: ['plug'],
    handle: ['no'],
    coilTerminals: ['no', 'yes'],
    milliamps: ['no'],
    letterAmps: ['no'],
    test: ['no', 'yes'],
    dial: ['percent'],
    poles: ['change'],
    under: ['no'],
  }),
  kind('mcb', 'breaker', 'Breaker, miniature, AC', 'Letter and amps, a handle, on a rail.', {
    body: ['rail'],
    handle: ['yes'],
    coilTerminals: ['no'],
    milliamps: ['no'],
    letterAmps: ['yes'],
    test: ['no'],
    dial: ['none'],
    poles: ['none', 'power'],
    under: ['no'],
    dc: ['ac'],
  }),
  kind('mcb-dc', 'breaker', 'Breaker, miniature, DC', 'The same body, marked for DC, often with polarity.', {
    body: ['rail'],
    handle: ['yes'],
    coilTerminals: ['no'],
    milliamps: ['no'],
    letterAmps: ['yes', 'no'],
    test: ['no'],
    dial: ['none'],
    poles: ['none', 'power'],
    under: ['no'],
    dc: ['dc'],
  }),
  kind('electronic-breaker', 'breaker', 'Breaker, electronic 24 V', 'Limits and switches off by itself; small lamp and reset.', {
    body: ['rail', 'plug'],
    handle: ['no', 'yes'],
    coilTerminals: ['no'],
    milliamps: ['no'],
    letterAmps: ['no'],
    test: ['no'],
    dial: ['none', 'amps'],
    poles: ['none'],
    under: ['no'],
    dc: ['electronic'],
  }),
  kind('mccb', 'breaker', 'Breaker, moulded-case', 'A block with a large handle; a trip unit with overload setting.', {
    body: ['moulded'],
    handle: ['yes'],
    coilTerminals: ['no'],
    milliamps: ['no'],
    letterAmps: ['no'],
    test: ['no', 'yes'],
    dial: ['none', 'trip', 'amps'],
    poles: ['none', 'power'],
    under: ['no'],
    instantaneous: ['no'],
  }),
  kind('motor-circuit-protector', 'breaker', 'Motor-circuit protector', 'A moulded case with magnetic trip only: no overload part.', {
    body: ['moulded'],
    handle: ['yes'],
    coilTerminals: ['no'],
    milliamps: ['no'],
    letterAmps: ['no'],
    test: ['no', 'yes'],
    dial: ['trip', 'amps'],
    poles: ['none', 'power'],
    under: ['no'],
    instantaneous: ['yes'],
  }),
  kind(
    'rccb',
    'residual-current',
    'Residual-current device without overcurrent part',
    'Milliamps and a test button, amps without a letter; 61008. It needs an overcurrent device before it.',
    {
      body: ['rail'],
      handle: ['yes'],
      coilTerminals: ['no'],
      milliamps: ['yes'],
      letterAmps: ['no'],
      test: ['yes'],
      dial: ['none'],
      poles: ['none', 'power'],
      under: ['no'],
    },
  ),
  kind('rcbo', 'residual-current', 'Residual-current device with overcurrent part', 'Milliamps and a letter before the amps; 61009.', {
    body: ['rail'],
    handle: ['yes'],
    coilTerminals: ['no'],
    milliamps: ['yes'],
    letterAmps: ['yes'],
    test: ['yes'],
    dial: ['none'],
    poles: ['none', 'power'],
    under: ['no'],
  }),
  kind('air-breaker', 'air-breaker', 'Air circuit breaker', 'Push-buttons, charged springs, trip unit; fixed or drawn out.', {
    body: ['large'],
    handle: ['no', 'yes'],
    coilTerminals: ['no', 'yes'],
    milliamps: ['no'],
    letterAmps: ['no'],
    test: ['no', 'yes'],
    dial: ['trip'],
    poles: ['power', 'none'],
    under: ['no'],
  }),
  kind('shunt-trip', 'breaker-coil', 'Shunt trip', 'Energised for a moment to open the breaker.', {
    ...breakerCoil,
    coilTerminals: ['yes'],
    command: ['pulse-open'],
    shaft: ['in'],
  }),
  kind('closing-coil', 'breaker-coil', 'Closing coil', 'Energised for a moment to close the breaker.', {
    ...breakerCoil,
    coilTerminals: ['yes'],
    command: ['pulse-close'],
    shaft: ['in'],
  }),
  kind('undervoltage-release', 'breaker-coil', 'Undervoltage release', 'Held energised; it opens the breaker when its volts go.', {
    ...breakerCoil,
    coilTerminals: ['yes'],
    command: ['held'],
    shaft: ['out'],
  }),
  kind('charging-motor', 'breaker-coil', 'Charging motor', 'Winds the closing spring.', {
    ...breakerCoil,
    coilTerminals: ['no', 'yes'],
    command: ['motor'],
    shaft: ['in'],
  }),
  kind('fuse-ul', 'fuse', 'Fuse, UL class', 'Class on the barrel; a rejecting class fits only its own holder.', {
    ...fuse,
    window: ['class'],
  }),
  kind('fuse-iec', 'fuse', 'Fuse, IEC', 'gG, aM or another category; the body fixes the holder.', { ...fuse, window: ['gg'] }),
  kind('fuse-small', 'fuse', 'Fuse, miniature', 'F or T before the amps: fast or time-delay. Not interchangeable.', {
    ...fuse,
    window: ['small'],
  }),
  kind('run-capacitor', 'run-capacitor', 'Run capacitor', 'Microfarads and AC volts above 300. Discharge it before touching.', {
    body: ['can'],
    handle: ['no'],
    coilTerminals: ['no'],
    milliamps: ['no'],
    letterAmps: ['no'],
    test: ['no'],
    dial: ['none'],
    poles: ['none'],
    under: ['no'],
  }),
];

/** Answers by question; "can't tell" is the word null. */
export type KeyPath = readonly { question: string; answer: string | null }[];
export type KeyState = {
  left: readonly KeyKind[];
  /** Next question and its answers that any kind left may show; undefined at the end. */
  next?: { question: KeyQuestion; answers: readonly KeyAnswer[] };
  /** What each answer took away, in order. */
  reasons: readonly { ask: string; answer: string; why: string; gone: number }[];
  /** The answers contradict each other: nothing is left. */
  contradiction: boolean;
};

const mayShow = (one: KeyKind, question: string, answer: string): boolean =>
  one.shows[question] === undefined || one.shows[question].includes(answer);

/** How evenly a question splits what is left: the largest group that may stay, less is better. */
function worstLeft(left: readonly KeyKind[], question: KeyQuestion): number {
  const asked = left.filter((one) => one.shows[question.id] !== undefined).length;
  if (asked < left.length) return Infinity;
  return Math.max(...question.answers.map((answer) => left.filter((one) => mayShow(one, question.id, answer.id)).length));
}

/** Follows the answers and says what is left, what to ask next, and why. */
export function followKey(path: KeyPath): KeyState {
  let left: readonly KeyKind[] = keyKinds;
  const reasons: { ask: string; answer: string; why: string; gone: number }[] = [];
  for (const { question: id, answer } of path) {
    const question = keyQuestions.find((one) => one.id === id);
    const given = question?.answers.find((one) => one.id === answer);
    if (!question || !given) continue;
    const kept = left.filter((one) => mayShow(one, id, given.id));
    reasons.push({ ask: question.ask, answer: given.label, why: given.why, gone: left.length - kept.length });
    left = kept;
  }
  const asked = new Set(path.map(({ question }) => question));
  const open = keyQuestions
    .filter((question) => !asked.has(question.id))
    .map((question) => ({ question, worst: worstLeft(left, question) }))
    .filter(({ worst }) => worst < left.length)
    .sort((p, q) => p.worst - q.worst);
  const first = asked.has('body') ? open[0]?.question : keyQuestions[0];
  const next =
    first && left.length > 1
      ? { question: first, answers: first.answers.filter((answer) => left.some((one) => mayShow(one, first.id, answer.id))) }
      : undefined;
  return { left, next, reasons, contradiction: left.length === 0 };
}

/** Families left, each once. */
export const familiesLeft = (state: KeyState): string[] => [...new Set(state.left.map(({ family }) => family))];
