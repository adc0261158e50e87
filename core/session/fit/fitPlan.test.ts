import { USUAL_SCHOOLS } from '../../movement/adapt/schools';
import { classWith, contextWith, line } from '../../testing/cleanClass';
import { applyEdits } from '../edit/applyEdits';
import { analyseClass } from '../findings/finding/analyseClass';
import { judgeClass } from '../findings/judge';
import { countSide } from '../load/sessionSides';
import { newPause } from '../plan/defaults';
import type { Item, Plan } from '../plan/session';
import { NO_DOORS } from '../plan/slotTime';
import { forecastFor } from '../report/forecast';
import { timelineOf } from '../schedule/timeline';
import { breachesOf, easedCaps } from './breaches';
import { TOLERANCE } from './buildModel';
import { type FitAnswer, type Fitted, fitPlan, MOST_SIMULATIONS } from './fitPlan';
import { lineSeconds, pacedAt } from './lineSeconds';

const asked = contextWith();
const inMinutes = (plan: Plan, slotMinutes: number): Plan => ({ ...plan, slotMinutes });
const fitted = (answer: FitAnswer): Fitted => {
  if (!answer.ok) throw new Error(`does not fit: ${answer.inTheWay.map(({ what }) => what).join()}`);
  return answer;
};
const itemsOf = (plan: Plan): Item[] => plan.sections.flatMap(({ items }) => items);
const secondsOf = (plan: Plan): number => {
  const answer = timelineOf(plan, asked.find);
  return answer.ok ? answer.timeline.totalMs / 1000 : Number.NaN;
};
const countOf = (plan: Plan, id: string) => itemsOf(plan).find((item) => item.id === id && 'count' in item);

/** By when a class has ended in eight of ten, seconds. */
const safeOf = (plan: Plan): number => {
  const answer = timelineOf(plan, asked.find);
  return answer.ok ? forecastFor(plan, answer.timeline, asked.find).safeMs / 1000 : Number.NaN;
};

test.each([17, 19, 21, 23])('to %i minutes: it ends in time in eight of ten, to 15 s, and says so truly', (minutes) => {
  const plan = inMinutes(classWith(), minutes);
  const { edits, totalMs, safeMs } = fitted(fitPlan(plan, asked, 'trim'));
  const after = applyEdits(plan, edits);
  expect(secondsOf(after) * 1000).toBe(totalMs);
  expect(safeOf(after) * 1000).toBeCloseTo(safeMs, 6);
  expect(Math.abs(safeMs / 1000 - minutes * 60)).toBeLessThanOrEqual(TOLERANCE);
});

test('minutes before and after the class are no part of it', () => {
  const plan = { ...inMinutes(classWith(), 30), doors: { before: 7, after: 3 } };
  expect(fitted(fitPlan(plan, asked, 'trim')).safeMs / 1000).toBeCloseTo(20 * 60, -1.5);
});

test('a class that already fits is left as it is', () => {
  const plan = classWith();
  const exact = inMinutes(plan, 20);
  const talking = (seconds: number) =>
    applyEdits(exact, [{ kind: 'add', at: { section: 2, index: 0 }, item: newPause('talk', 'talk', seconds) }]);
  let seconds = 10;
  while (safeOf(talking(seconds)) < 20 * 60) seconds += 5;
  const padded = talking(seconds);
  expect(fitPlan(padded, asked, 'trim')).toMatchObject({ ok: true, edits: [] });
});

test('pinned counts stay, the cool-down keeps its least, and both sides stay alike', () => {
  const plan = inMinutes(classWith({ main: [line('lift', 12, { id: 'kept', pinned: true })] }), 18);
  const after = applyEdits(plan, fitted(fitPlan(plan, asked, 'trim')).edits);
  expect(countOf(after, 'kept')).toMatchObject({ count: 12 });
  const answer = timelineOf(after, asked.find);
  if (!answer.ok) throw new Error('known movements');
  const coolDown = answer.timeline.sections.find(({ kind }) => kind === 'cool-down');
  expect(coolDown?.lengthMs).toBeGreaterThanOrEqual(180_000);
  const { segments } = answer.timeline;
  expect(countSide(segments, 'left').repetitions).toBe(countSide(segments, 'right').repetitions);
});

test('counts stay within the range of their movement, in its steps', () => {
  const plan = inMinutes(classWith(), 26);
  const after = applyEdits(plan, fitted(fitPlan(plan, asked, 'trim')).edits);
  for (const item of itemsOf(after)) {
    const movement = item.kind === 'movement' ? asked.find(item.movementId) : undefined;
    if (item.kind !== 'movement' || !movement) continue;
    const { least, most, step } = movement.count;
    expect(item.count).toBeGreaterThanOrEqual(least);
    expect(item.count).toBeLessThanOrEqual(most);
    expect((item.count - least) % step).toBe(0);
  }
});

test('leaving out takes what is marked optional, and nothing else', () => {
  const plan = inMinutes(classWith({ main: [line('lift', 24, { id: 'spare', optional: true })] }), 12);
  const { edits } = fitted(fitPlan(plan, asked, 'leave-out'));
  const removed = edits.flatMap((edit) => (edit.kind === 'remove' ? edit.itemIds : []));
  expect(removed.every((id) => id === 'spare')).toBe(true);
  expect(fitted(fitPlan(plan, asked, 'trim')).edits.some(({ kind }) => kind === 'remove')).toBe(false);
});

test('what a class is for is not what is left out: of unmarked lines the long ones stay, unless they are marked', () => {
  const small = ['a', 'b', 'c', 'd'].map((id) => line('push-out', 3, { id, pinned: false }));
  const main = (more: Record<string, unknown>) => [line('lift', 36, { id: 'long', rounds: 2, ...more }), ...small];
  const removed = (more: Record<string, unknown>) => {
    const plan = classWith({ main: main(more) });
    const minutes = Math.round(secondsOf(plan) / 60) - 4;
    return fitted(fitPlan(inMinutes(plan, minutes), asked, 'leave-out')).edits.flatMap((edit) =>
      edit.kind === 'remove' ? edit.itemIds : [],
    );
  };
  expect(removed({})).not.toContain('long');
  expect(removed({ optional: true }).every((id) => id === 'long')).toBe(true);
});

test('the breath is only moved within what the group is at ease with, and the class still meets its slot', () => {
  const plan = inMinutes(
    classWith({ main: [line('lift', 30, { pinned: true }), line('push-out', 12, { pinned: true })] }),
    20,
  );
  const { edits, safeMs } = fitted(fitPlan(plan, contextWith({ pace: { least: 5, most: 7 } }), 'breath'));
  const paces = edits.flatMap((edit) => (edit.kind === 'section' && edit.to.pace ? [edit.to.pace] : []));
  expect(paces.length).toBeGreaterThan(0);
  for (const { from, to } of paces) for (const pace of [from, to]) expect(pace >= 5 && pace <= 7).toBe(true);
  expect(Math.abs(safeMs / 1000 - 1200)).toBeLessThanOrEqual(TOLERANCE);
});

test('what cannot be met says how near it comes and what stands in the way', () => {
  const talk: Item = newPause('talk', 'talk', 900, 'a long one');
  const plan = inMinutes(classWith({ main: [talk, line('lift', 20, { pinned: true })] }), 10);
  const answer = fitPlan(plan, asked, 'trim');
  if (answer.ok) throw new Error('twenty minutes of talk and pinned lines do not fit ten');
  expect(answer.nearestMs).toBeGreaterThan(10 * 60_000);
  expect(answer.aimMs).toBeLessThan(10 * 60_000);
  expect(answer.inTheWay.map(({ what }) => what)).toEqual(
    expect.arrayContaining(['Talk and rests', 'lift is pinned', 'The cool-down keeps its least']),
  );
});

test('a fit over a ceiling is eased until it is under, within forty simulations', () => {
  const horses = [1, 2, 3].map((n) => line('horse', 40, { id: `horse-${n}` }));
  const plan = inMinutes(classWith({ main: horses }), 22);
  const steps: number[] = [];
  const answer = fitted(fitPlan(plan, contextWith({ strength: 'steady' }), 'trim', (done) => steps.push(done)));
  expect(answer.over).toEqual([]);
  expect(steps.length).toBeGreaterThan(1);
  expect(steps.length).toBeLessThanOrEqual(MOST_SIMULATIONS);
  expect(Math.abs(answer.safeMs / 1000 - 22 * 60)).toBeLessThanOrEqual(TOLERANCE);
});

test('the seconds of a line, for any count and pace, are what laying it out says', () => {
  const breath = { in: 1, out: 1 };
  for (const [id, manner] of [
    ['lift', 'explained'],
    ['sides', 'follow-along'],
    ['wordy', 'explained'],
  ] as const) {
    const item = line(id, 6, { manner });
    const movement = asked.find(id);
    if (item.kind !== 'movement' || !movement) throw new Error('a known movement');
    const model = lineSeconds(item, movement, { breath, schools: USUAL_SCHOOLS });
    for (const pace of [4, 6.5, 9])
      for (const count of [2, 6, 11]) {
        const sections: Plan['sections'] = [
          {
            kind: 'main',
            pace: { from: pace, to: pace, easing: 0 },
            items: [{ ...item, count, bridge: { halves: 0, call: '' } }],
            blocks: [],
            settle: null,
          },
        ];
        const answer = timelineOf(
          { slotMinutes: 20, doors: NO_DOORS, breath, schools: USUAL_SCHOOLS, sections },
          asked.find,
        );
        if (!answer.ok) throw new Error('known movements');
        expect(model.seconds(count, pace)).toBeCloseTo(answer.timeline.totalMs / 1000, 2);
        expect(pacedAt(answer.timeline.segments)).toBeCloseTo(pace, 2);
      }
  }
});

test('a fit brings nothing grave where it can be helped: what stands on one leg is not stretched, the rest is', () => {
  const plan = inMinutes(classWith({ main: [line('alone', 15, { id: 'alone' })] }), 24);
  const gentle = contextWith({ strength: 'gentle' });
  const answer = fitted(fitPlan(plan, gentle, 'trim'));
  const after = applyEdits(plan, answer.edits);
  expect(answer.brings).toEqual([]);
  expect(judgeClass(after, gentle).filter(({ code }) => code === 'one-leg-long')).toEqual([]);
  expect(Math.abs(answer.safeMs / 1000 - 24 * 60)).toBeLessThanOrEqual(TOLERANCE);
  // Pinned to too long it was grave before, and fitting did not bring it.
  const pinned = inMinutes(classWith({ main: [line('alone', 40, { id: 'alone', pinned: true })] }), 24);
  expect(fitted(fitPlan(pinned, gentle, 'trim')).brings).toEqual([]);
});

test('lines over a ceiling are eased at once by what they are over, never below their least, and pinned ones not', () => {
  const strong = (more: Record<string, unknown>) =>
    inMinutes(classWith({ main: [line('horse', 300, { id: 'horse', ...more })] }), 30);
  const capsOf = (plan: Plan) => {
    const analysed = analyseClass(plan, contextWith({ strength: 'gentle' }));
    if (!analysed) throw new Error('known movements');
    return easedCaps(analysed, breachesOf(analysed, new Map()), new Map());
  };
  const cap = capsOf(strong({}))?.get('horse') ?? Number.NaN;
  expect(cap).toBeGreaterThanOrEqual(5);
  expect(cap).toBeLessThan(300);
  expect(cap % 5).toBe(0);
  expect(capsOf(strong({ pinned: true }))?.has('horse') ?? false).toBe(false);
});

describe('what a fit keeps of the class that was written', () => {
  const lasts = (plan: Plan, kind: string): number => {
    const answer = timelineOf(plan, asked.find);
    return answer.ok ? (answer.timeline.sections.find((section) => section.kind === kind)?.lengthMs ?? 0) / 1000 : 0;
  };

  test('a warm-up keeps most of its share, however much has to go', () => {
    const warmUp = [1, 2, 3, 4].map((n) => line('loosen', 60, { id: `loose-${n}` }));
    const plan = { ...classWith({ warmUp }), slotMinutes: 15 };
    const after = applyEdits(plan, fitted(fitPlan(plan, asked, 'leave-out')).edits);
    const share = (of: Plan) => lasts(of, 'warm-up') / secondsOf(of);
    expect(share(after)).toBeGreaterThanOrEqual(0.6 * share(plan) - 0.02);
  });

  test('no line is stretched beyond twice its usual while another way is left', () => {
    const plan = inMinutes(classWith(), 27);
    const after = applyEdits(plan, fitted(fitPlan(plan, asked, 'trim')).edits);
    for (const item of itemsOf(after)) {
      const before = countOf(plan, item.id);
      const movement = item.kind === 'movement' ? asked.find(item.movementId) : undefined;
      if (item.kind !== 'movement' || before?.kind !== 'movement' || !movement) continue;
      expect(item.count).toBeLessThanOrEqual(2 * Math.max(before.count, movement.count.usual));
    }
  });

  test('what is grave already grows no worse: a stretch over its limit is not made longer', () => {
    const plan = inMinutes(classWith({ main: [line('up', 65, { id: 'held-up' })] }), 30);
    const after = applyEdits(plan, fitted(fitPlan(plan, asked, 'trim')).edits);
    const held = itemsOf(after).find(({ id }) => id === 'held-up');
    expect(held?.kind === 'movement' && held.count).toBeLessThanOrEqual(65 * 1.05);
  });

  test('talk shrinks and grows with its class, and never by more than half', () => {
    const talks = (slot: number): number => {
      const main = [newPause('talk', 'talk', 240), line('lift', 20)];
      const plan = inMinutes(classWith({ main }), slot);
      const after = applyEdits(plan, fitted(fitPlan(plan, asked, 'trim')).edits);
      const talk = itemsOf(after).find(({ id }) => id === 'talk');
      return talk?.kind === 'talk' ? talk.seconds : 0;
    };
    const [short, long] = [talks(21), talks(45)];
    expect(short).toBeLessThan(240);
    expect(short).toBeGreaterThanOrEqual(120);
    expect(long).toBeGreaterThan(240);
    expect(long).toBeLessThanOrEqual(360);
  });
});
