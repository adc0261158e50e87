import { USUAL_SCHOOLS } from '../core/movement/adapt/schools';
import { findingsOf } from '../core/session/findings/judge';
import { NO_DOORS, USUAL_DOORS } from '../core/session/plan/slotTime';
import { AIM_WORDS, AIMS, balanceOf } from '../core/session/propose/aims';
import { proposeDraft } from '../core/session/propose/proposeDraft';
import { isSweep, sampled } from '../core/testing/sweep';
import { isBallistic, isShaken } from '../core/traits/ballistic';
import { mainJoint } from '../core/traits/mainJoint';
import { analysedFor, contextWith, find, forms, movements, preferences } from './proposalBench';

/** The whole classes that Vesperum drafts from the movements that come along. */

const STRENGTHS = ['gentle', 'steady', 'strong'] as const;
/** One of each level and aim, and those that have least to choose from. */
const MANIFOLD = [
  [1, 30, 'whole'],
  [2, 45, 'whole'],
  [3, 20, 'whole'],
  [1, 90, 'balance'],
  [1, 75, 'shoulders'],
  [2, 90, 'balance'],
  [3, 45, 'balance'],
  [3, 90, 'shoulders'],
  [3, 90, 'calm'],
  [2, 60, 'legs'],
] as const;
/** All there are. */
const everyCell = [1, 2, 3].flatMap((level) =>
  [20, 30, 45, 60, 75, 90].flatMap((minutes) => AIMS.map((aim) => [level, minutes, aim] as const)),
);
test.each(isSweep ? everyCell : sampled(MANIFOLD, 4))(
  'a draft for level %i in %i minutes, for %s, fits its slot and has nothing grave in it',
  (level, slotMinutes, aim) => {
    const strength = STRENGTHS[level - 1] ?? 'steady';
    const of = contextWith({ strength });
    const { plan, left, reasons } = proposeDraft(of, {
      aim,
      slotMinutes,
      doors: NO_DOORS,
      schools: USUAL_SCHOOLS,
      forms,
      preferences: { ...preferences, level },
    });
    const grave = findingsOf(analysedFor(plan, of)).filter(({ severity }) => severity !== 'notice');
    expect(grave).toEqual([]);
    expect(left).toEqual([]);
    expect(reasons[0]?.startsWith(`${AIM_WORDS[aim]}: `)).toBe(true);
    expect(plan.sections.every(({ items }) => items.length > 0)).toBe(true);
  },
);

/** One draft of each aim, at three levels: what is true of any class one would teach tomorrow. */
const taught = AIMS.flatMap((aim, place) =>
  sampled([[1 + (place % 3), 60, aim] as const, [1 + ((place + 1) % 3), 45, aim] as const], 1, place),
);
describe.each(taught)('a draft for level %i in %i minutes, for %s', (level, slotMinutes, aim) => {
  const of = contextWith({ strength: STRENGTHS[level - 1] ?? 'steady' });
  const { plan } = proposeDraft(of, {
    aim,
    slotMinutes,
    doors: USUAL_DOORS,
    schools: USUAL_SCHOOLS,
    forms,
    preferences: { ...preferences, level },
  });
  const analysed = analysedFor(plan, of);
  const linesOf = (wanted: string) => plan.sections.find(({ kind }) => kind === wanted)?.items ?? [];
  const movementsOf = (wanted: string) =>
    linesOf(wanted).flatMap((item) => (item.kind === 'movement' ? (find(item.movementId) ?? []) : []));

  test('talks for at most twelve percent of its main part, and does not begin it with a rest', () => {
    const main = analysed.timeline.sections[2]?.lengthMs ?? 0;
    const talked = analysed.timeline.segments
      .filter(({ section, kind }) => section === 2 && ['talk', 'naming', 'showing', 'last-word'].includes(kind))
      .reduce((sum, { lengthMs }) => sum + lengthMs, 0);
    expect(talked / main).toBeLessThanOrEqual(0.12);
    expect(linesOf('main')[0]?.kind).toBe('movement');
  });

  test('has one tradition in its main part, no place of a walked form by itself, and nobody on a chair', () => {
    const main = movementsOf('main');
    const ids = new Set(main.map(({ id }) => id));
    const isForm = forms.some(({ entries }) => {
      const places = new Set(entries.map(({ movementId }) => movementId));
      return places.size === ids.size && [...places].every((id) => ids.has(id));
    });
    if (!isForm) {
      const walked = forms.filter(({ tradition }) => tradition === 'tai-chi').flatMap(({ entries }) => entries);
      expect(
        main.filter(({ id, tradition }) => tradition === 'tai-chi' && walked.some((one) => one.movementId === id)),
      ).toEqual([]);
      expect([0, main.length]).toContain(main.filter(({ tradition }) => tradition === 'qigong').length);
    }
    for (const { items } of plan.sections)
      for (const item of items) {
        if (item.kind !== 'movement' || item.variant === null) continue;
        const variant = find(item.movementId)?.variants.find(({ id }) => id === item.variant);
        expect(variant?.kind).not.toBe('seated');
      }
  });

  test('warms neck, shoulders, spine, hips, knees and ankles, shakes once at most, and swings last', () => {
    const warmUp = movementsOf('warm-up');
    const joints = warmUp.map(mainJoint);
    for (const wanted of [
      ['neck'],
      ['shoulders'],
      ['upper-back', 'low-back'],
      ['hips'],
      ['knees'],
      ['ankles', 'calves'],
    ])
      expect([wanted, joints.some((joint) => wanted.includes(joint))]).toEqual([wanted, true]);
    expect(warmUp.filter(isShaken).length).toBeLessThanOrEqual(1);
    const ballistic = warmUp.map(isBallistic);
    expect(ballistic).toEqual(ballistic.toSorted((a, b) => Number(a) - Number(b)));
  });

  if (aim === 'calm')
    test('stays on two feet, and nothing is quick', () => {
      for (const movement of movementsOf('main')) {
        expect([movement.id, balanceOf(movement) <= 0.3]).toEqual([movement.id, true]);
        expect(movement.parts.cycle.some(({ length }) => length.kind === 'beats')).toBe(false);
      }
      expect(
        analysed.pieces.some(
          ({ itemId, demand }) => demand.oneLeg !== null && linesOf('main').some(({ id }) => id === itemId),
        ),
      ).toBe(false);
    });
});

test('where there is too little for a slot, it says so rather than fill it with talk', () => {
  const few = movements.filter(({ id }) =>
    ['lift-the-sky', 'draw-the-bow', 'one-hand-up', 'neck-turns', 'stillness'].includes(id),
  );
  const of = contextWith({ offered: few });
  const { plan, left } = proposeDraft(of, {
    aim: 'whole',
    slotMinutes: 90,
    doors: USUAL_DOORS,
    schools: USUAL_SCHOOLS,
    forms: [],
    preferences,
  });
  expect(left.some((one) => one.startsWith('Too little for this slot.'))).toBe(true);
  expect(plan.sections.flatMap(({ items }) => items).some(({ kind }) => kind === 'talk')).toBe(false);
});
