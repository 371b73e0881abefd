/** Opening, reading and saving swaps. A save names the version it was made on; nothing is overwritten in silence. */
import { certain, isRecord } from '../core/certain';
import { randomUUID } from 'node:crypto';
import * as yup from 'yup';
import type { Practice } from '../core/case/case';
import type { PositionTable } from '../core/case/position-codes';
import { familyOf } from '../core/families/registry';
import { SYMPTOM } from '../core/fault-finding/tree';
import { isSymptom } from '../core/swap/ways-in';
import type { Methods } from '../core/loads/schools';
import { changeFault } from '../core/swap/change-fault';
import { changeSchema } from '../core/swap/change-schema';
import { applyChanges, type Change, type SwapState } from '../core/swap/swap';
import { database } from '../data/connection';
import { eventsOf, positionsOn, positionWithPlace, type EventRow, type PositionRow, type SettingLeft } from '../data/positions';
import { insertSwap, recordBySwap, saveState, swapById, type SwapRow } from '../data/swaps';
import { swapStateOf } from './panels';
import { suppliedReadings } from './supply-paths';
import { positionTables } from './position-codes';
import { notFound, ServiceError } from './service-error';
import { audit } from './audit';
import type { Caller } from './crew/caller';
import { validate } from './validate';
import { isUuid } from './is-uuid';

export type SwapView = {
  id: string;
  version: number;
  status: SwapRow['status'];
  state: SwapState;
  recordId: string | null;
  position: { id: string; tag: string; function: string; deviceName: string; footprint: string | null; asLeft: SettingLeft[] };
  panel: { id: string; name: string; note: string };
  site: {
    id: string;
    name: string;
    practice: Practice;
    timeZone: string;
    schools: Partial<Methods>;
    secondPerson: boolean;
    demoParts: boolean;
    currency: string | null;
  };
  history: { at: string; kind: EventRow['kind']; text: string }[];
  /** The user's own letters of bays, where this family has bays; else none. */
  letters: PositionTable[];
};

export const saveSchema = yup.object({
  version: yup
    .number()
    .strict()
    .integer('version must be a whole number.')
    .min(1)
    .required('version is missing: the one the change was made on.'),
  changes: yup
    .array()
    .of(changeSchema)
    .min(1, 'There is no change.')
    .max(300, 'At most 300 changes go in one save.')
    .required('changes is missing.'),
});
export const openSchema = yup.object({
  positionId: yup.string().strict().max(200).required('positionId is missing.'),
  /** What it does, by its name: the first answer of fault finding. */
  symptom: yup.string().strict().max(60).optional(),
});

const LARGEST_JOB = 600_000; // characters of what is kept of one job: plates, readings, tests

/** Every value of a save is held against what is declared; the first that is not is named. */
function checkChanges(family: string, changes: readonly Change[]): void {
  for (const change of changes) {
    const reason = changeFault(family, change);
    if (reason) throw new ServiceError(422, [{ field: change.path, reason }]);
  }
}

/** Returns a swap with its place, or throws 404. */
export async function loadSwap(id: string): Promise<SwapView> {
  if (!isUuid(id)) throw notFound('This swap');
  const knex = database();
  const row = await swapById(knex, id);
  if (!row) throw notFound('This swap');
  const place = certain(await positionWithPlace(knex, row.position_id));
  const hasBays = familyOf(row.state.family)?.fields.some(({ name }) => name === 'code');
  const [events, record, letters] = await Promise.all([
    eventsOf(knex, row.position_id),
    recordBySwap(knex, id),
    hasBays ? positionTables() : [],
  ]);
  const { position, panel, site } = place;
  return {
    id: row.id,
    version: row.version,
    status: row.status,
    state: row.state,
    recordId: record?.id ?? null,
    position: {
      id: position.id,
      tag: position.tag,
      function: position.function,
      deviceName: position.device_name,
      footprint: position.footprint,
      asLeft: position.as_left ?? [],
    },
    panel: { id: panel.id, name: panel.name, note: panel.note },
    site: {
      id: site.id,
      name: site.name,
      practice: site.practice,
      timeZone: site.time_zone,
      schools: site.schools,
      secondPerson: site.second_person,
      demoParts: site.demo_parts,
      currency: site.currency,
    },
    history: events.map((event) => ({ at: event.at.toISOString(), kind: event.kind, text: event.text })),
    letters,
  };
}

/** Control volts that come from another panel are those of this panel, at whichever position somebody said so. */
function controlFromElsewhere({ readings: { supply: own = {} } }: PositionRow, near: readonly PositionRow[]): boolean {
  const volts = own.controlVolts?.value;
  return (
    volts !== undefined &&
    near.some(
      ({ hazards, readings: { supply = {} } }) =>
        hazards.controlElsewhere === true && supply.controlVolts?.value === volts && supply.controlKind?.value === own.controlKind?.value,
    )
  );
}

/** Opens a swap at a position, or returns the one that is open there: a double click opens one. */
export async function openSwap(body: unknown, by?: Pick<Caller, 'person' | 'actor'>): Promise<{ id: string }> {
  const { positionId, symptom } = await validate(openSchema, body);
  const knex = database();
  const place = await positionWithPlace(knex, positionId);
  if (!place) throw notFound('This position');
  const { position } = place;
  if (position.archived_at || place.panel.archived_at)
    throw new ServiceError(422, [
      { field: 'positionId', reason: `${position.tag} is put away. Bring it back where the panel is drawn, and begin then.` },
    ]);
  if (!familyOf(position.family) || !position.load_kind)
    throw new ServiceError(422, [
      {
        field: 'positionId',
        reason: `${position.tag} is a ${position.family}; that family is not on the bench yet.`,
      },
    ]);
  if (symptom !== undefined && !isSymptom(position.family, symptom))
    throw new ServiceError(422, [{ field: 'symptom', reason: `'${symptom}' is no symptom of a ${position.family}.` }]);
  const begun = symptom === undefined ? {} : { causes: { [SYMPTOM]: { answer: symptom } } };
  const row = await insertSwap(knex, {
    id: randomUUID(),
    position_id: position.id,
    status: 'open',
    version: 1,
    state: {
      ...swapStateOf(position, suppliedReadings(position, place.panel, place.site)),
      hazards: {
        ...position.hazards,
        ...(controlFromElsewhere(position, await positionsOn(knex, position.panel_id)) ? { controlElsewhere: true } : {}),
      },
      ...begun,
    },
    opened_at: new Date(),
  });
  // A job that was open already takes the symptom where nothing was said of it.
  if (symptom !== undefined && by && row.state.causes?.[SYMPTOM] === undefined)
    await saveSwap(row.id, { version: row.version, changes: [{ path: `causes.${SYMPTOM}`, value: { answer: symptom } }] }, by);
  return { id: row.id };
}

const namedSchema = yup.object({
  reason: yup.string().strict().max(500, 'A reason is longer than 500 characters.').default(''),
  seen: yup.string().strict().max(2000).required('seen is missing: what stood on the line.'),
  settles: yup.string().strict().max(500, 'What settles it is longer than 500 characters.').optional(),
});

/** What is confirmed, acknowledged or overridden stands under the name of who is signed in, whatever was sent. */
async function underName(changes: readonly Change[], name: string): Promise<Change[]> {
  return Promise.all(
    changes.map(async ({ path, value }): Promise<Change> => {
      if (value === null || value === undefined) return { path, value };
      if (path.startsWith('safe.')) return { path, value: name };
      if (path.startsWith('proofs.') && isRecord(value) && isRecord(value.putOff))
        return { path, value: { ...value, putOff: { ...value.putOff, by: name } } };
      if (!/^(acknowledged|overrides)\./.test(path)) return { path, value };
      const { reason, seen, settles } = await validate(namedSchema, value);
      return { path, value: { by: name, reason, seen, ...(settles === undefined ? {} : { settles }) } };
    }),
  );
}

/** Saves changes under the name of who makes them. Throws 409 with the state as it stands when somebody saved first, or when it is signed. */
export async function saveSwap(
  id: string,
  body: unknown,
  { person, actor }: Pick<Caller, 'person' | 'actor'>,
): Promise<{ version: number }> {
  if (!isUuid(id)) throw notFound('This swap');
  const { version, changes: list } = await validate(saveSchema, body);
  const sent = list.map(({ path, value }): Change => ({ path, value }));
  const knex = database();
  const row = await swapById(knex, id);
  if (!row) throw notFound('This swap');
  checkChanges(row.state.family, sent);
  const changes = await underName(sent, person.name);
  if (row.status !== 'open')
    throw new ServiceError(
      409,
      [
        {
          field: 'status',
          reason: `This job ${row.status === 'signed' ? 'is signed' : 'has ended'} and cannot be changed. Start a new one at the position.`,
        },
      ],
      { signed: true },
    );
  const stale = async () => {
    const now = certain(await swapById(knex, id));
    return new ServiceError(
      409,
      [
        {
          field: 'version',
          reason: 'Somebody else saved this job meanwhile. Choose what to keep; nothing was overwritten.',
        },
      ],
      { version: now.version, state: now.state },
    );
  };
  if (row.version !== version) throw await stale();
  const state = applyChanges(row.state, changes);
  if (JSON.stringify(state).length > LARGEST_JOB)
    throw new ServiceError(422, [{ field: 'changes', reason: 'This job holds more than can be kept of one; shorten what is typed.' }]);
  if (!(await saveState(knex, id, version, state))) throw await stale();
  for (const { path, value } of changes)
    if (path.startsWith('overrides.') && isRecord(value))
      await audit(knex, actor, 'override', { job: id, line: path.slice(10), reason: value.reason });
  return { version: version + 1 };
}
