import { classSeconds } from '../session/plan/slotTime';
import { timelineOf } from '../session/schedule/timeline';
import { classWith, contextWith, find, line } from '../testing/cleanClass';
import { sampleOrigin } from '../testing/origin';
import { fc } from '../testing/properties';
import { times } from '../testing/sweep';
import { loggedItems } from './classLog';
import { notTonight } from './notTonight';
import { advance } from './running/advance';
import { goOnFromStop, markNotes, markNow, stopNow } from './running/marks';
import { shortenRest } from './shorten';
import { coolDownBy } from './standing/coolDownBy';
import { remainingMs } from './standing/remaining';
import { beginTeaching } from './standing/teaching';

const context = contextWith();
const layOut = (plan: ReturnType<typeof classWith>) => {
  const answer = timelineOf(plan, find);
  if (!answer.ok) throw new Error('a class of known movements');
  return answer.timeline;
};
/** An hour that is filled, in which a class stands where it stands so late. */
const hour = classWith({
  slotMinutes: 40,
  warmUp: [line('loosen', 120), line('lift', 12), line('sides', 8)],
  main: [line('lift', 16), line('squat', 16), line('push-out', 16), line('lift', 16), line('sides', 10)],
  coolDown: [line('quiet', 240), line('lift', 8)],
});
const timeline = layOut(hour);
const late = (planMs: number, wallMs: number) => ({ ...beginTeaching(), planMs, wallMs });

test('a class that ends in time is left as it is', () => {
  expect(shortenRest(hour, timeline, late(60_000, 60_000), context)).toEqual({ kind: 'fits' });
});

test('ten minutes late it ends in time again: what was taught stays, the cool-down keeps its least, and it says when', () => {
  const at = late(
    timeline.totalMs * 0.3,
    timeline.totalMs * 0.3 + 600_000 + (classSeconds(hour) * 1000 - timeline.totalMs),
  );
  const before = at.wallMs + remainingMs(timeline, at);
  const answer = shortenRest(hour, timeline, at, context);
  if (answer.kind !== 'shortened') throw new Error(`it can be shortened, not ${answer.kind}`);
  expect(answer.endsMs).toBeLessThan(before);
  expect(answer.endsMs).toBeLessThanOrEqual(classSeconds(hour) * 1000);
  expect(answer.endsMs).toBeGreaterThan(classSeconds(hour) * 1000 - 240_000);
  expect(answer.coolDownMs).toBeGreaterThanOrEqual(180_000);
  expect(answer.shorter + answer.leftOut).toBeGreaterThan(0);
  const now = layOut(answer.plan);
  for (const [place, segment] of timeline.segments.entries()) {
    if (segment.startMs > at.planMs) break;
    expect(now.segments[place]).toMatchObject({ startMs: segment.startMs, lengthMs: segment.lengthMs });
  }
  expect(at.wallMs + remainingMs(now, at)).toBeCloseTo(answer.endsMs);
});

test('with nothing left but the last line, or less than a minute, it says that it cannot', () => {
  const last = late(timeline.totalMs - 30_000, classSeconds(hour) * 1000 + 60_000);
  expect(shortenRest(hour, timeline, last, context)).toEqual({ kind: 'cannot' });
});

test('wherever it is shortened, it never ends later, and what has begun is never changed', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.02, max: 0.85, noNaN: true }),
      fc.integer({ min: 1, max: 15 }),
      (share, minutesLate) => {
        const planMs = timeline.totalMs * share;
        const at = late(planMs, planMs + minutesLate * 60_000 + classSeconds(hour) * 1000 - timeline.totalMs);
        const answer = shortenRest(hour, timeline, at, context);
        if (answer.kind !== 'shortened') return;
        expect(answer.endsMs).toBeLessThan(at.wallMs + remainingMs(timeline, at));
        const now = layOut(answer.plan);
        const begun = timeline.segments.filter(({ startMs }) => startMs <= planMs);
        expect(now.segments.slice(0, begun.length).map(({ startMs, itemId }) => [startMs, itemId])).toEqual(
          begun.map(({ startMs, itemId }) => [startMs, itemId]),
        );
      },
    ),
    { numRuns: times(120, 12) },
  );
});

test('taught to its end, the record holds the plan as it was, with what was shortened cut short or left out', () => {
  const at = late(
    timeline.totalMs * 0.3,
    timeline.totalMs * 0.3 + 900_000 + (classSeconds(hour) * 1000 - timeline.totalMs),
  );
  const answer = shortenRest(hour, timeline, at, context);
  if (answer.kind !== 'shortened') throw new Error('it can be shortened');
  const now = layOut(answer.plan);
  const end = advance(now, advance(timeline, beginTeaching(), timeline.totalMs * 0.3), now.totalMs);
  expect(end.finished).toBe(true);
  const session = { ...hour, id: 'hour' } as unknown as Parameters<typeof loggedItems>[0];
  const logged = loggedItems(session, timeline, end, find);
  expect(logged).toHaveLength(timeline.items.length);
  expect(logged.some(({ outcome }) => outcome === 'cut short' || outcome === 'left out')).toBe(true);
  expect(logged.reduce((sum, { actualMs }) => sum + actualMs, 0)).toBeCloseTo(end.wallMs, -2);
});

describe('not tonight', () => {
  const plan = classWith({
    main: [
      line('lift', 3),
      line('squat', 3, { origin: sampleOrigin('introduce') }),
      line('sides', 3, { origin: sampleOrigin('review') }),
    ],
  });
  test('drops what the class would still begin, and keeps what it comes back to', () => {
    const then = notTonight(plan, layOut(plan), 0);
    const ids =
      then?.sections.flatMap(({ items }) => items.map((item) => ('movementId' in item ? item.movementId : ''))) ?? [];
    expect(ids).toContain('sides');
    expect(ids.filter((id) => id === 'squat')).toHaveLength(
      plan.sections.flatMap(({ items }) => items).filter((item) => 'movementId' in item && item.movementId === 'squat')
        .length - 1,
    );
  });
  test('what has begun is not dropped any more', () => {
    const of = layOut(plan);
    expect(notTonight(plan, of, of.totalMs - 1)).toBeNull();
  });
});

describe('marks and stops', () => {
  const began = advance(timeline, beginTeaching(), 90_000);
  test('are written down with the clock and the line, in the order in which they came', () => {
    const marked = stopNow(timeline, advance(timeline, markNow(timeline, began), 30_000));
    expect(marked.paused).toBe(true);
    expect(markNotes(marked, '19:05', () => 'Cloud Hands')).toEqual([
      '19:06, Cloud Hands: something here',
      '19:07, Cloud Hands: stopped',
    ]);
  });
  test('a stop that was nothing leaves nothing', () => {
    const stopped = goOnFromStop(stopNow(timeline, began));
    expect(stopped).toEqual(began);
  });
});

describe('while the cool-down is in danger, though the class still ends in time', () => {
  /** Where the cool-down begins later than is safe by so many milliseconds, and the end is just reached. */
  const inDanger = (share: number) => {
    const planMs = timeline.totalMs * share;
    return late(planMs, classSeconds(hour) * 1000 - remainingMs(timeline, late(planMs, 0)) - 1000);
  };

  test('it is not said to fit: it is shortened until the cool-down is out of danger', () => {
    const at = inDanger(0.3);
    expect(coolDownBy(timeline, at, classSeconds(hour) * 1000)?.inDanger).toBe(true);
    const answer = shortenRest(hour, timeline, at, context);
    if (answer.kind !== 'shortened') throw new Error(`it can be shortened, not ${answer.kind}`);
    expect(answer.endsMs).toBeLessThan(at.wallMs + remainingMs(timeline, at));
  });

  test('where nothing more can be shortened it says that it is tight, not that it cannot end in time', () => {
    const pinned = {
      ...hour,
      sections: hour.sections.map((section) => ({
        ...section,
        items: section.items.map((item) => (item.kind === 'movement' ? { ...item, pinned: true } : item)),
      })),
    };
    expect(shortenRest(pinned, timeline, inDanger(0.3), context)).toEqual({ kind: 'tight' });
  });
});
