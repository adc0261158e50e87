import { expose } from 'comlink';
import type { Movement } from '../../core/movement/schema/movement';
import type { Asked, Bench } from '../../core/session/findings/finding/finding';
import type { FitKind } from '../../core/session/fit/buildModel';
import { type FitAnswer, fitPlan } from '../../core/session/fit/fitPlan';
import type { Plan } from '../../core/session/plan/session';
import type { DraftWish } from '../../core/session/propose/mainPart';
import { proposeCoolDown } from '../../core/session/propose/proposeCoolDown';
import { type Draft, proposeDraft } from '../../core/session/propose/proposeDraft';
import { proposeWarmUp } from '../../core/session/propose/proposeWarmUp';
import type { Proposal, Wishes } from '../../core/session/propose/wishes';

/** Composes classes away from the screen. What takes too long is cancelled by ending the whole worker. */
let known = new Map<string, Movement>();
let offered: readonly Movement[] = [];

const benchFor = (asked: Asked): Bench => ({ ...asked, find: (id) => known.get(id), offered });

const composer = {
  learn(movements: readonly Movement[], shown: ReadonlySet<string>): void {
    known = new Map(movements.map((movement) => [movement.id, movement]));
    offered = movements.filter(({ id }) => shown.has(id));
  },
  fit: (plan: Plan, asked: Asked, kind: FitKind, onProgress: (done: number, of: number) => void): FitAnswer =>
    fitPlan(plan, benchFor(asked), kind, onProgress),
  warmUp: (plan: Plan, asked: Asked, wishes: Wishes): Proposal[] => proposeWarmUp(plan, benchFor(asked), wishes),
  coolDown: (plan: Plan, asked: Asked, wishes: Wishes): Proposal[] => proposeCoolDown(plan, benchFor(asked), wishes),
  draft: (asked: Asked, wish: DraftWish): Draft => proposeDraft(benchFor(asked), wish),
};
export type Composer = typeof composer;

expose(composer);
