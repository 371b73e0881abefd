/**
 * The published document against a general-purpose validator: what Ajv accepts by the document, the server accepts, and
 * the other way round. A document that says something else than the checks would be worse than none.
 */
import Ajv from 'ajv/dist/2020';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contradictionsOf } from '../core/supply/earthing';
import { worksheets } from '../core/worksheets/registry';
import { sampleCase } from '../features/interface/sample-case';
import { judgePlainCase } from './judge';
import { openApi } from './interface/document';
import { jsonSchemaOf } from './interface/json-schema';
import { ServiceError } from './service-error';
import { saveSchema } from './swaps';
import { computeWorksheet } from './worksheets';

type Body = { requestBody: { content: { 'application/json': { schema: object } } } };
const document = openApi() as unknown as { paths: Record<string, Record<string, Body>>; components: { schemas: Record<string, object> } };
const ajv = new Ajv({ strict: false, allErrors: true });
const schemaOf = (path: string, method = 'post') => document.paths[path]![method]!.requestBody.content['application/json'].schema;
const accepts = (work: Promise<unknown>) =>
  work.then(
    () => true,
    (error) => {
      if (error instanceof ServiceError) return false;
      throw error;
    },
  );

describe('every body in the document', () => {
  const bodies = Object.entries(document.paths).flatMap(([path, methods]) =>
    Object.entries(methods)
      .filter(([, one]) => one.requestBody?.content['application/json'])
      .map(([method]) => [path, method] as const),
  );
  it.each(bodies)('%s %s is a schema that a validator can compile', (path, method) => {
    expect(() => ajv.compile(schemaOf(path, method))).not.toThrow();
  });
  it('there is one for each worksheet, judging, opening, saving, matching, signing, approving, ending, discarding, settling, noting, reading plates and meters, letters of bays, the supply, circuits, kept checks, parts, stock and orders, files of parts looked at and brought, signs of devices, curves, sites, panels, their copies and templates, positions, the crew and its passkeys', () =>
    expect(bodies.length).toBe(worksheets.length + 48));
});

describe('judging', () => {
  const validate = ajv.compile(schemaOf('/api/v1/judge'));
  it('the sample case is accepted by both', async () => {
    expect(validate(sampleCase), JSON.stringify(validate.errors)).toBe(true);
    expect(await accepts(judgePlainCase(sampleCase))).toBe(true);
  });
  it('the answer is of the published shape', async () => {
    const line = ajv.compile(document.components.schemas.Line!);
    const answer = await judgePlainCase(sampleCase);
    for (const one of [...answer.needs, ...answer.candidates.flatMap((part) => part.lines)])
      expect(line(one), JSON.stringify(line.errors)).toBe(true);
  });
  const value = fc.constantFrom<unknown>(-1, 0, 0.5, 1, 3, 60, 120, 480, 1e9, null, 'none', 'ac', 'dc', 'IEC', 'x', true, {}, '😀');
  const places = [
    ['supply', 'systemVolts'],
    ['supply', 'phases'],
    ['supply', 'currentKind'],
    ['supply', 'ambientC'],
    ['supply', 'grounding'],
    ['load', 'kind'],
    ['load', 'horsepower'],
    ['load', 'codeLetter'],
    ['load', 'serviceFactor'],
    ['load', 'lockedRotorRatio'],
    ['duty', 'startsPerHour'],
    ['duty', 'lifeYearsWanted'],
    ['practice'],
    ['family'],
  ];
  it('random single changes are judged alike by document and server', async () => {
    await fc.assert(
      fc.asyncProperty(fc.constantFrom(...places), value, async (place, changed) => {
        const body = structuredClone(sampleCase) as Record<string, unknown>;
        if (place.length === 1) body[place[0]!] = changed;
        else (body[place[0]!] as Record<string, unknown>)[place[1]!] = changed;
        // Three things a JSON schema of a mark does not say: whole counts, and that {} or a flag is no mark of a word.
        fc.pre(!(typeof changed === 'number' && !Number.isInteger(changed)));
        // Nor does it say that two marks contradict each other.
        fc.pre(contradictionsOf({ supply: {}, load: {}, ...body } as Parameters<typeof contradictionsOf>[0]).length === 0);
        expect(`${place.join('.')} ${JSON.stringify(changed)}: ${await accepts(judgePlainCase(body))}`).toBe(
          `${place.join('.')} ${JSON.stringify(changed)}: ${validate(body)}`,
        );
      }),
      { numRuns: 400 },
    );
  });
});

describe('worksheets', () => {
  it.each(worksheets.map((sheet) => [sheet.id, sheet] as const))(
    '%s: document and server agree on samples and on each input spoilt',
    async (id, sheet) => {
      const validate = ajv.compile(schemaOf(`/api/v1/worksheets/${id}`));
      const good = Object.fromEntries(sheet.inputs.map((input) => [input.name, input.sample]));
      expect(validate(good), JSON.stringify(validate.errors)).toBe(true);
      for (const input of sheet.inputs)
        for (const spoilt of ['ten', -1, 1e15, 0, null]) {
          const body = { ...good, [input.name]: spoilt };
          if (spoilt === null && input.optional) continue;
          expect(`${input.name} ${spoilt}: ${await accepts(computeWorksheet(id, body))}`).toBe(
            `${input.name} ${spoilt}: ${validate(body)}`,
          );
        }
    },
  );
});

it('limits of lists and numbers come through', () => {
  const schema = jsonSchemaOf(saveSchema) as {
    properties: { version: { minimum: number }; changes: { minItems: number; maxItems: number } };
  };
  expect(schema.properties.version.minimum).toBe(1);
  expect([schema.properties.changes.minItems, schema.properties.changes.maxItems]).toEqual([1, 300]);
});
