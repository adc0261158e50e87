import { expose } from 'comlink';
import type { Movement } from '../../core/movement/schema/movement';
import { type Asked, contextFor, type JudgingContext } from '../../core/session/findings/finding/finding';
import type { FitKind } from '../../core/session/fit/buildModel';
import { type FitAnswer, fitPlan } from '../../core/session/fit/fitPlan';
import type { Plan } from '../../core/session/plan/session';
import type { DraftRequest } from '../../core/session/propose/mainPart';
import type { Preferences, Proposal } from '../../core/session/propose/preferences';
import { proposeCoolDown } from '../../core/session/propose/proposeCoolDown';
import { type Draft, proposeDraft } from '../../core/session/propose/proposeDraft';
import { proposeWarmUp } from '../../core/session/propose/proposeWarmUp';
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
  warmUp: (plan: Plan, asked: Asked, preferences: Preferences): Proposal[] =>
    proposeWarmUp(plan, contextOf(asked), preferences),
  coolDown: (plan: Plan, asked: Asked, preferences: Preferences): Proposal[] =>
    proposeCoolDown(plan, contextOf(asked), preferences),
  draft: (asked: Asked, request: DraftRequest): Draft => proposeDraft(contextOf(asked), request),
};
export type Composer = typeof composer;

expose(composer);
