/**
 * What is left of a resistive contact figure for another kind of load? Advice for judging an old part, never a rating: a figure of its
 * own on the plate beats it, and where none is given the board says not known. Factors: common practice.
 */
import { certain } from '../certain';
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, refuse, wordInput, worksheet } from './contract';

/** Share of the resistive AC amps by kind of load; null where no share is safe to name. Common practice. */
export const contactShares: Readonly<Record<string, { share: number | null; why: string }>> = {
  resistive: { share: 1, why: 'the figure itself' },
  'AC inductive, power factor 0.7 and up': { share: 0.5, why: 'half of resistive' },
  'AC coils of contactors and valves': { share: 0.2, why: 'their inrush is 5 to 10 times what they hold with' },
  'motor, by its locked rotor': { share: 1 / 6, why: 'it makes six times its running amps; horsepower is the rating' },
  'filament lamps, by their cold filament': { share: 1 / 13, why: 'cold they take 12 to 15 times' },
  'LED or electronic, capacitive': { share: null, why: 'the peak welds whatever the amps: its own peak figure is needed' },
  'DC inductive': { share: null, why: 'an arc without zero crossing: a tenth or less of AC, or nothing' },
};

export const contactDerating = worksheet({
  id: 'contact-derating',
  subject: 'contacts',
  title: 'Contact on another load',
  question: 'How far does a resistive figure reach on another kind of load?',
  inputs: [
    numberInput('resistiveAmps', 'Resistive figure', 'A', { above: 0, max: 100 }, 10, 'AC resistive amps at these volts.'),
    wordInput('load', 'Load', Object.keys(contactShares), 'What it switches.'),
    numberInput('loadAmps', 'Load takes', 'A', { above: 0, max: 100 }, 1.5, 'Its steady amps.'),
  ],
  compute: (v) => {
    const { share, why } = certain(contactShares[String(v.load)]);
    if (share === null)
      return refuse(
        `No share of the resistive figure is safe here: ${why}. Read a figure for this load, or let the relay drive a contactor.`,
      );
    const amps = v.resistiveAmps * share;
    return answer(
      [
        { name: 'aboutAmps', label: 'Reaches about', value: amps, unit: 'A' },
        { name: 'marginAmps', label: 'In hand', value: amps - v.loadAmps, unit: 'A' },
      ],
      [`${q(v.resistiveAmps, 'A')} x ${share.toPrecision(2)} = ${q(amps, 'A')}: ${why}`],
      ['Advice, not a rating: the board holds a part to its own figure for this load, and says not known where it has none.'],
    );
  },
  sources: ['commonPractice', 'controllerRating'],
  checks: [
    {
      values: { resistiveAmps: 12, load: 'motor, by its locked rotor', loadAmps: 1 },
      expect: { aboutAmps: 2, marginAmps: 1 },
      tolerance: 1e-9,
      source: 'common practice',
    },
    {
      values: { resistiveAmps: 10, load: 'AC inductive, power factor 0.7 and up', loadAmps: 6 },
      expect: { aboutAmps: 5, marginAmps: -1 },
      tolerance: 1e-9,
      source: 'common practice',
    },
  ],
});
