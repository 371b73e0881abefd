/**
 * npm run supplier -- order.xml [--stock 2] [--replace NUMBER=NEW] [--unknown NUMBER] [--late 30]: the simulated supplier answers an order.
 * It writes order-response.xml and despatch-advice.xml beside the order. Nothing is sent anywhere.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { answerOrder, numbersAsked } from '../standins/supplier';

const LEAD_DAYS = 9;
const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    stock: { type: 'string', default: '2' },
    replace: { type: 'string', multiple: true, default: [] },
    unknown: { type: 'string', multiple: true, default: [] },
    late: { type: 'string', default: '0' },
  },
});

/** Answers the order in this file. */
function answer(file: string): void {
  const xml = readFileSync(file, 'utf8');
  const replaced = new Map(values.replace.map((pair) => pair.split('=') as [string, string]));
  const articles = numbersAsked(xml)
    .filter((number) => !values.unknown.includes(number))
    .map((number) => ({
      ...{ number, price: 20, currency: 'EUR', stock: Number(values.stock), leadDays: LEAD_DAYS },
      ...(replaced.has(number) ? { replacedBy: replaced.get(number) } : {}),
    }));
  const { response, advice } = answerOrder(xml, articles, new Date().toISOString().slice(0, 10), Number(values.late));
  for (const [name, text] of [
    ['order-response.xml', response],
    ['despatch-advice.xml', advice],
  ] as const) {
    const to = path.join(path.dirname(file), name);
    writeFileSync(to, text);
    console.log(to);
  }
}

const [file] = positionals;
if (file !== undefined) answer(file);
else {
  console.error('Say which order: npm run supplier -- order.xml');
  process.exitCode = 2;
}
