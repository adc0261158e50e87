import { expose } from 'comlink';
import type { Movement } from '../../core/movement/schema/movement';
import { type Asked, contextFor, type JudgingContext } from '../../core/session/findings/finding/finding';
import type { FitKind } from '../../core/session/fit/buildModel';
import { type FitAnswer, fitPlan } from '../../core/session/fit/fitPlan';
import type { Plan } from '../../core/session/plan/session';
import type { DraftWish } from '../../core/session/propose/mainPart';
import { proposeCoolDown } from '../../core/session/propose/proposeCoolDown';
import { type Draft, proposeDraft } from '../../core/session/propose/proposeDraft';
import { proposeWarmUp } from '../../core/session/propose/proposeWarmUp';
import type { Proposal, Wishes } from '../../core/session/propose/wishes';
import { holdLife } from './keepAlive';

/** Composes classes away from the screen. What takes too long is cancelled by ending the whole worker. */
let known = new Map<string, Movement>();
let offered: readonly Movement[] = [];

const contextOf = (asked: Asked): JudgingContext => contextFor(asked, (id) => known.get(id), offered);

const composer = {
  /** Answers once it lives, and can be missed. */
  awake: holdLife,
  learn(movements: readonly Movement[], shown: ReadonlySet<string>): void {
    known = new Map(movements.map((movement) => [movement.id, movement]));
    offered = movements.filter(({ id }) => shown.has(id));
  },
  fit: (plan: Plan, asked: Asked, kind: FitKind, onProgress: (done: number, of: number) => void): FitAnswer =>
    fitPlan(plan, contextOf(asked), kind, onProgress),
  warmUp: (plan: Plan, asked: Asked, wishes: Wishes): Proposal[] => proposeWarmUp(plan, contextOf(asked), wishes),
  coolDown: (plan: Plan, asked: Asked, wishes: Wishes): Proposal[] => proposeCoolDown(plan, contextOf(asked), wishes),
  draft: (asked: Asked, wish: DraftWish): Draft => proposeDraft(contextOf(asked), wish),
};
export type Composer = typeof composer;

expose(composer);
