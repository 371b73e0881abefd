/**
 * What does the load take: running amps, locked-rotor amps, resistive amps, horsepower, at this supply?
 * Each demand keeps its arithmetic, the marks it rests on and its source; where a mark is worn the demand is not known.
 * Motors: NFPA practice sizes by the table (430.6(A)(1)) and never below the plate; IEC practice by the plate.
 * Locked rotor: plate amps, code letter, ratio, table, school, in this order. A letter is a band.
 * Not for: what sets the overload (the plate amps alone, 430.32).
 */
import { certain } from '../certain';
import { numberMark, wordMark, type Practice } from '../case/case';
import type { LoadMarks } from '../fields/load-fields';
import type { SupplyMarks } from '../fields/supply-fields';
import { overlay } from '../case/overlay';
import { formatQuantity as q } from '../quantities/format-quantity';
import { WATTS_PER_HORSEPOWER } from '../quantities/units';
import { isCodeLetter, kilovoltAmperesPerHorsepower } from '../standards/code-letters';
import { autotransformerTaps, partWindingShare, starDeltaShare } from '../standards/contactor-limits';
import { tableFullLoadAmps, tableHorsepowers, tableLockedRotorAmps } from '../standards/motor-tables';
import type { SourceId } from '../standards/source';
import { voltageClassOf } from '../standards/voltage-class';
import { connectedVolts, lockedRotorFactor, runningAmpsFactor } from './connected-volts';
import { startRatios, type Methods } from './schools';

export type LoadContext = { practice: Practice; supply: SupplyMarks; load: LoadMarks; schools: Methods };

/** A demand: `amount` null when it cannot be known; `low` under it where a tolerance band lies between. */
export type Demand = {
  amount: number | null;
  low?: number;
  /** Band from a school alone: below `fails` surely too small, from `check` up a check at best. */
  school?: { name: string; fails: number; check: number };
  because: string;
  brief: string;
  source: SourceId;
  inputs: string[];
};

export type MotorPhases = 1 | 3;
export const phasesOf = ({ load, supply }: LoadContext): MotorPhases =>
  load.kind === 'motor-1ph' || (load.kind !== 'motor-3ph' && numberMark(supply, 'phases') === 1) ? 1 : 3;

const ROOT3 = Math.sqrt(3);
const round = (value: number, digits = 4) => Number(value.toPrecision(digits));
/** A demand that cannot be known, with why. */
export const notKnown = (because: string, source: SourceId, inputs: string[]): Demand => ({
  amount: null,
  because,
  brief: 'not known',
  source,
  inputs,
});

/** Shaft power in hp: the plate's, or kW restated; null when worn. */
export function horsepowerOf({ load }: LoadContext): number | null | undefined {
  const hp = numberMark(load, 'horsepower');
  if (typeof hp === 'number') return hp;
  const kilowatts = numberMark(load, 'kilowatts');
  if (typeof kilowatts === 'number') return (kilowatts * 1000) / WATTS_PER_HORSEPOWER;
  return hp === null || kilowatts === null ? null : undefined;
}

/** Smallest table horsepower at or above this power; the power itself above the table. Example: 9.9 gives 10. */
export const stepUpHorsepower = (hp: number, phases: MotorPhases): number =>
  tableHorsepowers(phases).find((step) => step >= hp * 0.97) ?? hp;

function tableAmps(context: LoadContext, systemVolts: number): number | null | undefined {
  const given = numberMark(context.load, 'tableFullLoadAmps');
  if (given !== undefined) return given;
  if (context.practice !== 'NFPA70') return undefined;
  const column = voltageClassOf(systemVolts)?.column;
  const hp = numberMark(context.load, 'horsepower');
  return typeof hp === 'number' && column ? tableFullLoadAmps(hp, column, phasesOf(context)) : undefined;
}

/** Share of the line current with the words for it; null where the place in the starter is not known. */
type Share = { share: number | null; words: string };
const whole: Share = { share: 1, words: '' };

/**
 * Shares that this contactor carries while the motor runs and while it starts, by its place in the starter.
 * Star-delta 0.58 and 0.33; each half of a part-winding starter 0.5, at the start up to 0.7; the line-side starting contactor of an
 * autotransformer the square of the tap. Source: IEC 60947-4-1 and common practice.
 */
export function positionShare(load: LoadMarks): { running: Share; starting: Share } {
  const place = wordMark(load, 'starterRole');
  const { starter } = load;
  const both = (share: number | null, words: string) => ({ running: { share, words }, starting: { share, words } });
  const reduced = starter === 'star-delta' || starter === 'part-winding' || starter === 'autotransformer';
  if (starter === null && place) return both(null, 'How the motor is started is not known, so neither is the share of this contactor.');
  if (reduced && place === null) return both(null, 'The place of the contactor in the starter is not known.');
  if (starter === 'star-delta' && (place === 'main' || place === 'delta' || place === 'star')) {
    const share = starDeltaShare[place];
    return both(share, ` x ${share.toFixed(2)} for the ${place} contactor of star-delta`);
  }
  if (starter === 'part-winding' && (place === 'main' || place === 'line')) {
    const { running, start } = partWindingShare;
    return {
      running: { share: running, words: ` x ${running} for one half of a part-winding starter` },
      starting: { share: start, words: ` x ${start} for the first half-winding` },
    };
  }
  if (place === 'autotransformer-start') {
    const given = numberMark(load, 'autotransformerTapPercent');
    if (given === null) return both(null, 'The tap of the autotransformer is not known.');
    const tap = given ?? Math.max(...autotransformerTaps);
    const share = (tap / 100) ** 2;
    return both(
      share,
      ` x ${Number(share.toPrecision(3))} on the ${tap} % tap${given === undefined ? ', the highest usual one, since none is stated' : ''}`,
    );
  }
  return { running: whole, starting: whole };
}

/** A demand with the design current of the circuit beside it: the larger counts. */
export function withLoadAmps({ load }: LoadContext, demand: Demand): Demand {
  const design = numberMark(load, 'loadAmps');
  if (design === undefined) return demand;
  const inputs = [...demand.inputs, 'load.loadAmps'];
  if (design === null) return { ...notKnown('The design current is not known.', 'commonPractice', inputs) };
  if (demand.amount !== null && demand.amount >= design) return demand;
  return {
    amount: design,
    because: `The design current is ${q(design, 'A')}.`,
    brief: 'design current',
    source: 'commonPractice',
    inputs,
  };
}

/** Running amps of a motor at this supply. Example: 10 hp at 230 V, NFPA practice, gives 28 A. */
export function motorRunningAmps(context: LoadContext): Demand {
  const { load, supply, practice } = context;
  const system = numberMark(supply, 'systemVolts');
  const named = ['load.fullLoadAmps', 'load.tableFullLoadAmps', 'load.horsepower', 'load.kilowatts'];
  if (typeof system !== 'number')
    return notKnown('System volts are not known, so the load’s row cannot be chosen.', 'motorAmpsRule', ['supply.systemVolts', ...named]);
  const volts = connectedVolts(load.plateVolts, system);
  const { share, words } = positionShare(load).running;
  if (share === null) return notKnown(words, 'commonPractice', ['load.starterRole', 'load.starter']);
  const plateMark = numberMark(load, 'fullLoadAmps');
  const factor = runningAmpsFactor(volts, system);
  const plate = typeof plateMark === 'number' ? plateMark * factor : plateMark;
  const restated = factor !== 1 ? ` (${q(Number(plateMark), 'A')} at ${q(certain(volts), 'V')}, restated for ${q(system, 'V')})` : '';
  const table = tableAmps(context, system);
  const inputs = ['supply.systemVolts'];
  // The table decides, and without the horsepower its row cannot be chosen: the plate alone may say less.
  if (practice === 'NFPA70' && load.horsepower === null && table === undefined && voltageClassOf(system))
    return {
      ...notKnown('The horsepower cannot be read, so the row of the table that decides is not known.', 'motorAmpsRule', [
        ...inputs,
        ...named,
      ]),
      ...(typeof plate === 'number' ? { school: { name: 'none', fails: round(plate * share), check: Infinity } } : {}),
    };
  if (typeof table === 'number' && !(typeof plate === 'number' && plate > table)) {
    const hp = numberMark(load, 'horsepower');
    const also = typeof plate === 'number' ? ` The plate says ${q(plate, 'A')}${restated}; that sets the overload.` : '';
    const power = typeof hp === 'number' ? `${q(hp, 'hp')} at ${q(system, 'V')}` : 'This power at these volts';
    return {
      amount: round(table * share),
      because: `${power} takes ${q(table, 'A')} by the table${words}.${also}`,
      brief: `NEC ${phasesOf(context) === 3 ? '430.250' : '430.248'}, ${power}`,
      source: phasesOf(context) === 3 ? 'motorCurrents3ph' : 'motorCurrents1ph',
      inputs: [...inputs, 'load.horsepower', 'load.tableFullLoadAmps'],
    };
  }
  if (typeof plate === 'number')
    return {
      amount: round(plate * share),
      because: `The load’s plate says ${q(plate, 'A')}${restated}${words}${typeof table === 'number' ? `, more than the table’s ${q(table, 'A')}` : ''}.`,
      brief: 'load plate',
      source: practice === 'NFPA70' ? 'motorAmpsRule' : 'commonPractice',
      inputs: [...inputs, 'load.fullLoadAmps'],
    };
  return (
    ampsFromKilowatts(context, volts ?? system, share, words) ??
    notKnown('Full-load amps of the load are not known.', 'motorAmpsRule', [...inputs, ...named])
  );
}

function ampsFromKilowatts(context: LoadContext, volts: number, share: number, words: string): Demand | undefined {
  const { load } = context;
  const kilowatts = numberMark(load, 'kilowatts');
  const efficiency = numberMark(load, 'efficiency');
  const powerFactor = numberMark(load, 'powerFactor');
  if (typeof kilowatts !== 'number' || typeof efficiency !== 'number' || typeof powerFactor !== 'number') return undefined;
  const root = phasesOf(context) === 3 ? ROOT3 : 1;
  const amps = (kilowatts * 1000) / (root * volts * efficiency * powerFactor);
  return {
    amount: round(amps * share),
    because: `${q(kilowatts * 1000, 'W')} / (${root === 1 ? '' : '√3 x '}${q(volts, 'V')} x ${efficiency} x ${powerFactor}) = ${q(amps, 'A')}${words}.`,
    brief: 'from kW',
    source: 'commonPractice',
    inputs: ['load.kilowatts', 'load.efficiency', 'load.powerFactor', 'load.plateVolts'],
  };
}

/** True where the case asks how hard the load starts. */
export function startIsAsked({ load, schools }: LoadContext): boolean {
  const given = (['lockedRotorAmps', 'codeLetter', 'lockedRotorRatio'] as const).some(
    (name) => load[name] !== undefined && load[name] !== 'none',
  );
  return given || schools.startWhenUnread !== 'not-asked';
}

/** What scales the locked-rotor amps: other volts than it is wound for, and the share of this contactor at the start. */
type StartScale = { system: number; volts: number | null | undefined; factor: number; raised: string; share: number; words: string };

/** By the code letter and the horsepower; undefined where the plate has not both. */
function startByLetter(
  context: LoadContext,
  { system, volts, factor, raised, share, words }: StartScale,
  inputs: string[],
): Demand | undefined {
  const { load } = context;
  const letter = wordMark(load, 'codeLetter');
  const hp = horsepowerOf(context);
  if (!letter || !isCodeLetter(letter) || typeof hp !== 'number') return undefined;
  const band = kilovoltAmperesPerHorsepower(letter);
  const base = volts ?? voltageClassOf(system)?.column ?? system;
  const root = phasesOf(context) === 3 ? ROOT3 : 1;
  // The letter of a star-start motor is for the star connection: direct on line it takes three times as much.
  const starLetter = load.starter === 'star-delta' ? (wordMark(load, 'starterRole') === 'star' ? 1 : 3 * share) : share;
  const amps = (kva: number) => round(((kva * hp * 1000) / (root * base)) * factor * starLetter);
  const divisor = root === 1 ? `${base} V` : `(√3 x ${base} V)`;
  if (band.high === undefined)
    return {
      ...notKnown(`Code ${letter} has no upper end: at least ${q(amps(band.low), 'A')}.`, 'codeLetters', [
        ...inputs,
        'load.codeLetter',
        'load.horsepower',
      ]),
      school: { name: 'open band', fails: amps(band.low), check: Infinity },
    };
  return {
    amount: amps(band.high),
    low: amps(band.low),
    because: `Code ${letter} is ${band.low} to ${band.high} kVA a horsepower: ${band.high} x ${round(hp)} hp x 1000 / ${divisor}${raised}${starLetter === 1 ? '' : words} = ${q(amps(band.high), 'A', 'up')}, at the low end ${q(amps(band.low), 'A', 'up')}.`,
    brief: `code ${letter}, high end`,
    source: 'codeLetters',
    inputs: [...inputs, 'load.codeLetter', 'load.horsepower', 'load.plateVolts'],
  };
}

/** Locked-rotor amps of a motor at this supply, rms. Example: code G, 10 hp, 460 V, three phases gives 70.3 to 78.9 A. */
export function motorLockedRotorAmps(context: LoadContext): Demand {
  const { load, supply } = context;
  const system = numberMark(supply, 'systemVolts');
  const inputs = ['supply.systemVolts'];
  if (typeof system !== 'number') return notKnown('System volts are not known.', 'codeLetters', inputs);
  const volts = connectedVolts(load.plateVolts, system);
  const factor = lockedRotorFactor(volts, system);
  const raised = factor > 1 ? ` x ${q(system, 'V')} / ${q(certain(volts), 'V')}` : '';
  const { share, words } = positionShare(load).starting;
  if (share === null) return notKnown(words, 'commonPractice', ['load.starterRole', 'load.starter']);
  const plate = numberMark(load, 'lockedRotorAmps');
  if (typeof plate === 'number')
    return {
      amount: round(plate * factor * share),
      because: `The load’s plate says ${q(plate, 'A')} locked rotor${raised}${words}.`,
      brief: 'load plate',
      source: 'commonPractice',
      inputs: [...inputs, 'load.lockedRotorAmps'],
    };
  const byLetter = startByLetter(context, { system, volts, factor, raised, share, words }, inputs);
  if (byLetter) return byLetter;
  // Of the whole motor: the share of this contactor at the start comes to it below.
  const motor = { ...context, load: overlay(load, { starterRole: undefined }) };
  const fullLoad = motorRunningAmps({ ...motor, practice: 'IEC' }).amount ?? motorRunningAmps(motor).amount;
  const ratio = numberMark(load, 'lockedRotorRatio');
  if (typeof ratio === 'number' && fullLoad !== null)
    return {
      amount: round(ratio * fullLoad * factor * share),
      because: `IA/IN ${ratio} x ${q(fullLoad, 'A')}${raised}${words} = ${q(ratio * fullLoad * factor * share, 'A', 'up')}.`,
      brief: `${ratio} x plate amps`,
      source: 'commonPractice',
      inputs: [...inputs, 'load.lockedRotorRatio', 'load.fullLoadAmps'],
    };
  return startFromTableOrSchool(context, system, fullLoad === null ? null : fullLoad * share, share, words);
}

function startFromTableOrSchool(context: LoadContext, system: number, fullLoad: number | null, share: number, words: string): Demand {
  const { load, schools } = context;
  const asked = schools.startWhenUnread;
  const inputs = ['load.lockedRotorAmps', 'load.codeLetter'];
  const phases = phasesOf(context);
  const column = voltageClassOf(system)?.column;
  const hp = numberMark(load, 'horsepower');
  const table = typeof hp === 'number' && column ? tableLockedRotorAmps(hp, column, phases) : undefined;
  if (asked === 'table-then-six' && context.practice === 'NFPA70' && table !== undefined)
    return {
      amount: round(table * share),
      because: `The plate gives neither amps nor letter. The table for ${q(certain(hp), 'hp')} at ${q(system, 'V')} says ${q(table, 'A')}${words}; it holds for ordinary designs, premium motors may start harder.`,
      brief: `NEC ${phases === 3 ? '430.251(B)' : '430.251(A)'}, ${q(certain(hp), 'hp')}`,
      source: phases === 3 ? 'lockedRotor3ph' : 'lockedRotor1ph',
      inputs: [...inputs, 'load.horsepower'],
    };
  if (fullLoad === null) return notKnown('Neither locked-rotor amps, code letter nor full-load amps are known.', 'commonPractice', inputs);
  const times = asked === 'not-asked' ? undefined : startRatios[asked];
  return {
    amount: null,
    school: {
      name: times ? `${times} times full-load amps` : 'none',
      fails: round(startRatios.low * fullLoad),
      check: round(startRatios.sure * fullLoad),
    },
    because: `The plate does not say how hard the motor starts: ${times ? `by the school ${q(times * fullLoad, 'A')}, ` : ''}anything from ${q(startRatios.low * fullLoad, 'A')} to ${q(startRatios.sure * fullLoad, 'A')} (5 to 9 times).`,
    brief: times ? `${times} x ${q(fullLoad, 'A')}, school` : '5 to 9 x',
    source: 'commonPractice',
    inputs: [...inputs, 'load.fullLoadAmps'],
  };
}

/** Running and locked-rotor amps of a compressor with the fan on the same device. Example: 18 + 1.2 gives 19.2 A. */
export function compressorDemand(context: LoadContext): { running: Demand; lockedRotor: Demand } {
  const { load } = context;
  const rated = load.ratedLoadAmps !== undefined ? numberMark(load, 'ratedLoadAmps') : numberMark(load, 'fullLoadAmps');
  const fan = load.fanFullLoadAmps === undefined || load.fanFullLoadAmps === 'none' ? 0 : numberMark(load, 'fanFullLoadAmps');
  const source: SourceId = context.practice === 'NFPA70' ? 'compressorController' : 'commonPractice';
  const inputs = ['load.ratedLoadAmps', 'load.fanFullLoadAmps'];
  const running: Demand =
    typeof rated === 'number' && typeof fan === 'number'
      ? {
          amount: round(rated + fan),
          because: `Rated-load amps ${q(rated, 'A')}${fan ? ` and fan ${q(fan, 'A')} = ${q(round(rated + fan), 'A')}` : ''}.`,
          brief: fan ? `${rated} + ${fan} A` : 'unit plate',
          source,
          inputs,
        }
      : notKnown('Rated-load amps of the compressor, or the fan’s amps, are not known.', source, inputs);
  const locked = numberMark(load, 'lockedRotorAmps');
  if (typeof locked !== 'number') {
    const base = motorLockedRotorAmps({
      ...context,
      load: overlay(load, { fullLoadAmps: running.amount ?? null }),
    });
    return { running, lockedRotor: base };
  }
  const fanLocked = numberMark(load, 'fanLockedRotorAmps');
  const fanStart = typeof fanLocked === 'number' ? fanLocked : typeof fan === 'number' ? fan * startRatios['table-then-six'] : null;
  const lockedInputs = ['load.lockedRotorAmps', 'load.fanLockedRotorAmps'];
  if (fanStart === null || fanLocked === null)
    return {
      running,
      lockedRotor: notKnown('The fan’s locked-rotor amps are not known.', source, lockedInputs),
    };
  const words =
    fanStart === 0 ? '' : typeof fanLocked === 'number' ? ` and fan ${q(fanStart, 'A')}` : ` and fan 6 x ${q(Number(fan), 'A')}`;
  return {
    running,
    lockedRotor: {
      amount: round(locked + fanStart),
      // How hard the fan starts is a school when its plate does not say: up to there it is a check, not a fail.
      ...(typeof fanLocked !== 'number' && fanStart > 0 ? { low: locked } : {}),
      because: `Compressor ${q(locked, 'A')} locked rotor${words} = ${q(round(locked + fanStart), 'A')}.`,
      brief: fanStart ? `${locked} + ${round(fanStart)} A` : 'unit plate',
      source,
      inputs: lockedInputs,
    },
  };
}

/** Resistive amps of a heater at this supply; volts act by the square on power. Example: 7.5 kW 230 V on 240 V gives 34.0 A. */
export function heaterAmps(context: LoadContext): Demand {
  const { load, supply } = context;
  const system = numberMark(supply, 'systemVolts');
  const inputs = ['supply.systemVolts', 'load.watts', 'load.kilowatts', 'load.resistiveAmps', 'load.plateVolts'];
  if (typeof system !== 'number') return notKnown('System volts are not known.', 'ohmsLaw', inputs);
  const volts = connectedVolts(load.plateVolts, system) ?? system;
  const raised = volts === system ? '' : ` x ${q(system, 'V')} / ${q(volts, 'V')}`;
  const given = [load.ampsPerPole, load.resistiveAmps, load.fullLoadAmps].find((mark) => typeof mark === 'number');
  if (given !== undefined) {
    const amps = (given * system) / volts;
    return {
      amount: round(amps),
      because: `The load’s plate says ${q(given, 'A')}${raised}${raised ? ` = ${q(amps, 'A')}` : ''}.`,
      brief: 'load plate',
      source: 'ohmsLaw',
      inputs,
    };
  }
  const kilowatts = numberMark(load, 'kilowatts');
  const watts = numberMark(load, 'watts') ?? (typeof kilowatts === 'number' ? kilowatts * 1000 : kilowatts);
  if (typeof watts !== 'number') return notKnown('Power or amps of the heater are not known.', 'ohmsLaw', inputs);
  const three = numberMark(supply, 'phases') === 3 && numberMark(load, 'polesToSwitch') !== 2 && numberMark(load, 'polesToSwitch') !== 1;
  const amps = (watts / ((three ? ROOT3 : 1) * volts)) * (system / volts);
  return {
    amount: round(amps),
    because: `${q(watts, 'W')} / ${three ? '(√3 x ' : ''}${q(volts, 'V')}${three ? ')' : ''}${raised} = ${q(amps, 'A')}.`,
    brief: `${q(watts, 'W')} at ${q(volts, 'V')}`,
    source: 'ohmsLaw',
    inputs,
  };
}

/** Kinds whose watts are all that they take: unity power factor. */
const unityLoads = new Set(['filament-lamps', 'resistive-heater']);

/** Watts over volts: the current of a filament or on DC; of any other load a lower bound, by which a part may fail but never fit. */
function ampsFromWatts({ load, supply }: LoadContext, watts: number, system: number): Demand {
  const sure =
    unityLoads.has(String(load.kind)) ||
    load.lampKind === 'filament' ||
    load.lampKind === 'tungsten-halogen' ||
    supply.currentKind === 'dc';
  const three = !sure && numberMark(supply, 'phases') === 3;
  const amps = round(watts / (system * (three ? ROOT3 : 1)));
  const words = `${q(watts, 'W')} / ${three ? '(√3 x ' : ''}${q(system, 'V')}${three ? ')' : ''} = ${q(amps, 'A')}`;
  const shared = { brief: 'from watts', source: 'commonPractice' as const, inputs: ['load.watts'] };
  if (sure) return { ...shared, amount: amps, because: `${words}.` };
  return {
    ...shared,
    amount: null,
    school: { name: 'none', fails: amps, check: Infinity },
    because: `${words} at unity power factor, a lower bound: the current itself is not known.`,
  };
}

/** Steady current of any other load, as its plate gives it. */
export function statedAmps(context: LoadContext): Demand {
  const { load, supply } = context;
  const names = ['ampsPerPole', 'runningAmps', 'loadAmps', 'fullLoadAmps', 'resistiveAmps'] as const;
  const name = names.find((n) => load[n] !== undefined && load[n] !== 'none');
  const amps = name ? numberMark(load, name) : undefined;
  if (typeof amps === 'number')
    return {
      amount: amps,
      because: `The load takes ${q(amps, 'A')} in each pole.`,
      brief: 'load plate',
      source: 'commonPractice',
      inputs: [`load.${name}`],
    };
  const watts = numberMark(load, 'watts');
  const system = numberMark(supply, 'systemVolts');
  if (name === undefined && typeof watts === 'number' && typeof system === 'number') return ampsFromWatts(context, watts, system);
  return notKnown('The current of the load is not known.', 'commonPractice', [`load.${name ?? 'runningAmps'}`]);
}
