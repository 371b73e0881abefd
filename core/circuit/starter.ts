/** What stands before one load, as a whole: one plate, a protective device that suits, a relay that mounts, fault current that all of it stands. */
import { overlay } from '../case/overlay';
import { keysOf } from '../certain';
import { isMotorLoad } from '../loads/motor-kinds';
import { motorRunningAmps } from '../loads/demand';
import { formatQuantity as q } from '../quantities/format-quantity';
import {
  factState,
  gravest,
  listed,
  ofRole,
  partNumber,
  seenWith,
  tagsOf,
  type Circuit,
  type CircuitLine,
  type CircuitMember,
} from './circuit';

/** Marks of the load that every position before it reads from the same plate. */
const plateMarks = {
  horsepower: 'horsepower',
  kilowatts: 'kilowatts',
  plateVolts: 'volts',
  fullLoadAmps: 'full-load amps',
  ratedLoadAmps: 'rated load amps',
} as const;
type PlateMark = keyof typeof plateMarks;

const markOf = ({ need }: CircuitMember, name: PlateMark): unknown => need?.load[name];
const said = (value: unknown): boolean => value !== undefined && value !== null;

/** Do all positions speak of the same load? Where two plates differ, one was misread: nothing that rests on it is sure. */
function sameLoadLine(members: readonly CircuitMember[]): CircuitLine | undefined {
  const loaded = members.filter(({ need, role }) => need && role !== 'release' && role !== 'control');
  if (loaded.length < 2) return undefined;
  const base = { id: 'same-load', title: 'One load, one plate', about: tagsOf(loaded), source: 'commonPractice' as const };
  for (const name of keysOf(plateMarks)) {
    const title = plateMarks[name];
    const read = loaded.filter((one) => said(markOf(one, name)));
    const [first] = read;
    const other = first && read.find((one) => JSON.stringify(markOf(one, name)) !== JSON.stringify(markOf(first, name)));
    if (first && other)
      return {
        ...base,
        verdict: 'not-known',
        because: `The ${title} of the load ${title.endsWith('s') ? 'are' : 'is'} ${String(markOf(first, name))} at ${first.tag} and ${String(markOf(other, name))} at ${other.tag}: one of the two was misread, or they are not one circuit. Read the load’s plate again.`,
      };
  }
  const compared = keysOf(plateMarks).some((name) => loaded.filter((one) => said(markOf(one, name))).length > 1);
  return compared
    ? { ...base, verdict: 'fits', because: 'What was read of the load is the same at each position.' }
    : {
        ...base,
        verdict: 'not-known',
        because: 'The load’s plate was read at one of them at most: whether they serve one load cannot be said from it.',
      };
}

const protectors = (members: readonly CircuitMember[]): CircuitMember[] => [
  ...ofRole(members, 'circuit-breaker'),
  ...ofRole(members, 'fuse-link'),
];

/** Is there a device before the load, and does the load run below its rating? Its highest rating is asked at its own position. */
function branchLine(members: readonly CircuitMember[], load: CircuitMember | undefined): CircuitLine {
  const before = protectors(members);
  const base = { id: 'branch-device', title: 'Device before the load', about: tagsOf(before), source: 'commonPractice' as const };
  const [device] = before;
  if (!device)
    return { ...base, verdict: 'not-known', because: 'No breaker and no fuse is named: what protects it against a short circuit?' };
  const stands = `${listed(tagsOf(before))} ${before.length > 1 ? 'stand' : 'stands'} before it`;
  if (!load?.need) return { ...base, verdict: 'fits', because: `${stands}.` };
  const rated = partNumber(device, 'ratedAmps');
  const running = motorRunningAmps({ ...load.need, load: overlay(load.need.load, { starterRole: undefined }) }).amount;
  if (rated === null || running === null)
    return {
      ...base,
      verdict: 'not-known',
      because: rated === null ? `The rating of ${device.tag} was not read.` : 'What the load takes while it runs is not known.',
    };
  const figures = `${q(rated, 'A')}; the load runs at ${q(running, 'A')}`;
  return rated < running
    ? { ...base, verdict: 'fails', because: `${device.tag} is ${figures}: it trips in service.` }
    : { ...base, verdict: 'fits', because: `${device.tag} is ${figures}.` };
}

/** Lines of a member that ask what fault current it stands. */
const faultLines = ({ judged }: CircuitMember) =>
  (judged?.lines ?? []).filter(({ need }) => need.safety && need.inputs.includes('supply.prospectiveFaultAmps'));

function shortCircuitLine(members: readonly CircuitMember[], circuit: Circuit): CircuitLine | undefined {
  const asked = members.flatMap((one) => faultLines(one).map((line) => ({ tag: one.tag, role: one.role, line })));
  if (asked.length === 0) return undefined;
  const base = { id: 'short-circuit', title: 'Fault current through all of it', about: [...new Set(asked.map(({ tag }) => tag))] };
  const source =
    asked.find(({ line }) => line.verdict === gravest(asked.map((one) => one.line.verdict)))?.line.need.source ?? 'commonPractice';
  const worst = gravest(asked.map(({ line }) => line.verdict));
  const weakest = asked.filter(({ line }) => line.verdict === worst);
  const words = weakest.map(({ tag, line }) => `${tag}: ${line.because}`).join(' ');
  if (worst === 'fails' || worst === 'not-known')
    return { ...base, source, verdict: worst, because: `${words} The weakest decides for the circuit.` };
  // What a contactor or a residual device stands, it stands behind the protection that its maker names.
  const leaning = asked.filter(({ role }) => role === 'switching' || role === 'residual');
  if (leaning.length === 0) return { ...base, source, verdict: worst, because: 'Each stands the fault current by itself.' };
  const before = protectors(members);
  return {
    ...base,
    source,
    verdict: before.length === 0 ? 'not-known' : 'check',
    because:
      before.length === 0
        ? `The rating of ${listed([...new Set(leaning.map(({ tag }) => tag))])} holds behind a protective device that its maker names, and none is named in ${circuit.name}.`
        : `Each figure is high enough. That of ${listed([...new Set(leaning.map(({ tag }) => tag))])} holds only behind a device that its maker names: look ${listed(before.map(({ deviceName }) => deviceName))} up in its table.`,
  };
}

function overloadLine(members: readonly CircuitMember[], { facts }: Circuit): CircuitLine | undefined {
  const [relay] = ofRole(members, 'overload');
  const [contactor] = ofRole(members, 'switching');
  if (!relay || !contactor) return undefined;
  const seen = seenWith.overloadMounted([contactor, relay]);
  const base = {
    id: 'overload-mounts',
    title: 'Overload relay on its contactor',
    about: tagsOf([contactor, relay]),
    source: 'commonPractice' as const,
    fact: { id: 'overloadMounted' as const, seenWith: seen },
  };
  const state = factState(facts, 'overloadMounted', seen);
  if (state === 'yes') return { ...base, verdict: 'fits', because: `Seen mounted: ${relay.deviceName} with ${contactor.deviceName}.` };
  return state === 'no'
    ? {
        ...base,
        verdict: 'fails',
        because: `${relay.deviceName} does not mount on ${contactor.deviceName}: a base of its own, or another relay.`,
      }
    : {
        ...base,
        verdict: 'not-known',
        because: `Whether ${relay.deviceName} mounts on ${contactor.deviceName} stands on neither plate: see the maker’s table, or a base of its own.`,
      };
}

function residualLine(members: readonly CircuitMember[]): CircuitLine | undefined {
  const [residual] = ofRole(members, 'residual');
  const [breaker] = protectors(members);
  if (!residual || !breaker) return undefined;
  const base = {
    id: 'residual-behind',
    title: 'Residual device behind its protection',
    about: tagsOf([breaker, residual]),
    source: 'residualOvercurrent' as const,
  };
  const rated = partNumber(residual, 'ratedAmps');
  const before = partNumber(breaker, 'ratedAmps');
  if (rated === null || before === null)
    return { ...base, verdict: 'not-known', because: `The rating of ${rated === null ? residual.tag : breaker.tag} was not read.` };
  return rated < before
    ? {
        ...base,
        verdict: 'fails',
        because: `${residual.tag} carries ${q(rated, 'A')}; ${breaker.tag} lets ${q(before, 'A')} through for good.`,
      }
    : {
        ...base,
        verdict: 'fits',
        because: `${residual.tag} carries ${q(rated, 'A')}, no less than the ${q(before, 'A')} of ${breaker.tag}.`,
      };
}

/** Lines of a circuit before one load. */
export function starterLines(members: readonly CircuitMember[], circuit: Circuit): CircuitLine[] {
  const load = members.find((one) => one.need && one.role !== 'control' && one.role !== 'release' && isMotorLoad(one.need.load.kind));
  const lines = [
    sameLoadLine(members),
    load || ofRole(members, 'switching').length > 0 || ofRole(members, 'residual').length > 0 ? branchLine(members, load) : undefined,
    shortCircuitLine(members, circuit),
    overloadLine(members, circuit),
    residualLine(members),
  ];
  return lines.filter((line): line is CircuitLine => line !== undefined);
}
