import { isSamePlan } from '../../session/edit/planOf';
import { beats, line, movement, plan, session, timelineFor } from '../../testing/sample';
import { beginTeaching } from '../standing/teaching';
import { advance } from './advance';
import { goesOnByItself, passUnled, takeUp } from './resume';

const minutes = (n: number) => n * 60_000;
const now = Date.parse('2026-12-01T19:30:00Z');
const tuesday = session();
const changed = { ...tuesday, slotMinutes: tuesday.slotMinutes + 5 };

test('a class left a moment ago goes on by itself, one left before the break does not', () => {
  const left = (ago: number) => goesOnByItself({ plan: tuesday, seenAt: now - ago }, now, tuesday);
  expect([left(0), left(minutes(1)), left(minutes(14)), left(minutes(16)), left(minutes(60 * 24 * 7))]).toEqual([
    true,
    true,
    true,
    false,
    false,
  ]);
});

test('a class that was changed since is asked about, however recent; where nobody knows, it goes on', () => {
  const against = (current: typeof tuesday | null) =>
    goesOnByItself({ plan: tuesday, seenAt: now - 1000 }, now, current);
  expect([against(tuesday), against(changed), against(null)]).toEqual([true, false, true]);
});

test('a clock that was put back does not make an old class recent', () =>
  expect(goesOnByItself({ plan: tuesday, seenAt: now + minutes(5) }, now, tuesday)).toBe(false));

test('another title or day is the same plan', () => {
  expect(isSamePlan(tuesday, session({ title: 'Another', date: '2027-01-01' }))).toBe(true);
  expect(isSamePlan(tuesday, changed)).toBe(false);
});

test('the time a reload took is in the record, on the line it fell on, and the class stands on the same breath', () => {
  const timeline = timelineFor(
    plan([line({ id: 'lift', count: 3 }), line({ id: 'swing', movementId: 'swing', count: 5 })]),
    movement(),
    movement({ id: 'swing', parts: { cycle: [beats(4, 60)] } }),
  );
  const before = advance(timeline, beginTeaching(), 12_000);
  const after = passUnled(timeline, before, 4000);
  expect(after).toMatchObject({ planMs: 12_000, wallMs: 16_000, spent: { lift: 16_000 }, paused: false });
  expect(passUnled(timeline, { ...before, paused: true }, 4000)).toMatchObject({ wallMs: 16_000, paused: true });
});

describe('a class that is taken up again', () => {
  const timeline = timelineFor(plan([line({ id: 'lift', count: 30 })]), movement());
  const startedAt = '2026-12-01T19:05:00.000Z';
  const kept = {
    teaching: advance(timeline, beginTeaching(), minutes(2)),
    startedAt,
    seenAt: Date.parse(startedAt) + minutes(2),
  };

  test('an hour later, after an empty battery, has stood for that hour: its end is an hour later', () => {
    const again = takeUp(timeline, kept, kept.seenAt + minutes(60));
    expect(again).toMatchObject({ startedAt, teaching: { planMs: minutes(2), wallMs: minutes(62) } });
  });
  test('on the next day goes on by the clock of that day, with what was taught of it', () => {
    const again = takeUp(timeline, kept, kept.seenAt + minutes(24 * 60));
    expect(again.teaching).toEqual(kept.teaching);
    expect(again.startedAt).toBe('2026-12-02T19:05:00.000Z');
  });
});
