import { constant, inBreath, line, movement, outBreath, plan, timelineFor, timelineOfLine } from '../../testing/sample';
import { changeLine, insertLine, moveLine, neighbourPlace, placeOf, removeLine } from '../edit/editPlan';
import { emptySections, newMovementItem, steppedCount } from '../plan/defaults';
import { Session } from '../plan/session';
import { NO_DOORS, USUAL_DOORS } from '../plan/slotTime';
import { segmentAt } from '../timeline/segmentAt';
import { explainItem } from './explain';
import { forecastOf } from './forecast';
import { slotVerdict } from './slotVerdict';

const eachSide = { sides: { kind: 'each-side', first: 'left' } };

describe('why an item takes its minutes', () => {
  test('the parts name each side and sum to the item', () => {
    const timeline = timelineOfLine(movement({ laterality: eachSide }), { count: 3, manner: 'explained' });
    const parts = explainItem(timeline, 'line');
    expect(parts.map(({ kind, side, times, breaths, ms }) => [kind, side, times, breaths, ms])).toEqual([
      ['naming', null, 1, null, 2800],
      ['showing', null, 1, null, 9667],
      ['move', 'left', 3, 3, 30_000],
      ['side-change', null, 1, null, 4000],
      ['move', 'right', 3, 3, 30_000],
    ]);
    expect(parts.reduce((sum, { ms }) => sum + ms, 0)).toBe(timeline.totalMs);
  });

  test('an alternating line is one part that belongs to no single side', () => {
    const turns = movement({
      laterality: { sides: { kind: 'alternating', first: 'left', repetition: 'there-and-back' } },
    });
    expect(explainItem(timelineOfLine(turns, { count: 3 }), 'line')).toMatchObject([
      { kind: 'move', side: null, times: 3, breaths: 6 },
    ]);
  });

  test('an unknown item has no parts', () => {
    expect(explainItem(timelineOfLine(movement(), {}), 'nobody')).toEqual([]);
  });
});

describe('the slot', () => {
  test.each([
    [0, 'empty'],
    [41 * 60_000, 'under'],
    [42 * 60_000, 'fits'],
    [45 * 60_000 + 15_000, 'fits'],
    [45 * 60_000 + 15_001, 'over'],
  ])('a class that has ended after %i ms in eight of ten is %s in 45 minutes', (safeMs, state) => {
    expect(slotVerdict({ safeMs }, { slotMinutes: 45, doors: NO_DOORS }).state).toBe(state);
    expect(slotVerdict({ safeMs }, { slotMinutes: 58, doors: { before: 8, after: 5 } }).state).toBe(state);
    // Where nobody follows it may end ten minutes later.
    const later = slotVerdict(
      { safeMs: safeMs === 0 ? 0 : safeMs + 600_000 },
      { slotMinutes: 45, doors: { ...NO_DOORS, runsOn: 10 } },
    );
    if (state === 'over') expect(later.state).toBe('over');
    else expect(later.state).not.toBe('over');
  });
  test('with nothing uncertain but the class as a whole, 46 min 48 s fit into 50, and 47 min 10 s do not', () => {
    const fits = (seconds: number) =>
      slotVerdict(forecastOf([{ seconds, deviation: 0 }]), { slotMinutes: 60, doors: USUAL_DOORS }).state;
    expect([46 * 60 + 48, 47 * 60 + 10].map(fits)).toEqual(['fits', 'over']);
  });
});

describe('finding the running segment', () => {
  const timeline = timelineOfLine(movement(), { count: 2 }, constant(6));
  test.each([
    [-5, 0],
    [0, 0],
    [4999, 0],
    [5000, 1],
    [19_999, 3],
    [50_000, 3],
  ])('at %i ms it is segment %i', (ms, index) => expect(segmentAt(timeline, ms)).toBe(index));

  test('an empty class has none', () => expect(segmentAt(timelineFor(plan([])), 0)).toBe(-1));
});

describe('editing a running order', () => {
  const session = Session.parse({
    id: 'tuesday',
    title: 'Tuesday',
    groupId: null,
    date: '2026-12-01',
    startsAt: '19:00',
    ...plan([line({ id: 'a' }), line({ id: 'b' }), line({ id: 'c' })]),
    sections: [
      { kind: 'main', pace: constant(6), items: [line({ id: 'a' }), line({ id: 'b' })] },
      { kind: 'cool-down', pace: constant(6), items: [line({ id: 'c' })] },
    ],
  });
  const ids = (of: Session) => of.sections.map(({ items }) => items.map(({ id }) => id).join(''));

  test('lines are put in, moved across sections, changed and removed', () => {
    expect(ids(insertLine(session, { section: 0, index: 1 }, line({ id: 'x' })))).toEqual(['axb', 'c']);
    expect(ids(moveLine(session, 'a', { section: 1, index: 0 }))).toEqual(['b', 'ac']);
    expect(ids(removeLine(session, 'b'))).toEqual(['a', 'c']);
    const changed = changeLine(session, 'c', (item) => ({ ...item, note: 'slowly' }));
    expect(changed.sections[1]?.items[0]?.note).toBe('slowly');
    expect(session.sections[1]?.items[0]?.note).toBe('');
  });

  test('a line steps over the edge of its section and stops at the ends of the class', () => {
    expect(neighbourPlace(session, 'b', 1)).toEqual({ section: 1, index: 0 });
    expect(neighbourPlace(session, 'c', -1)).toEqual({ section: 0, index: 2 });
    expect(neighbourPlace(session, 'a', -1)).toBeNull();
    expect(neighbourPlace(session, 'c', 1)).toBeNull();
    expect(placeOf(session, 'nobody')).toBeNull();
  });

  test('two lines may not share an id', () => {
    const twice = Session.safeParse({ ...session, sections: [session.sections[0], { ...session.sections[0] }] });
    expect(twice.error?.issues[0]).toMatchObject({ path: ['sections', 1, 'items', 0, 'id'] });
  });
});

describe('a new line', () => {
  const one = movement({
    count: { unit: 'repetitions', least: 3, usual: 6, most: 9, step: 3 },
    parts: { cycle: [inBreath, outBreath] },
  });

  test('takes the usual count and is led as its section is led', () => {
    expect(newMovementItem('n', one, 'warm-up')).toMatchObject({ count: 6, manner: 'follow-along' });
    expect(newMovementItem('n', one, 'main', 4)).toMatchObject({ count: 4, manner: 'named' });
  });

  test('counts step by the movement and stay in its range', () => {
    expect([steppedCount(one, 6, 1), steppedCount(one, 9, 1), steppedCount(one, 3, -1)]).toEqual([9, 9, 3]);
  });

  test('a new class has the five sections in order', () => {
    expect(emptySections().map(({ kind }) => kind)).toEqual(['opening', 'warm-up', 'main', 'cool-down', 'closing']);
  });
});
