import { drillsOf } from '../core/course/around/drills';
import { coolDownsFrom, drawUpClass, warmUpsFrom } from '../core/course/classes/drawUpClass';
import { lineLasting, secondsToWalkBack } from '../core/course/classes/lineLasting';
import { planByPlace } from '../core/course/plan/courseWeave';
import { READY_MADE, type ReadyMade } from '../core/course/syllabus/readyMade';
import { judgePlan } from '../core/course/weave/graph/judgePlan';
import type { Strength } from '../core/demand/ceilings';
import { USUAL_SCHOOLS } from '../core/movement/adapt/schools';
import { contextFor } from '../core/session/findings/finding/finding';
import { wayOf } from '../core/session/load/driftOf';
import { newMovementItem } from '../core/session/plan/defaults';
import { MovementItem, Session } from '../core/session/plan/session';
import { timelineOf } from '../core/session/schedule/timeline';
import { plannedTerm } from '../core/testing/plannedTerm';
import { times } from '../core/testing/sweep';
import { shippedRepertoire } from '../server/shippedRepertoire';

/** The ready-made syllabuses, planned and drawn up from the movements that come along. */

const { movements, forms, find } = shippedRepertoire();

const termOf = (ready: ReadyMade, strength: Strength, minutes: number) => {
  const planned = plannedTerm(ready, strength, minutes, find, forms);
  return { ...planned, plan: planByPlace(planned.course, planned.term) };
};

test.each(READY_MADE.map((ready) => [ready.name, ready] as const))(
  '%s: every line is there, and the plan keeps its rules',
  (_, ready) => {
    const { course, term, plan } = termOf(ready, 'steady', 60);
    expect(course.threads).toHaveLength(ready.lines.length);
    expect(judgePlan(term.instance, plan).faults).toEqual([]);
  },
);

test.each(['beginners', 'standing-set', 'stepping-form'])(
  '%s: every must is finished, and the last class runs it',
  (id) => {
    const ready = READY_MADE.find((one) => one.id === id) as ReadyMade;
    const { course, term } = termOf(ready, 'steady', 75);
    const last = term.held.at(-1)?.id;
    for (const { id: thread, wish, layers } of course.threads.filter(
      (one) => one.kind === 'steps' && one.wish === 'must',
    )) {
      expect(wish).toBe('must');
      const path = course.plan[thread] ?? [];
      expect({ thread, layers: path.at(-1)?.layers }).toEqual({ thread, layers: layers.length });
      expect({ thread, last: path.at(-1)?.classId }).toEqual({ thread, last });
    }
  },
);

test('what walks on and on is done in rounds that stay in the hall, with time between them to walk back', () => {
  const walking = find('slow-walking');
  if (!walking) throw new Error('slow walking comes along');
  const line = MovementItem.parse({ ...newMovementItem('walk', walking, 'main'), settle: { kind: 'none' } });
  const long = lineLasting(line, 480, find, USUAL_SCHOOLS);
  const far = wayOf(walking) * long.count;
  expect(long.rounds).toBeGreaterThan(1);
  expect(far).toBeLessThanOrEqual(5);
  // Half a metre a second.
  expect(long.roundRest * 0.5).toBeGreaterThanOrEqual(far);
  expect(secondsToWalkBack(long, find) * 0.5).toBeGreaterThanOrEqual(far);
  // What stays on its place is not cut up, and needs no way back.
  const waves = find('pushing-waves');
  if (!waves) throw new Error('the waves come along');
  const still = lineLasting(MovementItem.parse(newMovementItem('waves', waves, 'main')), 240, find, USUAL_SCHOOLS);
  expect(still.roundRest).toBe(0);
  expect(secondsToWalkBack(still, find)).toBe(0);
});

test('the warm-ups of a course: one order, a core in every class, more from class to class, and some that take turns', () => {
  const ready = READY_MADE[0] as ReadyMade;
  const { course, group, term } = termOf(ready, 'steady', 75);
  const context = contextFor({ strength: 'steady', pace: { least: 4, most: 9 }, known: null }, find, movements);
  const family = warmUpsFrom({ course, group, weave: term, context, forms });
  if (!family) throw new Error('there is a family');
  const taught = new Set(course.threads.map(({ id }) => id));
  expect([...family.core, ...family.slots.flat()].filter((id) => taught.has(id))).toEqual([]);
  const warmUps = term.held.slice(0, times(term.held.length, 4)).map((one) => {
    const { session } = drawUpClass(course, group, term, one, context, forms);
    const items = session.sections.find(({ kind }) => kind === 'warm-up')?.items ?? [];
    return items.flatMap((item) => (item.kind === 'movement' ? [item.movementId] : []));
  });
  // What two of them share comes in the same order in both.
  for (const one of warmUps) {
    for (const other of warmUps) {
      expect(one.filter((id) => other.includes(id))).toEqual(other.filter((id) => one.includes(id)));
    }
  }
  const sizes = warmUps.map(({ length }) => length);
  expect(sizes[0]).toBeLessThanOrEqual(8);
  expect(sizes[3]).toBeGreaterThan(sizes[0] ?? 0);
  for (const warmUp of warmUps.slice(3)) {
    for (const id of family.core) expect(warmUp).toContain(id);
    for (const slot of family.slots) expect(warmUp.filter((id) => slot.includes(id)).length).toBeLessThanOrEqual(1);
  }
});

test('what a warm-up drills: weight, waist and knees, by what the figure does', () => {
  const drills = (id: string) => [...drillsOf([find(id)].flatMap((one) => one ?? []))].sort();
  expect(drills('cloud-hands')).toEqual(['shift', 'turn']);
  expect(drills('pendulum-sway')).toEqual(['shift']);
  expect(drills('waist-turns')).toEqual(['turn']);
  expect(drills('small-squats')).toEqual(['sink']);
  expect(drills('neck-tilts')).toEqual([]);
});

test('the cool-downs of a course: most as always, in one order, something fresh in time, and they look after what worked', () => {
  const ready = READY_MADE[0] as ReadyMade;
  const { course, group, term } = termOf(ready, 'steady', 60);
  const context = contextFor({ strength: 'steady', pace: { least: 4, most: 9 }, known: null }, find, movements);
  const drawing = { course, group, weave: term, context, forms };
  const family = coolDownsFrom(drawing);
  if (!family) throw new Error('there is a family');
  expect(family.slots.length).toBeGreaterThan(0);
  const pieces = new Set([...family.core, ...family.slots.flat()]);
  const coolDowns = term.held.slice(0, times(term.held.length, 4)).map((one) => {
    const { session } = drawUpClass(course, group, term, one, context, forms);
    const items = session.sections.find(({ kind }) => kind === 'cool-down')?.items ?? [];
    return items.flatMap((item) => (item.kind === 'movement' ? [item.movementId] : []));
  });
  for (const one of coolDowns) {
    expect(one.length).toBeGreaterThan(3);
    expect(one.filter((id) => !pieces.has(id))).toEqual([]);
    for (const other of coolDowns) {
      expect(one.filter((id) => other.includes(id))).toEqual(other.filter((id) => one.includes(id)));
    }
  }
  const fresh = coolDowns.map((one, at) => at > 0 && one.some((id) => !coolDowns[at - 1]?.includes(id)));
  expect(fresh.filter((is) => is).length).toBeGreaterThan(1);
});

test('a class is drawn up from its plan: what is new is explained and done again, within its slot, and says where it comes from', () => {
  const ready = READY_MADE[0] as ReadyMade;
  const { course, group, term } = termOf(ready, 'steady', 75);
  const one = term.held[1] as (typeof term.held)[number];
  const context = contextFor({ strength: 'steady', pace: { least: 4, most: 9 }, known: null }, find, movements);
  const { session, left } = drawUpClass(course, group, term, one, context, forms);
  expect(Session.parse(session)).toEqual(session);
  expect(left).toEqual([]);
  const answer = timelineOf(session, find);
  const minutes = answer.ok ? answer.timeline.totalMs / 60_000 : 0;
  expect(minutes).toBeLessThanOrEqual(65);
  expect(minutes).toBeGreaterThan(65 * 0.9);
  const main = session.sections.find(({ kind }) => kind === 'main')?.items ?? [];
  const fresh = course.threads.filter(({ id }) => course.plan[id]?.[0]?.classId === one.id && id !== 'weight');
  expect(fresh.length).toBeGreaterThan(0);
  for (const { id, layers } of fresh) {
    const roles = main.filter(({ origin }) => origin?.thread === id).map(({ origin }) => origin?.role);
    expect(roles).toEqual(['introduce', 'again']);
    const shown = main.find(({ origin }) => origin?.thread === id && origin.role === 'introduce');
    // What has no steps is shown whole.
    expect(shown).toMatchObject({ manner: 'explained', layer: layers.length > 1 ? 0 : null });
  }
  const warmUp = session.sections.find(({ kind }) => kind === 'warm-up')?.items ?? [];
  expect(warmUp.length).toBeGreaterThan(3);
});
