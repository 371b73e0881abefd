/** What a large disconnect must carry beside its rating: earth-fault protection and a means to reduce arc energy. NFPA practice. */
import { numberMark } from '../case/case';
import { field, needLine, wordLine } from '../needs/line';
import type { Need } from './figures';
import { formatQuantity as q } from '../quantities/format-quantity';
import { ARC_ENERGY_FROM_AMPS, groundFaultEquipment as gfpe } from '../standards/ground-fault';
import type { NeedContext } from '../families/contract';

const feeders = new Set(['distribution-board', 'conductor-feeder', 'motor-group']);

/** True where a disconnect from 1000 A up needs earth-fault protection of equipment. */
export function groundFaultAsked({ practice, supply, load }: NeedContext): boolean {
  if (practice !== 'NFPA70' || supply.grounding !== 'solidly-grounded-wye' || !feeders.has(String(load.kind))) return false;
  const system = numberMark(supply, 'systemVolts');
  const ground = numberMark(supply, 'voltsToGround') ?? (typeof system === 'number' ? system / Math.sqrt(3) : null);
  return ground !== null && ground > gfpe.aboveVoltsToGround && (typeof system !== 'number' || system <= gfpe.toVoltsLineToLine);
}

const groundFault = { name: 'groundFaultUse' as const, word: 'not from its rating' };
/** Lines on breakers whose rating asks for them and whose card speaks of them; the caution stands for the rest. */
export function largeDisconnectNeeds(context: NeedContext): Need[] {
  if (context.practice !== 'NFPA70') return [];
  const shared = {
    group: 'safety' as const,
    safety: true,
    inputs: ['supply.grounding', 'supply.voltsToGround', 'load.kind'],
  };
  const words = `A disconnect of ${q(gfpe.fromRatedAmps, 'A')} or more on a solidly grounded wye above ${q(gfpe.aboveVoltsToGround, 'V')} to ground needs earth-fault protection`;
  return [
    ...(groundFaultAsked(context)
      ? [
          needLine({
            ...shared,
            id: 'earth-fault-pickup',
            notApplicableWhen: groundFault,
            quantity: 'groundFaultPickupAmps',
            figure: field('gfpePickupAmps'),
            relation: '<=',
            limit: gfpe.maxPickupAmps,
            because: `${words}, set to ${q(gfpe.maxPickupAmps, 'A')} at the most.`,
            brief: 'from 1000 A',
            source: 'groundFaultEquipment',
          }),
          needLine({
            ...shared,
            id: 'earth-fault-delay',
            notApplicableWhen: groundFault,
            quantity: 'groundFaultSeconds',
            figure: field('gfpeSeconds'),
            unit: 's',
            relation: '<=',
            limit: gfpe.maxSeconds,
            because: `${words} that opens within ${q(gfpe.maxSeconds, 's')} at ${q(gfpe.atAmps, 'A')} and above.`,
            brief: 'at 3000 A',
            source: 'groundFaultEquipment',
          }),
        ]
      : []),
    wordLine({
      ...shared,
      id: 'arc-energy',
      notApplicableWhen: { name: 'arcEnergyUse' as const, word: 'not from its rating' },
      quantity: 'arcEnergyMeans',
      limit: ['provided'],
      because: `From ${q(ARC_ENERGY_FROM_AMPS, 'A')} a means to reduce arc energy is asked for, such as a maintenance setting or zone interlocking.`,
      brief: 'from 1200 A',
      source: 'arcEnergy',
      inputs: ['load.kind'],
    }),
  ];
}
