/** Capacitance of a run capacitor from its running volts and amps: C = I / (2 pi f V). Source: definition of capacitive reactance. */
import { certain } from '../certain';
import { conditionOf, conditionWords } from '../families/run-capacitors/verdict';
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, worksheet } from './contract';

export const capacitorFromRunning = worksheet({
  id: 'capacitor-from-running',
  subject: 'capacitor',
  title: 'Capacitor from running volts and amps',
  question: 'What is this run capacitor, while its motor runs?',
  inputs: [
    numberInput('amps', 'Amps in its lead', 'A', { above: 0, max: 100 }, 3.4, 'In the lead of that section alone, not in the line.'),
    numberInput('volts', 'Volts across it', 'V', { above: 0, max: 1000 }, 345, 'Across the capacitor’s own terminals: above line volts.'),
    numberInput('hertz', 'Hertz', 'Hz', { above: 0, max: 400 }, 60, 'Of the supply.'),
    numberInput(
      'markedMicrofarads',
      'Marked',
      'µF',
      { above: 0, max: 200 },
      25,
      'What its plate or the motor’s plate says; may be left out.',
      true,
    ),
    numberInput('tolerancePercent', 'Tolerance', '%', { above: 0, max: 20 }, 6, 'Printed tolerance; may be left out.', true),
  ],
  compute: ({ amps, volts, hertz, markedMicrofarads, tolerancePercent }) => {
    const microfarads = (amps / (2 * Math.PI * hertz * volts)) * 1e6;
    const off = typeof markedMicrofarads === 'number' ? (microfarads / markedMicrofarads - 1) * 100 : null;
    const condition =
      typeof markedMicrofarads === 'number'
        ? conditionOf(microfarads, markedMicrofarads, typeof tolerancePercent === 'number' ? tolerancePercent : null)
        : null;
    return answer(
      [
        { name: 'microfarads', label: 'Capacitance', value: microfarads, unit: 'µF' },
        ...(off === null ? [] : [{ name: 'offPercent', label: 'Off the mark', value: off, unit: '%' }]),
      ],
      [`${q(amps, 'A')} / (2π x ${hertz} Hz x ${q(volts, 'V')}) = ${microfarads.toFixed(2)} µF`],
      [
        ...(condition === null ? [] : [`${certain(condition[0]).toUpperCase()}${condition.slice(1)}: ${conditionWords[condition]}.`]),
        'This is measured on a running machine: only under the site’s rules and with guards in place; otherwise discharge, disconnect, and use a capacitance meter.',
        'The motor’s plate is still the authority for what belongs there.',
      ],
    );
  },
  sources: ['capacitiveReactance'],
  checks: [
    {
      values: { amps: 5.3, volts: 400, hertz: 60 },
      expect: { microfarads: 35.15 },
      tolerance: 0.001,
      source: 'by hand: 5.3 / (2 pi 60 400)',
    },
    {
      values: { amps: 1, volts: 318.31, hertz: 50, markedMicrofarads: 10, tolerancePercent: 5 },
      expect: { microfarads: 10 },
      tolerance: 0.01,
      source: 'by hand: 10 uF at 50 Hz is 318.31 ohm',
    },
  ],
});
