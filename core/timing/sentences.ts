/**
 * Which timing function does a plain sentence ask for: what the output does, after what happens?
 * The sentence is read for the event (supply or signal, coming or going) and for what the output does (comes late, stays, goes late,
 * gives a pulse); the two together are a behaviour, and a behaviour is a function. Where they leave more than one open, none is named.
 * Source: common practice; behaviours as in IEC 61812-1 (from memory).
 */
import type { TimingFunction } from './functions';

const things = '(signal|input|button|contact|switch|command|thermostat|door)';
const power = '(supply|power|voltage|mains)';
const gone = '(goes|is lost|lost|fails|is removed|is switched off|is cut|disappears|has gone|is gone|is off|drops|ends)';
const come = '(comes|is applied|is switched on|is given|returns|is on|appears|is present|closes|is closed|is made|is pressed)';

const events = {
  supplyGoes: new RegExp(`${power} ${gone}|(loss|failure) of (the )?${power}|de ?energi[sz]`),
  signalGoes: new RegExp(`${things} (${gone}|opens|is opened|is released|stops|falls)|released|release of|letting go`),
  supplyComes: new RegExp(`${power} ${come}|(?<!de ?)energi[sz]|(after|on|from|with) (the )?${power}\\b(?! ${gone})`),
  signalComes: new RegExp(`${things} ${come}|\\bpress|\\btrigger|start signal|after (a|the|each|every) (signal|command)`),
};
const deeds = {
  pulse: /\bpulse|\bimpulse|\bone shot/,
  each: /\b(each|every)\b/,
  stays: /\b(stays?|remains?|keeps?|holds?|runs? on|continues?|overruns?)\b/,
  comes: /\b(closes?|comes? on|switches on|turns on|starts?|picks? up|pulls? in|output after|is on)\b/,
  goes: /\b(opens?|drops? out|switches off|turns off|goes off|stops?|lets go)\b/,
  late: /\b(after|later|delayed|delay|waits?)\b/,
  atOnce: /\b(at once|immediately|straight away|instantly)\b/,
  forATime: /\bfor (a|the|\d|one|some|its)/,
};

type Read = Record<keyof typeof events | keyof typeof deeds, boolean>;

/** Behaviours in the order in which they are tried; the first that holds names the function. */
const behaviours: readonly (readonly [fn: TimingFunction, holds: (read: Read) => boolean])[] = [
  ['impulse on de-energising', (r) => (r.pulse || (r.forATime && r.comes)) && (r.supplyGoes || r.signalGoes) && !r.stays],
  ['one-shot on signal', (r) => (r.pulse || (r.forATime && !r.stays)) && r.signalComes && !r.supplyGoes],
  ['interval', (r) => (r.pulse || r.atOnce || r.forATime) && r.supplyComes && !r.supplyGoes && !r.signalComes],
  ['true off-delay (no auxiliary supply)', (r) => r.supplyGoes && (r.stays || (r.goes && r.late)) && !r.signalComes],
  ['on- and off-delay with control signal', (r) => r.signalComes && r.signalGoes && r.late && r.comes && (r.stays || r.goes) && !r.atOnce],
  ['delay on break with control signal', (r) => r.signalGoes && (r.stays || (r.goes && r.late))],
  ['on-delay with control signal', (r) => r.signalComes && !r.signalGoes && r.late && (r.comes || !r.goes)],
  ['on-delay', (r) => r.supplyComes && r.late && !r.signalComes && !r.goes],
];

/** Returns the functions that the sentence describes; [] where it describes none for sure. Example: 'one pulse for each press' is one-shot on signal. */
export function functionsOfBehaviour(sentence: string): TimingFunction[] {
  const text = ` ${sentence.toLowerCase().replace(/[\s-]+/g, ' ')} `;
  const has = (pattern: RegExp) => pattern.test(text);
  if (has(/\b(star|wye)\b/) && has(/\bdelta\b/)) return ['star-delta'];
  if (has(/retrigger|starts? again with (each|every)|watchdog/)) return ['retriggerable one-shot on signal'];
  if (has(/(first|one) press .*(next|second|another) press|toggles?\b|each press changes/)) return ['step on signal'];
  if (has(/\b(flash|blink|cycl|repeat|alternat|on and off)/)) {
    const [on, off] = [
      has(/(start|begin)\w* (with )?(on|a? ?pulse)|on first/),
      has(/(start|begin)\w* (with )?(off|a? ?pause)|off first|pause first/),
    ];
    return on === off ? [] : [on ? 'recycle starting on' : 'recycle starting off'];
  }
  const read = Object.fromEntries(
    [...Object.entries(events), ...Object.entries(deeds)].map(([name, pattern]) => [name, has(pattern)]),
  ) as Read;
  // What goes is not what comes: 'after the supply is lost' speaks of the loss alone.
  if (read.supplyGoes && !new RegExp(`${power} ${come}`).test(text)) read.supplyComes = false;
  const found = behaviours.find(([, holds]) => holds(read));
  return found ? [found[0]] : [];
}
