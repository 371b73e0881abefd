/** The curves desk of a position: its load, its fault currents and the devices of its circuit. */
import { isMotorLoad } from '../core/loads/motor-kinds';
import { choiceOfPart } from '../core/families/curve-of-part';
import { numberMark } from '../core/case/case';
import { familyOf } from '../core/families/registry';
import type { DeviceChoice } from '../core/curves/curve-device';
import type { BranchInputs } from '../core/curves/branch-inputs';
import { inrushOf } from '../core/overcurrent/load-current';
import { disconnectWithin, earthFaultAmps } from '../core/overcurrent/earth-fault';
import { contextOf } from '../core/judge-case';
import { motorRunningAmps } from '../core/loads/demand';
import { swapSchools } from '../core/loads/schools';
import { faultAtEnd } from '../core/supply/fault-current';
import type { NeedContext } from '../core/families/contract';
import type { Practice } from '../core/case/case';
import type { Knex } from 'knex';
import { caseOfSwap } from '../core/swap/case-from-swap';
import { database } from '../data/connection';
import { allPositions, allPanels, allSites, type PositionRow } from '../data/positions';
import { partById } from '../data/catalogue';
import { curveOfPart, curvesOfParts } from '../data/part-curves';
import { swapStateOf } from './panels';
import { suppliedReadings } from './supply-paths';
import { notFound } from './service-error';

export type CurveBranch = { title: string; practice: 'IEC' | 'NFPA70'; inputs: BranchInputs; devices: DeviceChoice[] };

/** Those of its circuit; a position that stands in none is drawn alone. */
const inCircuit = (one: PositionRow, position: PositionRow): boolean =>
  one.id === position.id || (position.circuit_id !== null && one.circuit_id === position.circuit_id);

/** The devices of these positions as the desk draws them; one that has no curve is left out. */
async function devicesOf(
  knex: Knex,
  here: readonly PositionRow[],
  ownId: string,
  { context, running, practice }: { context: NeedContext; running: number | null; practice: Practice },
): Promise<DeviceChoice[]> {
  const { supply } = context;
  const curves = await curvesOfParts(
    knex,
    here.flatMap(({ part_id }) => part_id ?? []),
  );
  return here.flatMap((one) => {
    const removed = caseOfSwap(swapStateOf(one), practice).removed;
    const name = `${one.tag} ${one.device_name}`;
    const kept = curves.find(({ part_id }) => part_id === one.part_id);
    const choice =
      removed &&
      choiceOfPart(
        { id: one.id, label: name, family: one.family, spec: removed.spec },
        { systemVolts: numberMark(supply, 'systemVolts') ?? null, dc: supply.currentKind === 'dc' },
        kept?.band,
      );
    if (!choice) return [];
    // At its own position a device is drawn with the settings that this asks for.
    const family = familyOf(one.family);
    if (family?.curveSettings && one.id === ownId) {
      const planned = family.curveSettings({ need: context, part: family.canonical(removed.spec) });
      return [{ ...choice, settings: { ...choice.settings, ...planned } }];
    }
    // A relay is drawn at the dial that its motor asks for, inside its range.
    return choice.kind.startsWith('relay') && running !== null ? [{ ...choice, settings: { dialAmps: running } }] : [choice];
  });
}

/** Returns the branch of a position. Throws 404 where there is none. */
export async function curveBranch(positionId: string): Promise<CurveBranch> {
  const knex = database();
  const [positions, panels, sites] = await Promise.all([allPositions(knex), allPanels(knex), allSites(knex)]);
  const position = positions.find(({ id }) => id === positionId);
  const panel = panels.find(({ id }) => id === position?.panel_id);
  const site = sites.find(({ id }) => id === panel?.site_id);
  if (!position || !panel || !site) throw notFound('This position');
  const state = swapStateOf(position, suppliedReadings(position, panel, site));
  const context = contextOf(caseOfSwap(state, site.practice), { schools: swapSchools });
  const { load, supply } = context;
  const motor = isMotorLoad(load.kind);
  const inrush = motor ? inrushOf(context) : undefined;
  const running = motor
    ? motorRunningAmps({ ...context, practice: 'IEC' }).amount
    : (numberMark(load, 'loadAmps') ?? numberMark(load, 'continuousAmps') ?? null);
  const elements = [...(panel.supply_path?.elements ?? []), ...(position.run ?? [])];
  const cables = (position.run ?? []).filter((element) => element.kind === 'cable');
  const cable = cables.at(-1);
  const node =
    panel.supply_path && supply.systemVolts === panel.supply_path.volts
      ? faultAtEnd({ ...panel.supply_path, elements }, site.practice)
      : undefined;
  const given = numberMark(supply, 'minFaultAmps');
  const toEarth = earthFaultAmps(context)?.amps ?? node?.earthFaultAmps;
  const lowest = given ?? toEarth ?? node?.lowestAmps ?? null;
  const here = positions.filter((one) => inCircuit(one, position));
  const devices = await devicesOf(knex, here, position.id, { context, running, practice: site.practice });
  return {
    title: `${panel.name}: ${position.tag} ${position.function}`,
    practice: site.practice,
    inputs: {
      runningAmps: running,
      startAmps: numberMark(load, 'startAmps') ?? inrush?.demand.amount ?? null,
      startSeconds: numberMark(load, 'startSeconds') ?? null,
      stallSeconds: numberMark(load, 'stallSecondsHot') ?? null,
      cableSize: cable?.size ?? null,
      cableKind: cable?.metal === 'aluminium' ? 'aluminium PVC' : 'copper PVC',
      cableAmps: numberMark(load, 'conductorAmpacityAmps') ?? null,
      highestFaultAmps: numberMark(supply, 'prospectiveFaultAmps') ?? null,
      lowestFaultAmps: lowest === null ? null : Number(lowest.toPrecision(4)),
      leastFaultToEarth: (given ?? null) === null && (toEarth ?? null) !== null,
      clearWithinSeconds:
        numberMark(load, 'minFaultTripSeconds') ??
        (site.practice === 'IEC' ? disconnectWithin(context) : numberMark(load, 'disconnectSeconds')) ??
        null,
    },
    devices,
  };
}

const unknown: BranchInputs = {
  runningAmps: null,
  startAmps: null,
  startSeconds: null,
  stallSeconds: null,
  cableSize: null,
  cableKind: 'copper PVC',
  cableAmps: null,
  highestFaultAmps: null,
  lowestFaultAmps: null,
  leastFaultToEarth: false,
  clearWithinSeconds: null,
};

/** Returns a part alone on the desk, with its kept curve where it has one. Throws 404 where there is none. */
export async function curvesOfPart(partId: string): Promise<CurveBranch> {
  const knex = database();
  const part = await partById(knex, partId);
  if (!part) throw notFound('This part');
  const kept = await curveOfPart(knex, partId);
  const practice = String(part.raw.standard).startsWith('UL') ? 'NFPA70' : 'IEC';
  const choice = choiceOfPart(
    { id: part.id, label: part.name, family: part.family, spec: part.raw },
    { systemVolts: null, dc: false },
    kept?.band,
  );
  return { title: part.name, practice, inputs: unknown, devices: choice ? [choice] : [] };
}
