/** Dial of an overload relay from the plate. NFPA 70 430.32; IEC 60947-4-1. */
import { formatQuantity as q } from '../quantities/format-quantity';
import { overloadTripPercent, SERVICE_FACTOR_FOR_125 } from '../standards/motor-branch';
import { DELTA_PHASE_SHARE } from '../standards/overload-classes';
import { answer, numberInput, wordInput, worksheet } from './contract';

export const overloadSetting = worksheet({
  id: 'overload-setting',
  subject: 'motor',
  title: 'Overload setting',
  question: 'What is the dial of the overload relay set to?',
  inputs: [
    numberInput('plateAmps', 'Plate amps', 'A', { above: 0, max: 5000 }, 12.8, 'Full-load amps of the plate, not of the table.'),
    wordInput('practice', 'Practice', ['NFPA70', 'IEC'], 'Rules of the site.'),
    numberInput('serviceFactor', 'Service factor', 'ratio', { min: 1, max: 2 }, 1, 'On the plate; 1 where none is marked.'),
    numberInput(
      'tripPercent',
      'Dial trips at',
      '%',
      { min: 100, max: 150 },
      125,
      'Percent of the dial at which it trips: 125 for many, 105 to 120 for IEC relays.',
    ),
    wordInput('place', 'Place', ['in-line', 'in-delta-phase'], 'In the line, or in the phase of a star-delta motor.'),
  ],
  compute: ({ plateAmps, practice, serviceFactor, tripPercent, place }) => {
    const share = place === 'in-delta-phase' ? DELTA_PHASE_SHARE : 1;
    const seen = plateAmps * share;
    const allowed = serviceFactor >= SERVICE_FACTOR_FOR_125 ? overloadTripPercent.serviceFactor115 : overloadTripPercent.otherMotors;
    const lower = practice === 'NFPA70' ? Math.min(1, allowed / tripPercent) : 1;
    return answer(
      [
        { name: 'dialAmps', label: 'Dial', value: seen * lower, unit: 'A' },
        { name: 'tripAmps', label: 'Trips at the most at', value: practice === 'NFPA70' ? (seen * allowed) / 100 : seen * 1.2, unit: 'A' },
      ],
      [
        ...(share === 1 ? [] : [`0.58 x ${q(plateAmps, 'A')} = ${q(seen, 'A')} in the phase`]),
        practice === 'NFPA70'
          ? `May trip at ${allowed} % of ${q(seen, 'A')} = ${q((seen * allowed) / 100, 'A')}; a dial that trips at ${tripPercent} % is set to ${q(seen * lower, 'A')}`
          : `The dial is the plate amps: ${q(seen, 'A')}; it trips between 105 and 120 %`,
      ],
      ['Never turned up to stop it tripping: look for the load, the supply or the phase that is at fault.'],
    );
  },
  sources: ['overloadSetting', 'overloadClasses', 'starDeltaOverload'],
  checks: [
    {
      values: { plateAmps: 32, practice: 'NFPA70', serviceFactor: 1.15, tripPercent: 125, place: 'in-line' },
      expect: { dialAmps: 32, tripAmps: 40 },
      tolerance: 1e-9,
      source: 'NFPA 70 annex D8: 32 A x 1.25 = 40 A, from memory',
    },
    {
      values: { plateAmps: 38, practice: 'NFPA70', serviceFactor: 1.15, tripPercent: 125, place: 'in-line' },
      expect: { tripAmps: 47.5 },
      tolerance: 1e-9,
      source: 'NFPA 70 annex D8: 38 A x 1.25 = 47.5 A, from memory',
    },
    {
      values: { plateAmps: 20, practice: 'NFPA70', serviceFactor: 1, tripPercent: 125, place: 'in-line' },
      expect: { dialAmps: 18.4 },
      tolerance: 1e-9,
      source: '430.32(A)(1): 0.92 of the plate amps',
    },
    {
      values: { plateAmps: 40, practice: 'IEC', serviceFactor: 1, tripPercent: 120, place: 'in-delta-phase' },
      expect: { dialAmps: 23.09 },
      tolerance: 0.001,
      source: 'IEC 60947-4-1: 1/√3',
    },
  ],
});
