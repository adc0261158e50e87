import type { Region } from '../../../body/written/region';
import type { FindMovement, Movement } from '../../../movement/schema/movement';
import { NOBODY, type Present } from '../../../needs/present';
import type { Pace } from '../../../timing/pace';
import type { Severity } from '../../../words/severity';
import type { PlanEdit } from '../../edit/edit';
import { type AskedOfGroup, type Limits, limitsFor } from '../../limits/limitsFor';
import type { DemandPiece } from '../../load/sessionDemand';
import type { Plan } from '../../plan/session';
import type { Timeline } from '../../timeline/segment';

/** Something that goes on unbroken in these lines, in order. */
interface RunEvidence {
  readonly lines: readonly string[];
}

/** How a line carries the class: where it leaves it from where it began, and how far it gets meanwhile, metres. */
export interface Leg {
  readonly itemId: string;
  readonly net: { readonly x: number; readonly y: number };
  readonly far: number;
}

/** Steps into a line: how many breath halves they take, and what is said. */
interface StepsEvidence {
  readonly halves: number;
  readonly call: string;
}

/** What each kind of finding has seen, for its remedies to start from; null where its line and figures say it all. */
export interface Evidence {
  readonly 'slot-over': null;
  readonly 'slot-under': null;
  readonly 'section-share': null;
  /** The lines that make up most of the worst moment, and the one at whose end it was worst. */
  readonly strained: { readonly region: Region; readonly lines: readonly string[]; readonly worst: string | null };
  /** What is not ready, the worst first. */
  readonly 'not-ready': { readonly regions: readonly [Region, ...Region[]] };
  readonly 'overhead-long': RunEvidence;
  readonly 'one-leg-long': RunEvidence;
  readonly 'head-low-long': RunEvidence;
  readonly 'arms-round-long': RunEvidence;
  readonly 'rising-fast': null;
  readonly 'sides-unequal': null;
  /** The way there, line by line, since the class last had time to walk back. */
  readonly drift: { readonly legs: readonly Leg[] };
  readonly 'turned-away': null;
  readonly 'one-leg-free': null;
  readonly 'turning-long': null;
  readonly 'second-lower': null;
  readonly 'bridge-missing': StepsEvidence;
  readonly 'bridge-long': StepsEvidence;
  readonly 'breath-parity': null;
  readonly 'breath-flips': null;
  /** What has the pace: a section with its pace, or the line. */
  readonly 'pace-outside': {
    readonly name: string;
    readonly section: { readonly index: number; readonly pace: Pace } | null;
  };
  readonly 'retention-long': null;
  readonly 'call-long': { readonly section: number };
  /** How much of a line's words is said after it has ended, milliseconds. */
  readonly 'words-long': { readonly overMs: number };
  /** The places of the cues that never come, of those the line has. */
  readonly 'cue-never': { readonly places: readonly number[] };
  readonly 'breath-reversed': null;
  readonly 'dropping-fast': null;
  /** Swung, or held in a stretch, before anything is warm. */
  readonly 'fast-cold': null;
  readonly 'stretch-cold': null;
  readonly 'head-back': null;
  readonly 'fold-twisted': null;
  readonly 'eyes-closed': null;
  readonly 'heels-free': null;
  readonly 'not-taught': { readonly movementId: string; readonly settles: boolean };
  readonly 'cool-down-short': null;
  /** The pace the main part ends at, breaths per minute, and the cool-down. */
  readonly 'cool-down-fast': { readonly mainPace: number; readonly section: number };
  readonly 'cool-down-low': null;
  readonly 'ends-moving': null;
  readonly footwork: null;
  /** How many have no way through it. */
  readonly 'no-way-for': { readonly people: number };
  /** How many want something to hold there at once, and how many can have it. */
  readonly 'support-missing': { readonly wanted: number; readonly there: number };
}

export type FindingCode = keyof Evidence;

interface Found<Code extends FindingCode> {
  readonly code: Code;
  readonly evidence: Evidence[Code];
  /** The same finding from one judging to the next: its code, its line, and what tells it from others there. */
  readonly key: string;
  readonly severity: Severity;
  /** The line it is about; null where it is about the class. */
  readonly itemId: string | null;
  /** When in the class, milliseconds from the start; null where no moment tells it. */
  readonly atMs: number | null;
  /** What, in one plain sentence. */
  readonly what: string;
  /** Why: the figures it comes from, and the limit they are held against. */
  readonly why: readonly string[];
  /** The figure that was held against a limit. When it changes, a finding set aside comes back. */
  readonly amount: number;
  /** It would be gone if a convention were a fifth kinder. */
  readonly borderline: boolean;
}

/** Something about a class that its instructor would rather know before teaching it. Plain data: it goes between threads. */
export type Finding = { readonly [Code in FindingCode]: Found<Code> }[FindingCode];

/** A finding of one of some codes, with what that code has seen. */
export type FindingOf<Code extends FindingCode> = Extract<Finding, { readonly code: Code }>;

/** A way to mend a finding. It is a list of changes, so that it can be tried, shown and undone. */
export interface Remedy {
  /** What it does, as one would say it: "Rest 40 s before Single Whip". */
  readonly label: string;
  readonly edits: readonly PlanEdit[];
}

/** How much may be asked of whom, and what they have been taught. */
export interface Asked extends AskedOfGroup {
  /** The base ids of the movements the group has been taught; null where that is not known. */
  readonly known: ReadonlySet<string> | null;
  /** Who is to be expected, as far as anything is written down for them; nobody where it is left out. */
  readonly present?: Present;
}

/** What a class is judged with: the movements it may name, those that are offered, and who it is for. */
export interface JudgingContext extends Pick<Asked, 'known'> {
  readonly limits: Limits;
  readonly find: FindMovement;
  readonly offered: readonly Movement[];
  readonly present: Present;
}

/** What a class of a group is judged with; its limits are resolved here, once. */
export const contextFor = (asked: Asked, find: FindMovement, offered: readonly Movement[]): JudgingContext => ({
  limits: limitsFor(asked),
  known: asked.known,
  present: asked.present ?? NOBODY,
  find,
  offered,
});

/** A class with everything worked out that checks look at. */
export interface AnalysedClass extends JudgingContext {
  readonly plan: Plan;
  readonly timeline: Timeline;
  readonly pieces: readonly DemandPiece[];
  /** The same for those who take what is offered beside it, one list for each way; none where nothing is offered. */
  readonly otherWays: readonly (readonly DemandPiece[])[];
  /** The movement of each line as it is done there. */
  readonly movements: ReadonlyMap<string, Movement>;
  /** Keys of what was found before: those are only gone when they are better by a twentieth. */
  readonly standing: ReadonlySet<string>;
}

/** A check is pure and looks at one thing. */
export interface Check {
  readonly look: (analysed: AnalysedClass) => Finding[];
  /** The codes it finds, to ask it for remedies. */
  readonly codes: readonly FindingCode[];
  /** What would mend one of its findings; only what really does is offered. */
  readonly remedies: (analysed: AnalysedClass, finding: Finding) => Remedy[];
}

/** A check from what it looks for: its remedies are asked about findings of its own codes only, and know their evidence. */
export function checkFor<Code extends FindingCode>(check: {
  readonly codes: readonly Code[];
  readonly look: (analysed: AnalysedClass) => FindingOf<Code>[];
  readonly remedies: (analysed: AnalysedClass, finding: FindingOf<Code>) => Remedy[];
}): Check {
  const codes: readonly FindingCode[] = check.codes;
  const isOwn = (finding: Finding): finding is FindingOf<Code> => codes.includes(finding.code);
  return {
    codes,
    look: (analysed) => check.look(analysed),
    remedies: (analysed, finding) => (isOwn(finding) ? check.remedies(analysed, finding) : []),
  };
}
