import { expose } from 'comlink';
import { coolDownsFrom, type DrawnClass, drawUpClass, warmUpsFrom } from '../../core/course/classes/drawUpClass';
import { courseWeave } from '../../core/course/plan/courseWeave';
import type { Course } from '../../core/course/schema/course';
import type { PieceFamily } from '../../core/course/schema/family';
import type { Group } from '../../core/group/group';
import type { Form } from '../../core/movement/schema/form';
import type { Movement } from '../../core/movement/schema/movement';
import { type ShortenAnswer, shortenRest } from '../../core/record/shorten';
import type { Teaching } from '../../core/record/standing/teaching';
import { type Asked, contextFor, type JudgingContext } from '../../core/session/findings/finding/finding';
import type { FitKind } from '../../core/session/fit/buildModel';
import { type FitAnswer, fitPlan } from '../../core/session/fit/fitPlan';
import type { Plan, Session } from '../../core/session/plan/session';
import type { DraftRequest } from '../../core/session/propose/mainPart';
import type { Preferences, Proposal } from '../../core/session/propose/preferences';
import { proposeCoolDown } from '../../core/session/propose/proposeCoolDown';
import { type Draft, proposeDraft } from '../../core/session/propose/proposeDraft';
import { proposeWarmUp } from '../../core/session/propose/proposeWarmUp';
import type { Timeline } from '../../core/session/timeline/segment';
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
  /** A class of a course from its plan; null where it is not held. */
  drawUp(
    course: Course,
    group: Group,
    classId: string,
    day: string,
    asked: Asked,
    forms: readonly Form[],
  ): DrawnClass | null {
    const weave = courseWeave(course, group.doors, day);
    const one = weave.held.find(({ id }) => id === classId);
    return one ? drawUpClass(course, group, weave, one, contextOf(asked), forms) : null;
  },
  /** What the warm-ups or cool-downs of a course are made from, worked out from what it teaches; null where nothing is offered. */
  family: (
    part: 'warmUp' | 'coolDown',
    course: Course,
    group: Group,
    asked: Asked,
    forms: readonly Form[],
  ): PieceFamily | null => {
    const weave = courseWeave(course, group.doors, course.calendar.firstDay);
    const drawing = { course, group, weave, context: contextOf(asked), forms };
    return part === 'warmUp' ? warmUpsFrom(drawing) : coolDownsFrom(drawing);
  },
  /** What is left of a class that is being taught, made to end in time. */
  shorten: async (
    session: Session,
    timeline: Timeline,
    teaching: Teaching,
    asked: Asked,
  ): Promise<ShortenAnswer<Session>> => shortenRest(session, timeline, teaching, contextOf(asked)),
  draft: (asked: Asked, request: DraftRequest): Draft => proposeDraft(contextOf(asked), request),
};
export type Composer = typeof composer;

expose(composer);
