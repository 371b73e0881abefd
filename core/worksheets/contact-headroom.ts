/**
 * How much room has a contact above its load: resistive against its resistive figure, a motor by its start.
 * Equal is enough in the right category; headroom is advice. The inrush rule is only for a contact that has no motor
 * rating. Common practice.
 */
import { formatQuantity as q } from '../quantities/format-quantity';
import { answer, numberInput, wordInput, worksheet } from './contract';

export const contactHeadroom = worksheet({
  id: 'contact-headroom',
  subject: 'contacts',
  title: 'Contact headroom',
  question: 'Does the contact carry this load, and with what in hand?',
  inputs: [
    wordInput('load', 'Load', ['resistive', 'motor'], 'Kind of load.'),
    numberInput('loadAmps', 'Load current', 'A', { above: 0, max: 10000 }, 18.5, 'Running current of the load.'),
    numberInput(
      'contactAmps',
      'Contact rating',
      'A',
      { above: 0, max: 100000 },
      25,
      'For a motor: the locked-rotor or resistive figure of the contact.',
    ),
    numberInput('startRatio', 'Start', 'ratio', { min: 1, max: 20 }, 6, 'Times running current while starting; motors only.'),
    numberInput('headroomPercent', 'Headroom', '%', { min: 0, max: 100 }, 20, 'Advice: 20 resistive, 10 on a motor start.'),
  ],
  compute: (v) => {
    const start = v.load === 'motor' ? v.startRatio : 1;
    const demand = v.loadAmps * start;
    const advised = demand * (1 + v.headroomPercent / 100);
    const contact = v.contactAmps;
    const words =
      contact < demand
        ? 'The contact is too small.'
        : contact < advised
          ? 'It carries the load, but stands below the advised headroom.'
          : 'It carries the load with the advised headroom.';
    return answer(
      [
        {
          name: 'demandAmps',
          label: v.load === 'motor' ? 'Starting current' : 'Load',
          value: demand,
          unit: 'A',
        },
        { name: 'advisedAmps', label: 'With headroom', value: advised, unit: 'A' },
        { name: 'marginAmps', label: 'In hand above the load', value: contact - demand, unit: 'A' },
      ],
      [
        `${q(v.loadAmps, 'A')}${start === 1 ? '' : ` x ${start}`} = ${q(demand, 'A')}`,
        `x ${1 + v.headroomPercent / 100} = ${q(advised, 'A')}`,
        words,
      ],
      v.load === 'motor' ? ['Where the contact has a horsepower or AC-3 rating, use that instead: it already holds the start.'] : [],
    );
  },
  sources: ['commonPractice'],
  checks: [
    {
      values: { load: 'resistive', loadAmps: 4.545, contactAmps: 5, startRatio: 6, headroomPercent: 20 },
      expect: { advisedAmps: 5.45 },
      tolerance: 0.01,
      source: 'common practice',
    },
    {
      values: { load: 'motor', loadAmps: 5, contactAmps: 40, startRatio: 6, headroomPercent: 10 },
      expect: { demandAmps: 30, advisedAmps: 33 },
      tolerance: 1e-9,
      source: 'common practice',
    },
  ],
});
