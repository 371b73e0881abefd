/** Do the marks typed on a plate speak against what the key arrived at? Marks win over looks; both are shown. */
import { certain } from '../certain';
import { parsePlate } from '../plates/parse-plate';
import { guessPlate, plateOf } from '../families/plates';
import { keyKinds, type KeyKind } from './key';

const STRONG = 5;

const familyOfKind = (kind: string) => certain(keyKinds.find(({ id }) => id === kind)).family;

/** Returns sentences that say where marks and answers do not go together; empty where they do. */
export function contradictions(kind: KeyKind, text: string): string[] {
  if (text.trim() === '') return [];
  const said: string[] = [];
  const residual = certain(plateOf(familyOfKind('rccb')));
  const { readings } = parsePlate(text, residual);
  const standard = String(readings.standard?.value ?? '');
  if (kind.id === 'rccb' && (readings.curve || /61009/.test(standard)))
    said.push(
      `The answers say there is no overcurrent part, the marks say there is: ${readings.curve ? `curve ${String(readings.curve.value)} fixed to the amps` : standard}.`,
    );
  if (kind.id === 'rcbo' && /61008/.test(standard)) said.push(`The answers say there is an overcurrent part; ${standard} has none.`);
  if (kind.family === familyOfKind('mcb') && readings.sensitivityMilliamps)
    said.push(`The marks give ${String(readings.sensitivityMilliamps.value)} mA: that is a residual-current device.`);
  if (/UNDER ?VOLTAGE/i.test(text) && (kind.id === 'shunt-trip' || kind.id === 'closing-coil'))
    said.push('The marks say undervoltage release: it is never a shunt trip or closing coil.');
  if (/SHUNT/i.test(text) && kind.id === 'undervoltage-release')
    said.push('The marks say shunt trip: it is never an undervoltage release.');
  const [likeliest] = guessPlate(text);
  const own = guessPlate(text).find(({ id }) => id === kind.family)?.weight ?? 0;
  if (
    said.length === 0 &&
    likeliest &&
    likeliest.weight >= STRONG &&
    own < likeliest.weight / 2 &&
    keyKinds.some(({ family }) => family === likeliest.id)
  )
    said.push(
      `The marks read like ${withArticle(likeliest.title)}, the answers lead to ${withArticle(kind.title)}. Look again; the standard printed on it settles it.`,
    );
  return said;
}

/** Title in a sentence: 'an air circuit breaker'. */
export const withArticle = (title: string) => `${/^[AEIOU]/i.test(title) ? 'an' : 'a'} ${title.toLowerCase()}`;
