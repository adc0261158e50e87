import type { Movement } from '../../core/movement/schema/movement';
import type { PlanProblem } from '../../core/session/plan/planSize';
import type { Plan } from '../../core/session/plan/session';
import { besideServer } from './askThread';

export interface LayOutOrder {
  readonly session: Plan;
  /** The movements the class names, as far as there are such, by the names it uses. */
  readonly movements: ReadonlyMap<string, Movement>;
}

/** The reply as its text, or what stands in its way. */
export type LaidOut =
  | { readonly ok: true; readonly text: string }
  | { readonly ok: false; readonly problems: readonly PlanProblem[] };

/** A class that takes more memory than this ends the thread, not the server; megabytes. */
const MOST_MEMORY = 768;

/** Lays classes out in a thread beside the server. */
export const layOutBeside = () =>
  besideServer<LayOutOrder, LaidOut>('layOutWorker', 'The class was too much to lay out: what reckons it stopped.', {
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY },
  }).ask;
