import type { Strength } from '../../../demand/ceilings';
import type { FindMovement, Movement } from '../../../movement/schema/movement';
import type { PlanEdit } from '../../edit/planEdit';
import type { DemandPiece } from '../../load/sessionDemand';
import type { Plan } from '../../plan/session';
import type { Timeline } from '../../timeline/segment';

export type Severity = 'stop' | 'warn' | 'notice';

/** Something about a class that its instructor would rather know before teaching it. */
export interface Finding {
  readonly code: string;
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

/** A way to mend a finding. It is a list of changes, so that it can be tried, shown and undone. */
export interface Remedy {
  /** What it does, as one would say it: "Rest 40 s before Single Whip". */
  readonly label: string;
  readonly edits: readonly PlanEdit[];
}

/** How much may be asked of whom. */
export interface Asked {
  readonly strength: Strength;
  /** The breath paces the group is comfortable with, breaths per minute. */
  readonly pace: { readonly least: number; readonly most: number };
  /** The base ids of the movements the group has been taught; null where that is not known. */
  readonly known: ReadonlySet<string> | null;
}

/** What a class is judged with: the movements it may name, those that are offered, and who it is for. */
export interface Bench extends Asked {
  readonly find: FindMovement;
  readonly offered: readonly Movement[];
}

/** A class with everything worked out that checks look at. */
export interface Judged extends Bench {
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
  readonly look: (judged: Judged) => Finding[];
  /** The codes it finds, to ask it for remedies. */
  readonly codes: readonly string[];
  /** What would mend one of its findings; only what really does is offered. */
  readonly remedies: (judged: Judged, finding: Finding) => Remedy[];
}
