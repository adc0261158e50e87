import type { MovementItem } from '../session/plan/session';
import { line, movement, plan, session, timelineFor } from '../testing/sample';
import type { ClassLog } from './classLog';
import { passedOn, passedOnBy } from './passedOn';
import { itemsWrittenAfter } from './writtenAfter';

const clouds = movement({ id: 'clouds', names: { english: ['Clouds'] } });
const find = (id: string) => (id === 'clouds' ? clouds : undefined);
const of = (id: string, change: Record<string, unknown> = {}) =>
  line({ id, movementId: 'clouds', count: 4, ...change }) as MovementItem;
const say = (words: string) => [{ at: { unit: 'rounds' as const, at: 1 }, say: words }];

describe('what one group’s line passes on', () => {
  test('is what was changed in it: more of it, and words; what is the same already is none', () => {
    const passed = passedOn(of('w'), of('m', { count: 6, cues: say('quieter') }), of('b'), find);
    expect(passed).toMatchObject({ itemId: 'w', from: 'm', said: ['6 instead of 4', 'cues'] });
    expect(passed?.to).toMatchObject({ id: 'w', count: 6, cues: say('quieter') });
    expect(passedOn(of('w', { count: 6 }), of('m', { count: 6 }), of('b'), find)).toBeNull();
  });
  test('leaves alone what the two groups have always done otherwise', () => {
    const passed = passedOn(of('w', { rounds: 2 }), of('m', { count: 6 }), of('b'), find);
    expect(passed?.to).toMatchObject({ count: 6, rounds: 2 });
    expect(passedOn(of('w', { rounds: 2 }), of('m'), of('b'), find)).toBeNull();
  });
});

describe('the records of another group', () => {
  const logOf = (id: string, change: Record<string, unknown>, more: Partial<ClassLog> = {}): ClassLog => {
    const taught = session({ ...plan([of(`line-${id}`, change)]), id: `class-${id}` });
    const timeline = timelineFor(taught, clouds);
    return {
      id,
      sessionId: taught.id,
      startedAt: '2026-11-23T19:05:00Z',
      endedAt: '2026-11-23T20:05:00Z',
      plan: taught,
      items: itemsWrittenAfter(taught, timeline, find, { leftOut: new Set(), tookMs: timeline.totalMs }),
      attendance: null,
      notes: '',
      stops: [],
      answered: [],
      letGo: [],
      ...more,
    };
  };
  const wednesday = session({ ...plan([of('w')]), id: 'wednesday' });
  const monday = logOf('monday', { count: 6 });
  const before = logOf('before', { count: 4 });

  test('offer what was changed when it was last done, to the class that has the same piece', () => {
    const [one] = passedOnBy(wednesday, [monday, before], 1, find);
    expect([one?.log.id, one?.passed.said]).toEqual(['monday', ['6 instead of 4']]);
  });
  test('offer nothing that is long ago, was left out, was let go, or of which nobody knows how it was before', () => {
    const leftOut = { ...monday, items: monday.items.map((item) => ({ ...item, outcome: 'left out' as const })) };
    const letGo = { ...monday, letGo: [{ itemId: 'line-monday', sessionId: 'wednesday' }] };
    expect(passedOnBy(wednesday, [monday, before], 0, find)).toEqual([]);
    expect(passedOnBy(wednesday, [leftOut, before], 1, find)).toEqual([]);
    expect(passedOnBy(wednesday, [letGo, before], 1, find)).toEqual([]);
    expect(passedOnBy(wednesday, [monday], 1, find)).toEqual([]);
    // For another class it is still offered.
    expect(passedOnBy({ ...wednesday, id: 'thursday' }, [letGo, before], 1, find)).toHaveLength(1);
  });
});
