/**
 * What is a device family? One folder and one line in the registry; screens, interface, import, drills and tests are
 * driven by this contract. Every part is present; what does not apply is a value with its reason.
 * Functions take plain data, return new plain data and never change their inputs.
 */
import type { JudgedPart } from '../matching/judge';
import type { Band } from '../curves/band';
import type { PartCurve } from '../curves/part-curve';
import type { FaultTree, Findings } from '../fault-finding/tree';
import type { FieldValues, PartSpec, Practice } from '../case/case';
import type { Field } from '../fields/field';
import type { DutyMarks } from '../fields/duty-fields';
import type { LoadMarks } from '../fields/load-fields';
import type { SupplyMarks } from '../fields/supply-fields';
import type { Methods } from '../loads/schools';
import type { KeptMark } from '../matching/changes';
import type { Figures } from '../matching/canonical';
import type { Need, Verdict } from '../needs/need';

/** What the position offers and asks; the same for screen, interface and command line. */
export type NeedContext = {
  practice: Practice;
  supply: SupplyMarks;
  load: LoadMarks;
  duty: DutyMarks;
  schools: Methods;
  /** Names of marks that were assumed: 'load.horsepower'. */
  assumed: ReadonlySet<string>;
};

/** A bench or first-start check. A band within which the reading must stand; null where the limit is not known. */
export type Proof = {
  id: string;
  when: 'bench' | 'fitting' | 'first-start';
  title: string;
  /** How it is done; never tells anyone to work live. */
  how: string;
  unit: string;
  low: number | null;
  high: number | null;
  /** Reading beyond the band: a should-proof is a check, a must-proof fails. */
  severity: 'must' | 'should';
  /** Above this a should-proof fails as well: a contact that is past dressing. */
  rejectAbove?: number;
  /** Below this it fails as well: turns that are shorted. */
  rejectBelow?: number;
  /** Leads are subtracted when the proof is a resistance. */
  leads: boolean;
  because: string;
  source: string;
  /** Unit of a figure that is entered as it was applied, beside a yes or no: it has no limits. */
  asApplied?: string;
  /** A yes or no check has no figure. */
  kind: 'figure' | 'yes-no';
};

export type ProofContext<Figure extends string = string> = { need: NeedContext; part: Figures<Figure> };

/** What fault finding knows of the position before anybody looks: plates, lines of the removed part, its readings and its curve. */
export type FaultContext = {
  need: NeedContext;
  removed: PartSpec | null;
  /** Verdict of each line on the removed part, by its id. */
  verdicts: Readonly<Record<string, Verdict>>;
  condition: readonly PartCondition[];
  /** Peak that the removed device surely rides for a moment, A; null where it has no such edge or it is not known. */
  riddenPeak: number | null;
  /** Its time-current band; null where it has none or it is not known. */
  band: Band | null;
  /** What was found so far: what a breaker carries may be among it. */
  findings: Findings;
};

/** One conductor moved from the old part to the new. */
export type TerminalMove = { circuit: 'main' | 'coil' | 'auxiliary'; from: string; to: string; note: string };

/** One setting in the order of entry: what is set to what, and why. */
export type SettingRow = { id: string; name: string; value: string; reason: string; source: string };
/** What is set on a part; conflicts are refused, not warned of. */
export type SettingSheet = { rows: readonly SettingRow[]; conflicts: readonly string[] };

/** A part on the shelf, once for each that lies there. */
export type ShelfPart = { id: string; name: string; raw: PartSpec };
/** Several parts as one: their ids in order, and one spec of them. */
export type Combined = { ids: readonly string[]; name: string; raw: PartSpec };

/** A heading of a page in plain words, and its sentences. */
export type PlainPart = { heading: string; sentences: string[] };

/** What a reading on a part says of its state: of which section, what was found, in one word and what follows. */
export type PartCondition = { about: string; found: string; word: string; words: string; verdict: Verdict };
/** Example: 'Fan: weak, 5.9 µF of 7.5 µF ± 6 %'. */
const conditionText = ({ about, word, found }: PartCondition): string => `${about}: ${word}, ${found}`;
/** What says that a part is spent, a text each; empty where nothing does. */
export const wornOutTexts = (condition: readonly PartCondition[]): string[] =>
  condition.filter(({ verdict }) => verdict === 'fails').map(conditionText);

export type DrillSeed = { id: string; question: string; answer: string };

/** The model of a breaker that will not close, leakage waveforms, a wanted trace, a relay with a contactor, pins of a signal, a panel meter at first start. */
export type FamilyView = 'closing' | 'leakage' | 'wanted-trace' | 'relay-drives' | 'signal-pins' | 'panel-meter';

/** What a device is to the circuit in which it stands; those that are only part of a motor or say nothing of a circuit are `motor-part`. */
export type CircuitRole = 'circuit-breaker' | 'fuse-link' | 'residual' | 'switching' | 'overload' | 'control' | 'release' | 'motor-part';

export type Placement = { scheme: 'always' } | { scheme: 'never'; reason: string };

/**
 * @template Spec marks of a part by the types of their fields: `MarksOf<typeof fields>`.
 * @template Figure names in its canonical form. A line, test, setting or drawing that reads another name does not compile.
 * Members are methods: a registry holds families of every kind, and gives each its own parts only.
 */
export type DeviceFamily<Spec extends object = PartSpec, Figure extends string = string> = {
  /** Word of the open interface; also folder and docs page. */
  id: string;
  title: { iec: string; nfpa: string };
  /** The parts of the family in a sentence. Example: 'overload relays'. */
  plural: string;
  /** Load kinds whose needs this family works out fully. */
  loads: readonly string[];
  /** Fields of the part, in the order printed. */
  fields: readonly Field[];
  /** Columns of the rating rows that the part plate shows, where it has rows. */
  ratingColumns: readonly string[];
  /** Marks of a part under the words of the vocabulary, where a plate prints them otherwise; absent: as they stand. */
  withoutAliases?: (spec: FieldValues) => FieldValues;
  /** Restates a spec in one form for judging: aliases read, tables of its standard filled in, bands of the coil laid out. */
  canonical(spec: Spec): Figures<Figure>;
  /** Names that the canonical form makes beside the fields, columns of rating rows as 'ratings.name'; absent: only those of worked parts. */
  derivedNames?: RegExp;
  /** Marks of a plate as marks of the case: one figure may be several there. Names that are already the case's stay. */
  specFromPlate: (marks: FieldValues, supply: FieldValues) => FieldValues;
  /** Marks of the load's plate as this family takes them, where that is otherwise; absent: as they stand. */
  loadFromPlate?: (marks: FieldValues) => FieldValues;
  /** A part in a few words, to tell it from its neighbours: 'C16, 3 poles, 10 kA'. */
  shortDescription(spec: Spec): string;
  /** Marks of supply, load and duty that the bench shows for it, beside the load's plate. */
  positionFields: { supply: readonly (keyof SupplyMarks)[]; load: readonly (keyof LoadMarks)[]; duty: readonly (keyof DutyMarks)[] };
  circuitRole: CircuitRole;
  /** A plate line as it may be typed, invented. */
  example: string;
  /** Need lines for a context, in the order in which they are shown. */
  needs: (context: NeedContext) => Need<Figure>[];
  /** The requirement in one sentence, as templates over its lines: `core/needs/summary.ts`. */
  summary: readonly string[];
  /** Marks that should stay as on the removed part; what differs is said as a change, apart from the verdict. */
  keeps: readonly KeptMark<Figure>[];
  /** Cautions that are no line on a part: a leg left live, a latch that stays in. */
  cautions: (context: NeedContext) => string[];
  proofs(context: ProofContext<Figure>): Proof[];
  terminals(context: NeedContext, from: Figures<Figure> | null, to: Figures<Figure>): TerminalMove[];
  /** Settings of the part for this position, in the order of entry; no rows where nothing is set. */
  settings(context: ProofContext<Figure>): SettingSheet;
  drill: readonly DrillSeed[];
  /** The question behind an exchange, as data: what it does, what tells causes apart, what each cause shows. */
  faultFinding(context: FaultContext): FaultTree;
  /** A second tree for what it does of another kind: a breaker that operates, beside one that will not close. Absent: the one tells all. */
  furtherFaults?(context: FaultContext): FaultTree;
  /** What is drawn of it beyond the stages' own views; absent: nothing. */
  extraViews?: readonly FamilyView[];
  /** A page in plain words for whoever owns the place: what it does, what was wrong, what goes in; absent: there is none. */
  ownersPage?(context: NeedContext, needs: readonly Need[], removed: JudgedPart | null): PlainPart[];
  /** What readings on a part say of its state, apart from whether it is the right one; absent: nothing is read on it. */
  condition?(context: NeedContext, spec: Spec): PartCondition[];
  /** Amps, rms (DC: of the flow), that it surely carries through for a moment: the lower edge of its band. Null: not known; absent: it has no such edge. */
  ridesForAMoment?(part: Figures<Figure>, current: 'ac' | 'dc'): number | null;
  /** Its time-current curve from its marks; absent: it has none. */
  curve?: PartCurve;
  /** Settings under which its curve is drawn at this position, under the names of the curves desk; absent: as its card gives them. */
  curveSettings?(context: ProofContext<Figure>): Record<string, number>;
  /** The same part with another coil is a candidate. */
  coilSwap: Placement;
  /** What several parts that lie on the shelf make together: singles for a dual. Absent: a position takes one part. */
  parallelCombinations?: (context: NeedContext, shelf: readonly ShelfPart[]) => Combined[];
};

/** What was read on a part says of its state; nothing where no part is given or the family reads nothing. */
export const conditionOfPart = ({ condition }: DeviceFamily, context: NeedContext, spec: PartSpec | null | undefined): PartCondition[] =>
  (spec && condition?.(context, spec)) || [];
export const familyShows = (family: DeviceFamily, view: FamilyView): boolean => family.extraViews?.includes(view) ?? false;
