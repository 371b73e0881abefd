/** A family's name stands in its folder and in the registry: elsewhere the contract says what a family does. */
import { describe, expect, it } from 'vitest';
import ts from 'typescript';
import { readFileSync } from 'node:fs';
import { families } from '@/core/families/registry';
import { sourceFiles } from './cycles';

/** At most three files may name a family, each for its reason. */
const reasons: Readonly<Record<string, string>> = {
  'core/device-identification/key-data.ts': 'the key leads from what is seen to a family: it is a list of them',
  'services/timers.ts': 'the timer bench tries timing relays and no other part',
  'features/interface/sample-case.ts': 'an example of the open interface is one case of one family',
};
const ids = new Set(families.map(({ id }) => id));
const asks = /^(familyOf|plateOf|catalogueOf|partsOfFamily|choiceOfPart|ownCurveOf)$/;
const naming = /family$/i;

/** Places of a file that name a family: held against or given as one, or asked of the registry. Words such as 'fuse' elsewhere are words. */
export function familyNamesIn(file: string, text: string): string[] {
  const found: string[] = [];
  const visit = (node: ts.Node) => {
    if (ts.isStringLiteral(node) && ids.has(node.text)) {
      const { parent } = node;
      const named = (other: ts.Node | undefined) => other !== undefined && naming.test(other.getText().split('.').at(-1) ?? '');
      if (
        (ts.isBinaryExpression(parent) && named(parent.left === node ? parent.right : parent.left)) ||
        (ts.isPropertyAssignment(parent) && named(parent.name)) ||
        (ts.isCallExpression(parent) &&
          parent.arguments.includes(node) &&
          parent.arguments.some((one) => asks.test(parent.expression.getText()) && one === node)) ||
        (ts.isCallExpression(parent) && /kind$/.test(parent.expression.getText()) && file.includes('device-identification'))
      )
        found.push(node.text);
    }
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true));
  return found;
}

describe('names of families', () => {
  const named = sourceFiles(process.cwd())
    .filter((file) => !/^core\/families\/|^data\/demo\/|\.test\.|^tests\/|^e2e\/|^scripts\//.test(file))
    .filter((file) => familyNamesIn(file, readFileSync(file, 'utf8')).length > 0);

  it('stand outside their folders only where a reason is given', () => expect(named.filter((file) => !(file in reasons))).toEqual([]));
  it('have no reason that is no longer needed', () => expect(Object.keys(reasons).filter((file) => !named.includes(file))).toEqual([]));
  it('are at most three exceptions', () => expect(Object.keys(reasons).length).toBeLessThanOrEqual(3));
  it.each(["if (part.family === 'breaker') go();", "const p = plateOf('residual-current');", "const c = { family: 'fuse' };"])(
    'finds %s',
    (text) => expect(familyNamesIn('services/made-up.ts', text)).toHaveLength(1),
  );
  it('lets words be words', () =>
    expect(familyNamesIn('core/worksheets/made-up.ts', "wordInput('device', 'Device', ['fuse', 'breaker'])")).toEqual([]));
});
