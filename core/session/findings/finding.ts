import type { Strength } from '../../demand/ceilings';
import type { Timeline } from '../segment';
import type { Plan } from '../session';
import type { DemandPiece } from '../sessionDemand';
import type { FindMovement } from '../timeline';

export type FindingCode =
  | 'overhead-long'
  | 'one-leg-long'
  | 'head-low-long'
  | 'strained'
  | 'not-ready'
  | 'sides-unequal'
  | 'cool-down-short';

/** Something about a class that its instructor would rather know before teaching it. */
export interface Finding {
  readonly code: FindingCode;
  readonly severity: 'stop' | 'warn' | 'notice';
  /** The line it is about; null where it is about the class. */
  readonly itemId: string | null;
  /** When in the class, milliseconds from the start; null where no moment tells it. */
  readonly atMs: number | null;
  /** What, in one plain sentence. */
  readonly what: string;
  /** Why: the figures it comes from, and the limit they are held against. */
  readonly why: readonly string[];
}

/** A class with everything worked out that checks look at. */
export interface Judged {
  readonly plan: Plan;
  readonly timeline: Timeline;
  readonly pieces: readonly DemandPiece[];
  readonly find: FindMovement;
  readonly strength: Strength;
}

/** A check is pure and looks at one thing. */
export type Check = (judged: Judged) => Finding[];
