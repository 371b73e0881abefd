/** Circuits: positions of one load or of one control supply under one name, judged as a whole by what stands there. */
import type { Knex } from 'knex';
import { randomUUID } from 'node:crypto';
import type { InferType } from 'yup';
import { certain } from '../core/certain';
import { circuitFacts, factState, withFact, type CircuitFacts, type CircuitLine, type CircuitMember } from '../core/circuit/circuit';
import { newCircuitSchema, saveCircuitSchema } from '../core/circuit/circuit-fields';
import { judgeCircuit, type Around, type JudgedCircuit } from '../core/circuit/judge-circuit';
import { memberOf, type PartForPlace } from '../core/circuit/member';
import { sayIn } from '../core/language/by-practice';
import type { Verdict } from '../core/needs/need';
import { citeSource } from '../core/standards/source';
import type { SwapState } from '../core/swap/swap';
import { circuitById, circuitsOn, placeMembers, type CircuitRow } from '../data/circuits';
import { database } from '../data/connection';
import { panelWithSite, positionsOn, type PanelRow, type PositionRow, type SiteRow } from '../data/positions';
import { inTransaction } from '../data/transaction';
import { audit } from './audit';
import type { Caller } from './crew/caller';
import { swapStateOf } from './panels';
import { notFound, ServiceError } from './service-error';
import { suppliedReadings } from './supply-paths';
import { validate } from './validate';
import { isUuid } from './is-uuid';

export type CircuitLineView = Omit<CircuitLine, 'source' | 'fact'> & {
  source: string;
  /** What is to be seen at the panel for it, and how it was answered for these devices. */
  fact?: { id: keyof CircuitFacts; seenWith: string; asks: string; answer: 'yes' | 'no' | 'not-seen' };
};
/** What of a circuit is edited. */
export type StandingCircuit = Pick<CircuitRow, 'version' | 'name' | 'facts'> & { positionIds: string[] };
export type CircuitView = {
  id: string;
  version: number;
  name: string;
  kind: CircuitRow['kind'];
  facts: CircuitFacts;
  verdict: Verdict;
  lines: CircuitLineView[];
  members: { id: string; tag: string; function: string; deviceName: string; verdict: Verdict | null }[];
};
export type PanelCircuits = {
  panel: { id: string; name: string };
  site: { name: string; practice: SiteRow['practice'] };
  circuits: CircuitView[];
  /** Positions of the panel, each with the circuit that it stands in. */
  positions: { id: string; tag: string; function: string; circuitId: string | null }[];
};

type InPlace = { positionId: string; state: SwapState; chosen?: PartForPlace };

/** A position by its own plates, or as a job has it. */
function memberAt(position: PositionRow, panel: PanelRow, site: SiteRow, inPlace?: InPlace): CircuitMember {
  const place = {
    ...{ id: position.id, tag: position.tag, family: position.family, deviceName: position.device_name },
    ...{ frame: position.footprint, fittedOn: position.fitted_on?.toISOString() ?? null },
  };
  if (inPlace?.positionId === position.id) return memberOf(place, inPlace.state, site, inPlace.chosen);
  return memberOf(place, swapStateOf(position, suppliedReadings(position, panel, site)), site);
}

function around(members: readonly CircuitMember[], positions: readonly PositionRow[]): Around {
  const groups = new Map<string, CircuitMember[]>();
  positions.forEach(({ circuit_id }, i) => {
    if (circuit_id) groups.set(circuit_id, [...(groups.get(circuit_id) ?? []), certain(members[i])]);
  });
  return { positions: members, circuits: [...groups.values()] };
}

const lineView = ({ fact, source, ...line }: CircuitLine, facts: CircuitFacts, { practice }: SiteRow): CircuitLineView => ({
  ...line,
  because: sayIn(practice, line.because),
  source: citeSource(source),
  ...(fact ? { fact: { ...fact, asks: circuitFacts[fact.id], answer: factState(facts, fact.id, fact.seenWith) } } : {}),
});

/** The circuits of a panel judged; a job may stand in for one of its positions. */
async function judgedOn(panel: PanelRow, site: SiteRow, inPlace?: InPlace, only?: string) {
  const knex = database();
  const [rows, positions] = await Promise.all([circuitsOn(knex, panel.id), positionsOn(knex, panel.id)]);
  const asked = rows.filter(({ id }) => only === undefined || id === only);
  // The whole panel is looked at for the coils of a control supply alone; each position is judged for it.
  const ids = new Set(asked.map(({ id }) => id));
  const wholePanel = asked.some(({ kind }) => kind === 'control');
  const looked = positions.filter(({ circuit_id }) => wholePanel || (circuit_id !== null && ids.has(circuit_id)));
  const members = looked.map((position) => memberAt(position, panel, site, inPlace));
  const whole = around(members, looked);
  const circuits = asked.map((row) => {
    const own = members.filter((_, i) => certain(looked[i]).circuit_id === row.id);
    return { row, own, judged: judgeCircuit(row, own, whole) };
  });
  return { circuits, positions };
}

const viewOf = (
  row: CircuitRow,
  own: readonly CircuitMember[],
  judged: JudgedCircuit,
  positions: readonly PositionRow[],
  site: SiteRow,
): CircuitView => ({
  ...{ id: row.id, version: row.version, name: row.name, kind: row.kind, facts: row.facts, verdict: judged.verdict },
  lines: judged.lines.map((line) => lineView(line, row.facts, site)),
  members: own.map(({ id, tag, deviceName, judged: one }) => ({
    ...{ id, tag, deviceName, verdict: one?.verdict ?? null },
    function: positions.find((position) => position.id === id)?.function ?? '',
  })),
});

/** Returns the circuits of a panel. Throws 404 where there is no such panel. */
export async function circuitsOfPanel(panelId: string): Promise<PanelCircuits> {
  const place = await panelWithSite(database(), panelId);
  if (!place) throw notFound('This panel');
  const { panel, site } = place;
  const { circuits, positions } = await judgedOn(panel, site);
  return {
    panel: { id: panel.id, name: panel.name },
    site: { name: site.name, practice: site.practice },
    circuits: circuits.map(({ row, own, judged }) => viewOf(row, own, judged, positions, site)),
    positions: positions.map(({ id, tag, function: fn, circuit_id }) => ({ id, tag, function: fn, circuitId: circuit_id })),
  };
}

/** The circuit of a job's position with the part that it chose in its place; null where the position stands in none. */
export async function circuitOfJob(
  position: PositionRow,
  panel: PanelRow,
  site: SiteRow,
  job: Omit<InPlace, 'positionId'>,
): Promise<(JudgedCircuit & { id: string; name: string; facts: CircuitFacts }) | null> {
  if (!position.circuit_id) return null;
  const { circuits } = await judgedOn(panel, site, { positionId: position.id, ...job }, position.circuit_id);
  const [found] = circuits;
  return found ? { id: found.row.id, name: found.row.name, facts: found.row.facts, ...found.judged } : null;
}

const nameTaken = (words: string) =>
  new ServiceError(422, [{ field: 'name', reason: `This panel has a circuit '${words}' already. Give it another name.` }]);

async function mustStandHere(panelId: string, ids: readonly string[]): Promise<void> {
  const here = new Set((await positionsOn(database(), panelId)).map(({ id }) => id));
  const strange = ids.find((id) => !here.has(id));
  if (strange !== undefined)
    throw new ServiceError(422, [
      { field: 'positionIds', reason: `'${strange}' is no position of this panel; a circuit stands in one panel.` },
    ]);
}

/** Makes a circuit of positions of one panel. Throws 404 and 422. */
export async function makeCircuit(panelId: string, body: unknown, { actor }: Pick<Caller, 'actor'>): Promise<{ id: string }> {
  const place = await panelWithSite(database(), panelId);
  if (!place) throw notFound('This panel');
  const sent = await validate(newCircuitSchema, body);
  await mustStandHere(panelId, sent.positionIds);
  const id = randomUUID();
  await inTransaction(database(), async (trx) => {
    await oneAtATime(trx, panelId);
    if (await trx('circuits').where({ panel_id: panelId, name: sent.name }).first()) throw nameTaken(sent.name);
    await trx('circuits').insert({ id, panel_id: panelId, name: sent.name, kind: sent.kind });
    await placeMembers(trx, id, sent.positionIds);
    await audit(trx, actor, 'circuit-changed', { circuit: sent.name, panel: place.panel.name, made: true });
  });
  return { id };
}

/** Two hands at one panel come one after the other: a name is free or taken when it is looked at. */
const oneAtATime = (trx: Knex, panelId: string) => trx('panels').where({ id: panelId }).forUpdate().first();

async function changeCircuit(
  row: CircuitRow,
  sent: InferType<typeof saveCircuitSchema>,
  { actor }: Pick<Caller, 'actor'>,
): Promise<boolean> {
  const { id } = row;
  return inTransaction(database(), async (trx) => {
    await oneAtATime(trx, row.panel_id);
    if (sent.name !== undefined && (await trx('circuits').where({ panel_id: row.panel_id, name: sent.name }).whereNot({ id }).first()))
      throw nameTaken(sent.name);
    const seen = sent.facts ?? [];
    const facts = seen.reduce(withFact, row.facts);
    const kept = await trx('circuits')
      .where({ id, version: sent.version })
      .update({ name: sent.name ?? row.name, facts: JSON.stringify(facts), version: sent.version + 1 });
    if (kept === 0) return false;
    if (sent.positionIds) await placeMembers(trx, id, sent.positionIds);
    await audit(trx, actor, 'circuit-changed', {
      circuit: sent.name ?? row.name,
      ...Object.fromEntries(seen.map(({ id: fact, answer }) => [fact, answer])),
    });
    return true;
  });
}

/** Renames it, gives it other positions, or keeps what was seen. Throws 404, 422, and 409 where somebody saved first. */
export async function saveCircuit(id: string, body: unknown, caller: Pick<Caller, 'actor'>): Promise<{ version: number }> {
  const row = await oneCircuit(id);
  const sent = await validate(saveCircuitSchema, body);
  if (sent.positionIds) await mustStandHere(row.panel_id, sent.positionIds);
  if (await changeCircuit(row, sent, caller)) return { version: sent.version + 1 };
  throw new ServiceError(
    409,
    [{ field: 'version', reason: 'Somebody saved this circuit since you read it. Nothing was overwritten: look at it again.' }],
    { current: await standing(id) },
  );
}

/** A circuit as it is edited, as it stands now. */
async function standing(id: string): Promise<StandingCircuit> {
  const { version, name, facts, panel_id } = await oneCircuit(id);
  const positions = await positionsOn(database(), panel_id);
  return { version, name, facts, positionIds: positions.flatMap((one) => (one.circuit_id === id ? [one.id] : [])) };
}

async function oneCircuit(id: string): Promise<CircuitRow> {
  const row = isUuid(id) ? await circuitById(database(), id) : undefined;
  if (!row) throw notFound('This circuit');
  return row;
}

/** Takes a circuit apart; its positions stay. A second click changes nothing. Throws 404 for an id that is none. */
export async function endCircuit(id: string, { actor }: Pick<Caller, 'actor'>): Promise<{ gone: boolean }> {
  if (!isUuid(id)) throw notFound('This circuit');
  return inTransaction(database(), async (trx) => {
    const row = await trx<CircuitRow>('circuits').where({ id }).forUpdate().first();
    if (!row) return { gone: false };
    await placeMembers(trx, id, []);
    await trx('circuits').where({ id }).delete();
    await audit(trx, actor, 'circuit-changed', { circuit: row.name, ended: true });
    return { gone: true };
  });
}
