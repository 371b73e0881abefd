/**
 * Signing a swap: everything is judged again on the server, the record is written, stock goes down by one and the position
 * shows the new part, all in one transaction. A second signature of the same swap returns the first record.
 */
import { inTransaction } from '../data/transaction';
import { ratingText } from '../core/record/rating';
import { certain } from '../core/certain';
import { createHash, randomUUID } from 'node:crypto';
import * as yup from 'yup';
import { familyOf } from '../core/families/registry';
import { settledFaults } from '../core/fault-finding/find-fault';
import { markText, type Change } from '../core/matching/changes';
import { insteadOf, type JudgedPart } from '../core/matching/judge';
import { lineTerm } from '../core/needs/line-text';
import { withReading } from '../core/readings/reading';
import { readingsOfSpec } from '../core/readings/readings-of-spec';
import { canonicalJson, type RecordBody, type RecordLine, type RecordProof } from '../core/record/record';
import { failuresInAYear, huntObstacles, huntOf, type Hunt } from '../core/swap/fault-hunt';
import { changeKey, netReading, proofLimits, proofVerdict, signObstacles, type Obstacle } from '../core/swap/sign-off';
import { energiseConfirmed, energiseStep, safeSteps } from '../core/swap/make-safe';
import type { Proof } from '../core/families/contract';
import { putOffText } from '../core/swap/put-off';
import { CIRCUIT_KEY, HUNT_KEY, type Named, type ProofEntry, type SwapState } from '../core/swap/swap';
import { strokesFor } from '../core/cards/device-sign';
import { takeFromStock } from '../data/ledger';
import { deviceSigns } from './device-signs';
import type { Knex } from 'knex';
import { database } from '../data/connection';
import { insertEvent, positionWithPlace, type SettingLeft } from '../data/positions';
import { recordBySwap, type SwapRow } from '../data/swaps';
import { heldOf, isInHand, isInstalled, withCoil } from '../core/swap/candidates';
import { circuitObstacles } from '../core/circuit/circuit-obstacles';
import { sayIn } from '../core/language/by-practice';
import { circuitOfJob } from './circuits';
import { candidateOf, fieldOf, judgeWith, lying } from './candidates';
import { audit, type Actor } from './audit';
import { appendRows, inChain } from './chain/append';
import type { Person } from '../core/crew/person';
import { notFound, ServiceError } from './service-error';
import { loadSwap, type SwapView } from './swaps';
import { validate } from './validate';

export const signSchema = yup.object({
  version: yup.number().strict().integer().min(1).required('version is missing.'),
  remark: yup.string().strict().max(2000, 'The remark is longer than 2000 characters.').default(''),
  /** Pieces that lay in stock when the signer looked: who counted on one is told where the last went meanwhile. */
  stockSeen: yup.number().strict().integer().min(0).max(1e6).optional(),
});

/** Who overrode a line, why, and who approved it. */
const overriddenAs = ({ by, reason, approvedBy }: Named) => ({ overriddenBy: by, reason, ...(approvedBy ? { approvedBy } : {}) });

function recordLines(part: JudgedPart, state: SwapState, practice: SwapView['site']['practice']): RecordLine[] {
  return part.lines.map(({ need, ...line }) => ({
    ...line,
    id: need.id,
    term: lineTerm(need, line.quantity, practice),
    // Left out of the record where there is none: `canonicalJson` drops what is undefined.
    instead: insteadOf({ need, ...line }),
    ...(state.acknowledged[need.id] && line.verdict !== 'fits'
      ? {
          acknowledgedBy: certain(state.acknowledged[need.id]).by,
          note: certain(state.acknowledged[need.id]).reason,
          ...(line.verdict === 'not-known' && certain(state.acknowledged[need.id]).settles
            ? { settles: certain(state.acknowledged[need.id]).settles }
            : {}),
        }
      : {}),
    ...(state.overrides[need.id] && line.verdict === 'fails' ? overriddenAs(certain(state.overrides[need.id])) : {}),
  }));
}

/** The choice of a swap as it stands among what the board offers; `missing` where it is not among it any more. */
export async function judgeChoice(knex: Knex, swap: SwapView) {
  const choice = swap.state.choice.part;
  if (!choice) return null;
  const field = await fieldOf(knex, swap);
  const candidate = await candidateOf(knex, field, choice);
  if (!candidate) return { missing: true as const };
  const { family, context, condition, removed } = field;
  const { part, spec, coil } = candidate;
  const judge = judgeWith(field, swap.site.practice);
  const { judged, changes } = judge.candidate(candidate.spec);
  return {
    missing: false as const,
    part,
    coil,
    inStock: lying(field.shelf, part.id),
    judged,
    changes,
    condition,
    judgedRemoved: judge.removed,
    proofs: family.proofs({ need: context, part: spec }),
    terminals: family.terminals(context, removed, spec),
    settings: family.settings({ need: context, part: spec }),
    bases: [context.supply.socket ?? removed?.base ?? null, spec.base ?? null] as const,
  };
}

/** The circuit of the position with what is chosen in its place; null where it stands in none. */
async function circuitWith(knex: Knex, { position, state }: SwapView, { part, coil, judged }: Pick<Judged, 'part' | 'coil' | 'judged'>) {
  const place = certain(await positionWithPlace(knex, position.id));
  const held = isInstalled(part.id) || isInHand(part.id);
  const chosen = {
    ...{ deviceName: part.name, judged, spec: coil ? withCoil(part.raw, coil) : part.raw },
    frame: isInstalled(part.id) ? place.position.footprint : held ? null : part.footprint,
  };
  return circuitOfJob(place.position, place.panel, place.site, { state, chosen });
}

/** What is chosen does not stand to choice: why, in words. */
const notOffered: Obstacle = {
  id: 'choice',
  kind: 'choice',
  text: 'What is chosen is not among what the board offers here now: another coil than the control supply asks for, parts that do not lie on the shelf, or a part of another family. Choose again.',
};

/** What stands at the position from now on. A part in the hand is none of the catalogue, and what it takes up is not known; a body with a new coil stays what it is. */
const standing = ({ id, name, footprint }: Judged['part'], at: Date) =>
  isInstalled(id)
    ? {}
    : { device_name: name, fitted_on: at, ...(isInHand(id) ? { part_id: null, footprint: null } : { part_id: id, footprint }) };

/** Writes the record, and to the position what stands there from now on. */
async function keepRecord(
  trx: Knex.Transaction,
  swap: SwapView,
  positionId: string,
  choice: Judged,
  record: RecordBody,
  { by, at, entries }: { by: string; at: Date; entries: readonly string[] },
): Promise<string> {
  const { part } = choice;
  const recordId = randomUUID();
  await trx('records').insert({
    id: recordId,
    swap_id: swap.id,
    position_id: positionId,
    signed_at: at,
    signed_by: by,
    body: JSON.stringify(record),
    hash: hashOf(record),
  });
  await trx<SwapRow>('swaps').where({ id: swap.id }).update({ status: 'signed' });
  const { load, duty } = swap.state;
  // It was wired to the socket of the new part: the next job finds that one.
  const [from, to] = choice.bases;
  const supply =
    from !== null && typeof to === 'string' && from !== to
      ? withReading(swap.state.supply, 'socket', { state: 'read', value: to, from: `record ${recordId}` })
      : swap.state.supply;
  await trx('positions')
    .where({ id: positionId })
    .update({
      ...standing(part, at),
      load_kind: swap.state.loadKind,
      as_left: JSON.stringify(
        // Where nobody wrote what it was left at, it was set by the sheet.
        (record.settings ?? []).map(({ name, value, asLeft }): SettingLeft => ({ name, left: asLeft || value })),
      ),
      hazards: JSON.stringify(swap.state.hazards),
      readings: JSON.stringify({
        load,
        duty,
        supply,
        removed: readingsOfSpec(part.name, choice.coil ? withCoil(part.raw, choice.coil) : part.raw),
      }),
      rating: ratingText(choice.judged.lines.map(({ need, have, unit }) => ({ id: need.id, have, unit }))),
    });
  const event = await insertEvent(trx, {
    ...{ position_id: positionId, at, kind: 'swap', record_id: recordId },
    text: `${part.name} ${isInstalled(part.id) ? 'stays, with a new coil' : 'fitted'}, signed by ${by}`,
  });
  await appendRows(
    trx,
    [['record', recordId], ['event', event], ...inChain(entries.map((id) => ({ id })))],
    stockParts(part.id, record, recordId),
    at,
  );
  return recordId;
}

/** What was taken from stock for a record, as entries of the chain. */
const stockParts = (partId: string, { stock, stockBeside = [] }: RecordBody, recordId: string) =>
  [{ partId, taken: stock }, ...stockBeside]
    .filter(({ taken }) => taken !== null)
    .map((one) => ({ kind: 'stock' as const, ref: recordId, content: canonicalJson({ ...one, recordId }) }));

export type Signature = {
  /** Who answers for it. */
  signer: Pick<Person, 'id' | 'name'>;
  /** Who did the job, where another signs for them. */
  doneBy?: string;
  actor: Actor;
};

/** What still stands open beside the part itself: the cause, and the circuit that it goes into. */
const besideObstacles = ({ state, history }: SwapView, hunt: Hunt, circuit: Awaited<ReturnType<typeof circuitWith>>): Obstacle[] => [
  ...huntObstacles(hunt, state, failuresInAYear(history)),
  ...circuitObstacles(circuit?.lines ?? [], state),
];

/** Takes pieces for a job, one by one, and keeps the entries that say so. */
function taker(trx: Knex.Transaction, siteId: string, about: { ref: string; by: string; at: Date }) {
  const entries: string[] = [];
  const takeOne = async (partId: string) => {
    const one = await takeFromStock(trx, siteId, partId, about);
    if (one) entries.push(one.entry);
    return one?.taken ?? null;
  };
  return { takeOne, entries };
}

/** Signs a swap. Throws 422 with what stands in the way, 409 when it was changed meanwhile. */
export async function signSwap(id: string, body: unknown, { signer, doneBy, actor }: Signature): Promise<{ recordId: string }> {
  const { version, remark, stockSeen } = await validate(signSchema, body);
  const by = signer.name;
  const swap = await loadSwap(id);
  const knex = database();
  return inTransaction(knex, async (trx) => {
    const row = await trx<SwapRow>('swaps').where({ id }).forUpdate().first();
    if (!row) throw notFound('This swap');
    const signed = await recordBySwap(trx, id);
    if (signed) return { recordId: signed.id };
    if (row.version !== version || swap.version !== version)
      throw new ServiceError(
        409,
        [{ field: 'version', reason: 'Somebody else saved this job meanwhile. Look at it again before you sign.' }],
        { version: row.version, state: row.state },
      );
    const found = await judgeChoice(trx, swap);
    const choice = found?.missing === false ? found : null;
    const hunt = certain(huntOf(swap.state, swap.site.practice, swap.site.schools));
    const circuit = choice && (await circuitWith(trx, swap, choice));
    const obstacles = found?.missing
      ? [notOffered]
      : signObstacles(
          ...([swap.state, choice, choice?.proofs ?? [], swap.site.practice, choice?.settings.conflicts, swap.site.secondPerson] as const),
          besideObstacles(swap, hunt, circuit),
        );
    if (!choice || obstacles.length > 0)
      throw new ServiceError(
        422,
        obstacles.map((obstacle) => ({ field: obstacle.id, reason: obstacle.text })),
      );
    const { part } = choice;
    const now = new Date();
    const { takeOne, entries } = taker(trx, swap.site.id, { ref: id, by, at: now });
    const stock = await takeOne(part.id);
    if (!stock && stockSeen)
      throw new ServiceError(409, [
        {
          field: 'stock',
          reason: `${part.name} is out of stock here since you looked: another job took the last one. Where you hold one all the same, sign again, and the record says that none was taken from stock.`,
        },
      ]);
    const stockBeside: NonNullable<RecordBody['stockBeside']> = [];
    for (const partId of swap.state.choice.part?.beside ?? []) stockBeside.push({ partId, taken: await takeOne(partId) });
    const record = recordBody(
      swap,
      { ...choice, hunt, circuit },
      { stock, ...(stockBeside.length > 0 ? { stockBeside } : {}) },
      { by, remark, at: now, ...(doneBy ? { doneBy } : {}) },
    );
    const recordId = await keepRecord(trx, swap, row.position_id, choice, record, { by, at: now, entries });
    const overridden = Object.keys(swap.state.overrides);
    await audit(trx, actor, 'signed', { record: recordId, tag: swap.position.tag, by, ...(overridden.length > 0 ? { overridden } : {}) });
    return { recordId };
  });
}

/** SHA-256 over the canonical JSON of a record. */
export const hashOf = (body: RecordBody): string =>
  createHash('sha256')
    .update(canonicalJson(JSON.parse(JSON.stringify(body))))
    .digest('hex');

type Judged = Extract<NonNullable<Awaited<ReturnType<typeof judgeChoice>>>, { missing: false }>;

/** What fault finding settled, and what was left open by name. */
function huntOnRecord({ tree, found, findings }: Hunt, state: SwapState): Pick<RecordBody, 'causes' | 'causeLeftOpen'> {
  const said = found.shown.length > 0 ? undefined : state.acknowledged[HUNT_KEY];
  return { causes: settledFaults(tree, found, findings), ...(said ? { causeLeftOpen: { by: said.by, reason: said.reason } } : {}) };
}

/** The circuit as it is with the part that goes in, and who answers for what fails there. */
function circuitOnRecord(
  circuit: Awaited<ReturnType<typeof circuitWith>>,
  state: SwapState,
  practice: SwapView['site']['practice'],
): Pick<RecordBody, 'circuit'> {
  if (!circuit) return {};
  const said = state.acknowledged[CIRCUIT_KEY];
  const fails = circuit.lines.some(({ verdict }) => verdict === 'fails');
  return {
    circuit: {
      name: circuit.name,
      lines: circuit.lines.map(({ title, verdict, because }) => ({ title, verdict, because: sayIn(practice, because) })),
      ...(fails && said ? { by: said.by, reason: said.reason } : {}),
    },
  };
}

/** The verdict of a test; what was put off says by whom and why. */
function provedAs(proof: Proof, entry: ProofEntry | undefined): Pick<RecordProof, 'verdict' | 'putOff'> {
  const verdict = proofVerdict(proof, entry);
  const off = verdict === 'not-done' || verdict === 'later' ? entry?.putOff : undefined;
  return { verdict, ...(off ? { putOff: { text: putOffText(off), by: off.by } } : {}) };
}

const recordProofs = (choice: Judged, state: SwapState): RecordProof[] =>
  choice.proofs.map((proof): RecordProof => {
    const entry = state.proofs[proof.id];
    return {
      id: proof.id,
      when: proof.when,
      title: proof.title,
      reading: entry?.reading ?? null,
      leadOhms: entry?.leadOhms ?? null,
      net: netReading(proof, entry) ?? null,
      unit: proof.asApplied ?? proof.unit,
      limits: proofLimits(proof),
      ...provedAs(proof, entry),
    };
  });

/** The steps that made it dead, and the one that was asked before it was energised again; each with who confirmed it. */
const madeSafe = (state: SwapState, practice: SwapView['site']['practice']): RecordBody['madeSafe'] =>
  [...safeSteps(state, practice), ...(energiseConfirmed(state) ? [energiseStep(state, practice)] : [])].map(({ id, title }) => ({
    step: title,
    by: state.safe[id] ?? '',
  }));

function recordBody(
  swap: SwapView,
  choice: Judged & { hunt: Hunt; circuit: Awaited<ReturnType<typeof circuitWith>> },
  taken: Pick<RecordBody, 'stock' | 'stockBeside'>,
  signature: { by: string; remark: string; at: Date; doneBy?: string },
): RecordBody {
  const { state, site } = swap;
  const { part } = choice;
  const family = certain(familyOf(state.family));
  const brief = family.shortDescription(choice.coil ?? part.raw);
  const hasCoil = family.coilSwap.scheme === 'always';
  return {
    format: 'loyal-coil/swap-record',
    version: 1,
    position: { site: site.name, panel: swap.panel.name, tag: swap.position.tag, function: swap.position.function },
    practice: site.practice,
    family: state.family,
    signedAt: signature.at.toISOString(),
    signedBy: signature.by,
    ...(signature.doneBy ? { doneBy: signature.doneBy } : {}),
    remark: signature.remark,
    removed: choice.judgedRemoved && {
      name: swap.position.deviceName,
      verdict: choice.judgedRemoved.verdict,
      lines: recordLines(choice.judgedRemoved, { ...state, acknowledged: {}, overrides: {} }, site.practice),
      ...(choice.condition.length > 0
        ? { condition: choice.condition.map(({ about, word, found, verdict }) => ({ about, word, found, verdict })) }
        : {}),
    },
    fitted: {
      partId: part.id,
      ...(state.choice.part?.beside ? { besidePartIds: state.choice.part.beside } : {}),
      name: part.name,
      verdict: choice.judged.verdict,
      lines: recordLines(choice.judged, state, site.practice),
      coil: hasCoil ? brief : null,
      brief: hasCoil ? `coil ${brief}` : brief,
      ...(isInHand(part.id) ? { held: certain(heldOf(state, part.id)).readings } : {}),
    },
    ...(choice.changes.length > 0 ? { changes: recordChanges(choice.changes, state) } : {}),
    ...huntOnRecord(choice.hunt, state),
    ...circuitOnRecord(choice.circuit, state, site.practice),
    terminals: choice.terminals,
    settings: choice.settings.rows.map(({ id, name, value }) => ({
      ...{ name, value, asLeft: state.asLeft?.[id] ?? '' },
      ...(state.asFound?.[id] ? { asFound: state.asFound[id] } : {}),
    })),
    proofs: recordProofs(choice, state),
    madeSafe: madeSafe(state, site.practice),
    ...taken,
    readings: {
      loadKind: state.loadKind,
      load: state.load,
      duty: state.duty,
      supply: state.supply,
      removed: state.removed,
    },
  };
}

/** What differs from the removed part, each with its reason, or with what it mends. */
const recordChanges = (changes: readonly Change[], state: SwapState): NonNullable<RecordBody['changes']> =>
  changes.map((change) => {
    const said = state.acknowledged[changeKey(change)];
    return {
      label: change.label,
      from: markText(change.from, change.unit),
      to: markText(change.to, change.unit),
      because: change.because,
      mends: change.mends,
      ...(change.ask === null || !said ? {} : { by: said.by, reason: said.reason }),
    };
  });

/** The chosen part of a swap judged, with its proofs and terminal map. Throws 404 where nothing is chosen. */
export async function choiceDetail(id: string) {
  const swap = await loadSwap(id);
  const choice = await judgeChoice(database(), swap);
  if (!choice || choice.missing) throw notFound('A chosen part');
  const { judged, changes, proofs, terminals, settings, bases, inStock } = choice;
  const circuit = await circuitWith(database(), swap, choice);
  const { signs } = await deviceSigns();
  const names = settings.rows.map(({ name }) => name);
  return { judged, changes, proofs, terminals, settings, strokes: strokesFor(signs, choice.part.maker, names), bases, inStock, circuit };
}
