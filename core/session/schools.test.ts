import { type OwnSchools, type Schools, schoolsOf, USUAL_SCHOOLS } from '../movement/adapt/schools';
import { answerTo, ownWords, SCHOOL_QUESTIONS, schoolsWords } from '../movement/adapt/schoolWords';
import type { Movement } from '../movement/schema/movement';
import { classWith, contextWith, line as lineOf } from '../testing/cleanClass';
import { constant, inBreath, line, movement, outBreath, plan, timelineFor } from '../testing/sample';
import { schoolsThatMatter } from '../traits/schoolsThatMatter';
import { analyseClass } from './findings/finding/analyseClass';
import type { Finding } from './findings/finding/finding';
import { findingsOf, PATIENT_CHECKS } from './findings/judge';
import { sessionDemand } from './load/sessionDemand';
import { adaptedMovements, adaptMovement } from './plan/adaptMovement';
import { Plan } from './plan/session';

/** Where schools disagree, as a setting of a class and of a line. */

const bow = movement({
  id: 'bow',
  names: { english: ['Bow'] },
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  start: { stance: 'bow', side: 'left', load: { left: 70, right: 30 }, sink: 40, arms: 'hanging' },
  parts: {
    cycle: [
      { ...inBreath, to: { load: { left: 25, right: 75, seat: 0 } } },
      { ...outBreath, to: { load: { left: 70, right: 30, seat: 0 } } },
    ],
  },
});
const find = (id: string): Movement | undefined => (id === 'bow' ? bow : undefined);
const classOf = (schools: Partial<Schools>, own: OwnSchools = {}): Plan => ({
  ...plan([line({ id: 'a', movementId: 'bow', count: 4, schools: own })], constant(6)),
  schools: { ...USUAL_SCHOOLS, ...schools },
});
const frontOf = (of: Plan): number | undefined => adaptedMovements(of, find).get('a')?.start.load.left;

test('a class that says nothing is done as usual, also one that was kept before there was anything to say', () => {
  const { schools: _, ...before } = classOf({});
  expect(Plan.parse(before).schools).toEqual(USUAL_SCHOOLS);
  expect(frontOf(classOf({}))).toBe(70);
});

test('a line’s own answer goes before that of its class, and what it does not answer is the class’s', () => {
  expect(frontOf(classOf({ frontShare: 80 }))).toBe(80);
  expect(frontOf(classOf({ frontShare: 80 }, { frontShare: 60 }))).toBe(60);
  expect(schoolsOf({ toesRise: true }, { ...USUAL_SCHOOLS, frontShare: 80 })).toEqual({
    ...USUAL_SCHOOLS,
    frontShare: 80,
    toesRise: true,
  });
});

test('the same answers always give the same movement, and answers that change nothing of it the movement itself', () => {
  const way = { variant: null, layer: null, breathing: null, ramp: null, schools: {} };
  const sixty = { ...USUAL_SCHOOLS, frontShare: 60 as const };
  expect(adaptMovement(bow, way, sixty)).toBe(adaptMovement(bow, way, { ...sixty }));
  expect(adaptMovement(bow, way, { ...USUAL_SCHOOLS, weightedTurns: true, head: 'with-the-breath' })).toBe(bow);
});

test('more weight in front asks more of the front leg, less of the back one, and takes no other time', () => {
  const asked = (frontShare: Schools['frontShare']) => {
    const of = classOf({ frontShare });
    const timeline = timelineFor(of, bow);
    const pieces = sessionDemand(of, timeline, find);
    const forward = timeline.segments.find(
      ({ kind, phase, side }) => kind === 'move' && phase === 1 && side === 'left',
    );
    const there = pieces.filter(({ startMs }) => startMs >= (forward?.startMs ?? 0)).slice(0, 4);
    return { totalMs: timeline.totalMs, sinks: there.map(({ demand }) => demand.channels) };
  };
  const [light, heavy] = [asked(60), asked(80)];
  expect(light.totalMs).toBe(heavy.totalMs);
  const changed = heavy.sinks.at(-1)?.map((value, channel) => value - (light.sinks.at(-1)?.[channel] ?? 0)) ?? [];
  expect(Math.max(...changed)).toBeGreaterThan(0.02);
  expect(Math.min(...changed)).toBeLessThan(-0.02);
});

const isTwist = ({ what }: Finding): boolean => what.includes('twists the knee');

test('a foot turned under weight stops a class where that is not taught, and only warns where it is', () => {
  const found = (weightedTurns: boolean, own: OwnSchools = {}): Finding['severity'][] => {
    const base = classWith({ main: [lineOf('twisted', 3, { schools: own })] });
    const analysed = analyseClass({ ...base, schools: { ...USUAL_SCHOOLS, weightedTurns } }, contextWith());
    return analysed
      ? findingsOf(analysed, PATIENT_CHECKS)
          .filter(isTwist)
          .map(({ severity }) => severity)
      : [];
  };
  expect(new Set(found(false))).toEqual(new Set(['stop']));
  expect(new Set(found(true))).toEqual(new Set(['warn']));
  expect(new Set(found(false, { weightedTurns: true }))).toEqual(new Set(['warn']));
});

test('only questions that make a difference to a movement are asked of it', () => {
  expect(schoolsThatMatter(bow)).toEqual(['frontShare', 'backShare', 'toesRise']);
  const still = movement({ id: 'still', parts: { cycle: [{ ...inBreath, to: {} }] } });
  expect(schoolsThatMatter(still)).toEqual([]);
});

test('answers in words: what is otherwise than usual, and what a line says for itself', () => {
  expect(schoolsWords(USUAL_SCHOOLS)).toEqual([]);
  expect(schoolsWords({ ...USUAL_SCHOOLS, frontShare: 100, head: 'with-the-breath' })).toEqual([
    'Front leg in a bow stance: 100 %',
    'Head height through a step: with the breath',
  ]);
  expect(ownWords({ toesRise: false })).toEqual(['Rocking back: the sole stays flat']);
  for (const question of SCHOOL_QUESTIONS) expect(answerTo(question, USUAL_SCHOOLS)).toBeGreaterThanOrEqual(0);
});
