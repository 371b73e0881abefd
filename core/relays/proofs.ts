/** What is tested of the contacts of any relay on the bench? Common practice. */
import type { Proof, ProofContext } from '../families/contract';
import { contactOhms, figureProof } from '../families/proof-makers';
import { baseOf } from './bases';

/** Bench proofs of contacts and weld, shared by every relay with contacts. */
export function contactProofs({ part }: ProofContext, timer = false): Proof[] {
  const base = baseOf(part.base);
  const sets = (timer ? base?.timer?.contacts : base?.contacts) ?? [];
  const used = typeof part.contactsInAll === 'number' ? sets.slice(0, part.contactsInAll) : sets;
  const at = (name: 'normallyClosed' | 'normallyOpen') =>
    used.map((one) => `${one.common}-${one[name]}`).join(', ') || 'by the diagram on the part';
  const figure = (id: string, title: string, how: string, low: number, high: number | null, because: string) =>
    figureProof({
      id,
      when: 'bench',
      title,
      unit: 'ohm',
      leads: high !== null,
      low,
      high,
      severity: high === null ? 'must' : 'should',
      ...(high === null ? {} : { rejectAbove: contactOhms.reject }),
      how,
      because,
    });
  const limit = 'Above 0.1 Ω net of leads look closer, above 1 Ω reject.';
  return [
    figure(
      'break-rest',
      'Break contacts closed at rest, highest resistance',
      `Coil off, ohmmeter across ${at('normallyClosed')}; enter the highest reading and the leads.`,
      0,
      contactOhms.caution,
      limit,
    ),
    figure(
      'make-rest',
      'Make contacts open at rest, lowest resistance',
      `Coil off, ohmmeter across ${at('normallyOpen')}.`,
      contactOhms.open,
      null,
      'A make contact that is closed at rest is welded.',
    ),
    figure(
      'make-pulled',
      'Make contacts closed, energised, highest resistance',
      `Coil on a bench supply, ohmmeter across ${at('normallyOpen')}; enter the highest reading and the leads.`,
      0,
      contactOhms.caution,
      limit,
    ),
    figure(
      'break-pulled',
      'Break contacts open, energised, lowest resistance',
      `Coil on, ohmmeter across ${at('normallyClosed')}.`,
      contactOhms.open,
      null,
      'A break contact that stays closed is welded: a tap that frees it proves it; replace the part.',
    ),
  ];
}
