/**
 * How is a word of a choice list shown? The words of a case are identifiers; a person reads their text.
 * What no table names is made from the identifier: hyphens become spaces, and a capital stands where a sign is one.
 */
const texts: Readonly<Record<string, string>> = {
  ac: 'AC',
  dc: 'DC',
  'ac/dc': 'AC/DC',
  'solidly-grounded-midpoint': 'solidly grounded midpoint',
  'high-leg-delta': 'high-leg delta',
  'corner-grounded-delta': 'corner-grounded delta',
  'resistance-grounded-wye': 'resistance-grounded wye',
  'reactance-grounded-wye': 'reactance-grounded wye',
  'dc-ungrounded': 'DC, ungrounded',
  'dc-negative-grounded': 'DC, negative grounded',
  'dc-positive-grounded': 'DC, positive grounded',
  'dc-midpoint-grounded': 'DC, midpoint grounded',
  'worked-out-hot': 'by calculation, conductors hot',
  'worked-out-cold': 'by calculation, conductors cold',
  'measured-hot': 'by measurement, conductors hot',
  'measured-cold': 'by measurement, conductors cold',
  'plug-Edison': 'plug, Edison base',
  'plug-S': 'plug, type S',
  'plug-T': 'plug, type T',
  'plug-W': 'plug, type W',
  'semiconductor-stud': 'semiconductor, stud',
  'semiconductor-square': 'semiconductor, square body',
  'octal-8': 'octal, 8 pins',
  '11-pin': '11 pins, round',
  '5-blade': '5 blades',
  '8-blade': '8 blades',
  '11-blade': '11 blades',
  '14-blade': '14 blades',
  'din-rail': 'DIN rail',
  pcb: 'printed circuit board',
  'motor-3ph': 'three-phase motor',
  'motor-1ph': 'single-phase motor',
  'motor-dc': 'DC motor',
  'motor-group': 'group of motors',
  'hermetic-compressor': 'hermetic compressor',
  'resistive-heater': 'resistance heater',
  'lamp-bank': 'lighting',
  'filament-lamps': 'incandescent lamps',
  'led-drivers': 'LED drivers',
  'electronic-supply': 'electronic power supply',
  'electronic-supply-branch': 'branch behind an electronic power supply',
  'solid-state-switch': 'solid-state relay',
  'dc-string': 'photovoltaic string',
  'conductor-feeder': 'feeder',
  'mixed-single-phase-loads': 'mixed single-phase loads',
  'direct-on-line': 'direct on line',
  'star-delta': 'star-delta',
  'soft-starter': 'soft starter',
  'two-wire': 'two-wire (maintained contact)',
  'three-wire': 'three-wire (push-buttons)',
  'tungsten-halogen': 'tungsten halogen',
  'autotransformer-run': 'autotransformer, run',
  'autotransformer-start': 'autotransformer, start',
  'in-line': 'in the line',
  'in-delta-phase': 'inside the delta',
  '1ph-3ph': 'single and three phase',
  'general-use': 'general use',
  led: 'LED',
  'pilot-duty-ac': 'pilot duty AC',
  'pilot-duty-dc': 'pilot duty DC',
  'flux-proof': 'flux-proof',
  'volt-free': 'volt-free contact',
  phaseLoss: 'phase loss',
  phaseSequence: 'phase sequence',
  neutralOpen: 'open neutral',
  'single-phase-rectifier': 'single-phase rectifier',
  'single-phase-converter': 'single-phase frequency converter',
  'two-phase-rectifier': 'rectifier between two phases',
  'three-phase-rectifier': 'three-phase rectifier',
  'ev-charger': 'EV charger',
  'pv-inverter': 'PV inverter',
  'short-time-delay': 'short-time delay',
  'draw-out': 'draw-out',
  'zone-interlocking': 'zone-selective interlocking',
  'no-volt-release': 'no-volt release',
  'magnetic-latch': 'magnetic latch',
  'polarised-coil': 'polarised coil',
  'time-delay': 'time-delay',
  'line-to-line': 'line to line',
  'line-to-neutral': 'line to neutral',
  'positive-to-negative': 'positive to negative',
  'crossed-out': 'IT crossed out',
  'hydraulic-magnetic': 'hydraulic-magnetic',
  'thermal-magnetic': 'thermal-magnetic',
  'air-breaker-accessory': 'accessory of an air circuit breaker',
};

/** Identifiers: a small word with others joined by hyphens, or small and capital letters run together. */
const IDENTIFIER = /^[a-z]{2,}(?:-[A-Za-z0-9]+)+$|^[a-z]{3,}(?:[A-Z][a-z]+)+$/;

/** Returns the text of a word. Example: 'ac' is 'AC', 'undervoltage-release' 'undervoltage release'. Marks as printed stay. */
export function wordText(word: string): string {
  const known = Object.hasOwn(texts, word) ? texts[word] : undefined;
  if (known !== undefined) return known;
  return IDENTIFIER.test(word)
    ? word.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`).replace(/-/g, ' ')
    : word;
}

/** Returns the word that a text stands for among `words`, in any case: as identifier or as it is shown. */
export function wordOfText(words: readonly string[], text: string): string | undefined {
  const wanted = text.trim().toLowerCase();
  return words.find((word) => word.toLowerCase() === wanted) ?? words.find((word) => wordText(word).toLowerCase() === wanted);
}
