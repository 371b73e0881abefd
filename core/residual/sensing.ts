/**
 * What does each residual type see of a leakage, and why does smooth direct current blind a type AC? A drawing of the principle.
 * Method: the summed current magnetises a core with a coercive band (play) and saturation (tanh); what the coil gives is the swing of
 * the flux over a period, by components that its circuit lets through. A type AC core has a wide band and saturates early, a type A
 * core is narrow and nearly straight, F adds the components around the supply frequency, B and B+ measure the current itself.
 * Currents are in multiples of the rated residual current. Constants are chosen so that the drawing agrees with the published limits:
 * a sine trips from 0.5 to 1, pulsating direct current by 1.4, smooth direct current by 2 (IEC 61008-1, IEC 62423, from memory).
 * Not for: the trip current of any device.
 */
import type { ResidualType } from '../fields/residual-fields';
import type { LeakageWave } from '../standards/residual-current';

/** Amplitude of one component at a frequency, multiples of the rated residual current and hertz; 0 Hz is smooth. */
export type Component = { hertz: number; peak: number };
export type Leakage = { shape: 'sum' | 'half-wave' | 'cut'; components: readonly Component[] };

const SUPPLY_HERTZ = 50;
const PERIODS = 4;
const SAMPLES = 800;
/** Part of the half-wave that a phase control cuts off, ratio. */
const CUT = 0.5;

/** A leakage of this waveform with this rms (smooth: its value), multiples of the rated residual current. */
export function leakageLike(wave: LeakageWave, rms: number): Leakage {
  const sine = (hertz: number, value: number): Component => ({ hertz, peak: value * Math.SQRT2 });
  switch (wave) {
    case 'sine':
      return { shape: 'sum', components: [sine(SUPPLY_HERTZ, rms)] };
    case 'pulsating-dc':
      // A half-wave of peak p has the rms p / 2.
      return { shape: 'half-wave', components: [{ hertz: SUPPLY_HERTZ, peak: 2 * rms }] };
    case 'phase-cut':
      return { shape: 'cut', components: [{ hertz: SUPPLY_HERTZ, peak: 2 * rms }] };
    case 'mixed-frequency':
      return { shape: 'sum', components: [sine(10, 0.3 * rms), sine(SUPPLY_HERTZ, 0.25 * rms), sine(1000, 0.92 * rms)] };
    case 'smooth-dc':
      return { shape: 'sum', components: [{ hertz: 0, peak: rms }] };
    case 'high-frequency':
      return { shape: 'sum', components: [sine(3000, rms)] };
  }
}

/** Smooth direct current under another leakage. */
export const withSmooth = (leakage: Leakage, smooth: number): Leakage => ({
  ...leakage,
  components: [...leakage.components, { hertz: 0, peak: smooth }],
});

function sampleOf({ shape, components }: Leakage, seconds: number, gain: (hertz: number) => number): number {
  return components.reduce((sum, { hertz, peak }) => {
    if (hertz === 0) return sum + peak * gain(0);
    const phase = (hertz * seconds) % 1;
    const value = Math.sin(2 * Math.PI * phase);
    if (shape === 'sum') return sum + peak * gain(hertz) * value;
    const shown = phase < 0.5 && (shape === 'half-wave' || phase >= CUT / 2);
    return sum + (shown ? peak * gain(hertz) * value : 0);
  }, 0);
}

/** The current over some periods of the supply: time in seconds, value in multiples. */
export function currentTrace(leakage: Leakage): { seconds: number; value: number }[] {
  return Array.from({ length: SAMPLES + 1 }, (_, i) => {
    const seconds = (i / SAMPLES) * (PERIODS / SUPPLY_HERTZ);
    return { seconds, value: sampleOf(leakage, seconds, () => 1) };
  });
}

type Core = { band: number; knee: number; gain: (hertz: number) => number };
/** What the circuit behind the coil lets through: tuned to the supply, wide, or all. */
const tuned = (hertz: number) => (hertz === 0 ? 1 : 1 / (1 + ((hertz - SUPPLY_HERTZ) / SUPPLY_HERTZ) ** 2) ** 2);
const wide = (hertz: number) => (hertz <= 1000 ? 1 : 1000 / hertz);
const cores: Record<'AC' | 'A' | 'F', Core> = {
  AC: { band: 0.5, knee: 0.6, gain: tuned },
  A: { band: 0.05, knee: 1.6, gain: tuned },
  F: { band: 0.05, knee: 2.4, gain: wide },
};
const widths: Record<'B' | 'B+', (hertz: number) => number> = {
  B: (hertz) => (hertz <= 2000 ? 1 : 0.3),
  'B+': (hertz) => (hertz <= 20000 ? 1 : 0.3),
};

/** Flux of a core over time, in shares of saturation. */
export function fluxTrace(type: 'AC' | 'A' | 'F', leakage: Leakage): { seconds: number; value: number }[] {
  const { band, knee, gain } = cores[type];
  let play = 0;
  return Array.from({ length: SAMPLES + 1 }, (_, i) => {
    const seconds = (i / SAMPLES) * (PERIODS / SUPPLY_HERTZ);
    const field = sampleOf(leakage, seconds, gain);
    play = Math.max(field - band, Math.min(field + band, play));
    return { seconds, value: Math.tanh(play / knee) };
  });
}

/** Swing of the flux once the first period is over: what a coil around it gives. */
function swingOf(trace: readonly { value: number }[]): number {
  const settled = trace.slice(Math.floor(SAMPLES / PERIODS)).map(({ value }) => value);
  return Math.max(...settled) - Math.min(...settled);
}

/** Share of what a sine at the rated residual current gives, from which the drawing trips. */
export const TRIP_SHARE = 0.6;

const measuredRms = (leakage: Leakage, gain: (hertz: number) => number): number => {
  const values = Array.from({ length: SAMPLES }, (_, i) => sampleOf(leakage, (i / SAMPLES) * (PERIODS / SUPPLY_HERTZ), gain));
  return Math.sqrt(values.reduce((sum, value) => sum + value * value, 0) / SAMPLES);
};

/**
 * What a type sees of a leakage, as a share of what a sine at its rated residual current gives it; 0 or more.
 * Example: smooth direct current gives a type A nothing; under a sine it takes away from what the sine gives.
 */
export function seenShare(type: ResidualType, leakage: Leakage): number {
  if (type === 'B' || type === 'B+') return measuredRms(leakage, widths[type]);
  return swingOf(fluxTrace(type, leakage)) / swingOf(fluxTrace(type, leakageLike('sine', 1)));
}

/** True where the drawing trips. */
export const sees = (type: ResidualType, leakage: Leakage): boolean => seenShare(type, leakage) >= TRIP_SHARE;
