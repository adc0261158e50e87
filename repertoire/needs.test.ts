import type { NeedKind } from '../core/needs/need';
import { wayThrough } from '../core/needs/wayThrough';
import { linesInClass } from '../core/needs/whoNeedsWhat';
import { newMovementItem } from '../core/session/plan/defaults';
import { Plan } from '../core/session/plan/session';
import { timelineOf } from '../core/session/schedule/timeline';
import { needOf } from '../core/testing/needs';
import { find } from './proposalBench';

/**
 * For every need what it rules out, what it changes and what it leaves alone, looked at by hand in the postures. Where nothing
 * stands, no movement of the repertoire is so: breath is stopped in none, and a word, a place or a touch rules nothing out.
 */
const JUDGED: Readonly<Record<NeedKind, readonly [out: string | null, changed: string | null, alone: string]>> = {
  // Knees circle bent; a bow is taken higher; the sky is lifted at 15 degrees.
  'higher-stance': ['knee-circles', 'brush-knee', 'lift-the-sky'],
  // Creeping down the hip turns in over the bent leg; the drumming waist may turn less; nothing turns in lifting the sky.
  'no-twist': ['snake-creeps-down', 'waist-turns', 'lift-the-sky'],
  // Combing is done at the head; the sky may be lifted to the chest; rocking in a bow leaves the hands at the hips.
  'arm-low': ['comb-the-hair', 'lift-the-sky', 'bow-rocking'],
  'head-up': [null, 'spine-rolls', 'cloud-hands'],
  // Scooping comes up on one in-breath; the wheel may be folded less; nobody folds in pushing.
  'rise-slowly': ['scooping-the-spring', 'spinning-wheel', 'pushing-waves'],
  'no-breath-holding': [null, null, 'cloud-hands'],
  'soft-fold': [null, 'hinge-and-rise', 'standing-post'],
  // Side walking leaves the chair behind, and is then done in place; a kick is held at the chair; a post needs none.
  'chair-near': [null, 'heel-kick', 'standing-post'],
  'wall-near': [null, 'heel-kick', 'standing-post'],
  'sits-throughout': ['slow-walking', 'lift-the-sky', 'seated-clouds'],
  'sits-for-parts': [null, null, 'lift-the-sky'],
  'front-row': [null, null, 'lift-the-sky'],
  pauses: [null, 'standing-post', 'hinge-and-rise'],
  'gentle-pressing': [null, 'knock-the-legs', 'lift-the-sky'],
  touch: [null, null, 'lift-the-sky'],
};

const through = (movementId: string, kind: NeedKind) => {
  const movement = find(movementId);
  if (!movement) throw new Error(`${movementId} is in the repertoire`);
  const role = movement.roles[0] ?? 'main';
  const plan = Plan.parse({
    slotMinutes: 60,
    breath: { in: 1, out: 1 },
    sections: [{ kind: role, pace: { from: 6, to: 6, easing: 0 }, items: [newMovementItem('line', movement, role)] }],
  });
  const answer = timelineOf(plan, find);
  const [line] = answer.ok ? linesInClass({ plan, timeline: answer.timeline, find }) : [];
  if (!line) throw new Error('the class has one line');
  return wayThrough(line, [needOf(kind, kind === 'no-twist' || kind === 'arm-low' ? { side: 'both' } : {})]);
};

describe.each(Object.entries(JUDGED) as [NeedKind, (typeof JUDGED)[NeedKind]][])(
  '%s',
  (kind, [out, changed, alone]) => {
    if (out)
      test(`rules out ${out}`, () => {
        const way = through(out, kind);
        expect(way.kind).toBe('none');
        expect(way.why.length).toBeGreaterThan(0);
        expect(way.cautions.length).toBeGreaterThan(0);
      });

    if (changed)
      test(`changes ${changed}`, () => {
        const { kind: found, support, say } = through(changed, kind);
        expect(found).not.toBe('none');
        expect(found !== 'clear' || support !== null || say.length > 0).toBe(true);
      });

    test(`leaves ${alone} alone`, () => {
      expect(through(alone, kind)).toMatchObject({ kind: 'clear', support: null, say: [], why: [] });
    });
  },
);
