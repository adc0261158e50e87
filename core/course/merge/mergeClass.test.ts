import { moveLine, removeLine } from '../../session/edit/editPlan';
import { type Item, Session } from '../../session/plan/session';
import { fc } from '../../testing/properties';
import { constant, line, session } from '../../testing/sample';
import { times } from '../../testing/sweep';
import { mergeChanges } from './mergeChanges';
import { mergeClass } from './mergeClass';

/** A class drawn up from a course and changed by hand is drawn up again. */

const drawn = (main: Item[], more: Partial<Session> = {}): Session =>
  session({
    sections: [
      { kind: 'warm-up', pace: constant(8), items: [line({ id: 'w1', movementId: 'shake' })] },
      { kind: 'main', pace: constant(6), items: main },
    ],
    ...more,
  });
const of = (thread: string, role: 'introduce' | 'review' | 'run', step: number, change: Record<string, unknown> = {}) =>
  line({ id: `${role}-${thread}`, movementId: thread, origin: { thread, role, step }, ...change });
const mainOf = ({ sections }: Session) => sections.find(({ kind }) => kind === 'main')?.items ?? [];
const counts = (one: Session) =>
  mainOf(one).map((item) => (item.kind === 'movement' ? [item.movementId, item.count] : [item.kind]));

const base = drawn([of('walking', 'review', 1), of('clouds', 'introduce', 1), of('waves', 'review', 2)]);

test('a count changed by hand and a new piece from the plan both stand', () => {
  const mine = drawn([
    of('walking', 'review', 1, { count: 9 }),
    of('clouds', 'introduce', 1),
    of('waves', 'review', 2),
  ]);
  const theirs = drawn([
    of('walking', 'review', 1),
    of('clouds', 'introduce', 1),
    of('bow', 'review', 1),
    of('waves', 'review', 3, { count: 8 }),
  ]);
  const { session: merged, conflicts } = mergeClass(base, mine, theirs);
  expect(counts(merged)).toEqual([
    ['walking', 9],
    ['clouds', 6],
    ['bow', 6],
    ['waves', 8],
  ]);
  expect(conflicts).toEqual([]);
});

test('where both changed one count mine stands with theirs beside it, until theirs is taken', () => {
  const mine = drawn([
    of('walking', 'review', 1, { count: 9 }),
    of('clouds', 'introduce', 1),
    of('waves', 'review', 2),
  ]);
  const theirs = drawn([
    of('walking', 'review', 1, { count: 4 }),
    of('clouds', 'introduce', 1),
    of('waves', 'review', 2),
  ]);
  const { session: merged, conflicts } = mergeClass(base, mine, theirs);
  expect(counts(merged)[0]).toEqual(['walking', 9]);
  expect(conflicts).toMatchObject([{ line: { movementId: 'walking' }, field: { field: 'count', mine: 9, theirs: 4 } }]);
  const taken = mergeClass(base, mine, theirs, new Set(conflicts.map(({ id }) => id)));
  expect(counts(taken.session)[0]).toEqual(['walking', 4]);
});

test('deleted by hand stays deleted; what the plan takes out goes where it is untouched, and stays where it was changed', () => {
  const mine = drawn([of('clouds', 'introduce', 1, { note: 'by the window' }), of('waves', 'review', 2)]);
  const theirs = drawn([of('walking', 'review', 1, { count: 12 })]);
  const { session: merged, conflicts } = mergeClass(base, mine, theirs);
  expect(counts(merged)).toEqual([['clouds', 6]]);
  expect(conflicts).toMatchObject([{ line: { movementId: 'clouds' }, field: null }]);
  expect(counts(mergeClass(base, mine, theirs, new Set(conflicts.map(({ id }) => id))).session)).toEqual([]);
});

test('an order made by hand stays, and what the plan adds comes behind what it comes behind there', () => {
  const mine = drawn([of('waves', 'review', 2), of('walking', 'review', 1), of('clouds', 'introduce', 1)]);
  const theirs = drawn([
    of('walking', 'review', 1),
    of('bow', 'review', 1),
    of('clouds', 'introduce', 1),
    of('waves', 'review', 2),
  ]);
  expect(counts(mergeClass(base, mine, theirs).session).map(([id]) => id)).toEqual([
    'waves',
    'walking',
    'bow',
    'clouds',
  ]);
});

test('a line moved to another section by hand stays there', () => {
  const mine = moveLine(base, 'review-waves', { section: 0, index: 1 });
  const theirs = drawn([
    of('walking', 'review', 1),
    of('clouds', 'introduce', 1),
    of('waves', 'review', 2, { count: 8 }),
  ]);
  const { session: merged } = mergeClass(base, mine, theirs);
  expect(merged.sections[0]?.items).toMatchObject([{ movementId: 'shake' }, { movementId: 'waves', count: 8 }]);
});

test('a line of mine and a new one of the plan that share an id are told apart', () => {
  const mine = drawn([...mainOf(base), line({ id: 'extra', movementId: 'stand' })]);
  const theirs = drawn([...mainOf(base), line({ id: 'extra', movementId: 'bow' })]);
  const ids = mainOf(mergeClass(base, mine, theirs).session).map(({ id }) => id);
  expect(ids).toHaveLength(5);
  expect(new Set(ids).size).toBe(5);
});

test('what a class becomes is told line by line', () => {
  const after = drawn([
    of('walking', 'review', 1, { count: 9, note: 'slowly' }),
    of('bow', 'review', 1),
    of('waves', 'review', 3),
  ]);
  const told = mergeChanges(base, after).map(({ what, line: one, fields }) => [what, one.id, ...fields]);
  expect(told).toEqual([
    ['gone', 'introduce-clouds'],
    ['changed', 'review-walking', 'note', 'count'],
    ['new', 'review-bow'],
  ]);
});

/** A class with lines from a course and lines of its own, some in a block. */
const classes = fc
  .record({
    own: fc.array(fc.nat(4), { maxLength: 5 }),
    taught: fc.uniqueArray(fc.nat(6), { maxLength: 6 }),
    block: fc.nat(3),
    slot: fc.constantFrom(45, 60),
  })
  .map(({ own, taught, block, slot }) => {
    const main = taught.map((number, place) =>
      of(`t${number}`, place % 2 ? 'review' : 'introduce', 1, { block: place < block ? 'b' : null }),
    );
    return Session.parse({
      ...drawn([], { slotMinutes: slot }),
      sections: [
        {
          kind: 'warm-up',
          pace: constant(8),
          items: own.map((number, place) => line({ id: `w${place}`, movementId: `m${number}` })),
        },
        { kind: 'main', pace: constant(6), items: main, blocks: main.some((item) => item.block) ? [{ id: 'b' }] : [] },
      ],
    });
  });

type Change = (one: Session) => Session;
const lineIds = ({ sections }: Session) => sections.flatMap(({ items }) => items.map(({ id }) => id));
const changeLine = (one: Session, pick: number, change: (item: Item) => Item): Session => {
  const id = lineIds(one)[pick % Math.max(1, lineIds(one).length)];
  return {
    ...one,
    sections: one.sections.map((section) => ({
      ...section,
      items: section.items.map((item) => (item.id === id ? change(item) : item)),
    })),
  };
};
const idAt = (one: Session, pick: number) => lineIds(one)[pick % Math.max(1, lineIds(one).length)] ?? '';
/** What hands do to a class. */
const changes: fc.Arbitrary<Change> = fc.oneof(
  fc.tuple(fc.nat(), fc.integer({ min: 1, max: 30 })).map(
    ([pick, count]): Change =>
      (one) =>
        changeLine(one, pick, (item) => (item.kind === 'movement' ? { ...item, count } : item)),
  ),
  fc.tuple(fc.nat(), fc.constantFrom('slow', 'by the window')).map(
    ([pick, note]): Change =>
      (one) =>
        changeLine(one, pick, (item) => ({ ...item, note })),
  ),
  fc.nat().map(
    (pick): Change =>
      (one) =>
        removeLine(one, idAt(one, pick)),
  ),
  fc.tuple(fc.nat(), fc.nat(1), fc.nat(6)).map(
    ([pick, section, index]): Change =>
      (one) =>
        lineIds(one).length > 0 ? moveLine(one, idAt(one, pick), { section, index }) : one,
  ),
  fc.tuple(fc.nat(99), fc.nat(1)).map(
    ([number, section]): Change =>
      (one) => {
        const id = `added-${number}`;
        if (lineIds(one).includes(id)) return one;
        return {
          ...one,
          sections: one.sections.map((each, place) =>
            place === section ? { ...each, items: [...each.items, line({ id, movementId: `m${number % 5}` })] } : each,
          ),
        };
      },
  ),
  fc.constantFrom('Monday', 'Friday').map(
    (title): Change =>
      (one) => ({ ...one, title }),
  ),
);
const changed = (one: fc.Arbitrary<Session>) =>
  fc
    .tuple(one, fc.array(changes, { maxLength: 6 }), fc.array(changes, { maxLength: 6 }))
    .map(([start, hands, plan]) => {
      const all = (made: Change[]) => Session.parse(made.reduce((now, change) => change(now), start));
      return { base: start, mine: all(hands), theirs: all(plan) };
    });

const RUNS = { numRuns: times(4000, 100) };

test('nobody changed anything by hand: the class is as it is drawn up now', () => {
  fc.assert(
    fc.property(classes, classes, (was, then) =>
      expect(mergeClass(was, was, then)).toEqual({ session: then, conflicts: [] }),
    ),
    RUNS,
  );
});

test('the plan changed nothing: the class stays as it is; both the same: that; again: nothing more', () => {
  fc.assert(
    fc.property(changed(classes), ({ base: was, mine, theirs }) => {
      expect(mergeClass(was, mine, was)).toEqual({ session: mine, conflicts: [] });
      expect(mergeClass(was, mine, mine)).toEqual({ session: mine, conflicts: [] });
      const once = mergeClass(was, mine, theirs).session;
      expect(mergeClass(theirs, once, theirs)).toEqual({ session: once, conflicts: [] });
    }),
    RUNS,
  );
});

test('whatever both do the merged class is sound, and every change made by hand stands', () => {
  fc.assert(
    fc.property(changed(classes), ({ base: was, mine, theirs }) => {
      const { session: merged } = mergeClass(was, mine, theirs);
      expect(Session.safeParse(merged).error?.issues ?? []).toEqual([]);
      const all = merged.sections.flatMap(({ items }) => items);
      const before = was.sections.flatMap(({ items }) => items);
      for (const item of mine.sections.flatMap(({ items }) => items)) {
        const old = before.find(({ id }) => id === item.id);
        // A line added or changed by hand is there, with all that was changed.
        for (const field of ['count', 'note', 'movementId'] as const) {
          const [now, then] = [item, old].map((one) => (one as Record<string, unknown> | undefined)?.[field]);
          if (now === then) continue;
          expect(all.some((one) => (one as Record<string, unknown>)[field] === now)).toBe(true);
        }
      }
      for (const { id, origin } of before) {
        const isGone = !mine.sections.some(({ items }) => items.some((item) => item.id === id));
        if (isGone && origin)
          expect(all.some((one) => one.origin?.thread === origin.thread && one.id === id)).toBe(false);
      }
    }),
    RUNS,
  );
});
