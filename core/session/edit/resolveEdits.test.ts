import { editedClass, findEdited, idsInRow } from '../../testing/madeUpEdits';
import { line, movement } from '../../testing/sample';
import type { Item, Session } from '../plan/session';
import type { EditRequest } from './edit';
import { resolveEdits } from './resolveEdits';

const context = () => ({ find: findEdited, freshId: idsInRow() });
const after = (request: EditRequest, before: Session = editedClass()): Session => {
  const resolved = resolveEdits(before, [request], context());
  if (!resolved.ok) throw new Error(resolved.reason);
  return resolved.session;
};
const refused = (request: EditRequest): string => {
  const resolved = resolveEdits(editedClass(), [request], context());
  return resolved.ok ? 'made' : resolved.reason;
};
const item = (session: Session, id: string): Item | undefined =>
  session.sections.flatMap(({ items }) => items).find((one) => one.id === id);

describe('one step more or less', () => {
  const steps = (id: string, directions: readonly (1 | -1)[]) =>
    directions.reduce((now, direction) => after({ kind: 'step', itemId: id, direction }, now), editedClass());

  test('of a line that ends by the clock is ten seconds of its clock, and its count stays', () => {
    expect(item(steps('b', [1]), 'b')).toMatchObject({ count: 6, ends: { by: 'clock', seconds: 70 } });
    expect(item(steps('b', [-1, -1]), 'b')).toMatchObject({ ends: { by: 'clock', seconds: 40 } });
  });

  test('of a line between 4 and 8 takes its range along', () => {
    expect(item(steps('a', [1, 1]), 'a')).toMatchObject({ count: 8, range: { least: 6, most: 10 } });
  });

  test('of a rest of five seconds is none down and ten up', () => {
    expect(item(steps('r', [-1]), 'r')).toMatchObject({ seconds: 5 });
    expect(item(steps('r', [1]), 'r')).toMatchObject({ seconds: 10 });
    expect(item(steps('r', [1, 1, -1, -1, -1]), 'r')).toMatchObject({ seconds: 5 });
  });

  test('is by the movement’s own step', () => {
    expect(item(steps('w', [1]), 'w')).toMatchObject({ count: 12 });
  });

  test('at the end of what there is changes nothing, so that there is nothing to undo', () => {
    expect(resolveEdits(steps('r', [-1]), [{ kind: 'step', itemId: 'r', direction: -1 }], context())).toMatchObject({
      edits: [],
    });
  });
});

test('amounts are made whole: cycles, rounds, and a range around its count', () => {
  expect(item(after({ kind: 'amount', itemId: 'w', amount: 9.4 }), 'w')).toMatchObject({ count: 8 });
  expect(item(after({ kind: 'amount', itemId: 'w', amount: 0.2 }), 'w')).toMatchObject({ count: 4 });
  expect(item(after({ kind: 'amount', itemId: 'b', amount: 45.6 }), 'b')).toMatchObject({ ends: { seconds: 46 } });
  expect(item(after({ kind: 'change', itemId: 'a', to: { rounds: 2.5 } }), 'a')).toMatchObject({ rounds: 3 });
  expect(item(after({ kind: 'change', itemId: 'a', to: { rounds: 0 } }), 'a')).toMatchObject({ rounds: 1 });
  expect(item(after({ kind: 'amount', itemId: 'a', amount: 12 }), 'a')).toMatchObject({
    count: 12,
    range: { least: 4, most: 12 },
  });
  expect(item(after({ kind: 'change', itemId: 'a', to: { range: { least: 9, most: 7 } } }), 'a')).toMatchObject({
    count: 7,
    range: { least: 7, most: 9 },
  });
});

test('new lines get ids of their own and whole amounts', () => {
  const lines = { items: [line({ id: 'p', rounds: 1 })].map((one) => ({ ...one, rounds: 1.5 }) as Item), blocks: [] };
  const session = after({ kind: 'paste', at: { section: 0, index: 0 }, lines });
  expect(session.sections[0]?.items[0]).toMatchObject({ id: 'new-1', rounds: 2 });
  expect(
    after({ kind: 'double', itemId: 'a' })
      .sections[1]?.items.map(({ id }) => id)
      .slice(0, 2),
  ).toEqual(['a', 'new-1']);
});

test('a movement is taught stage by stage, and each stage is a line', () => {
  const staged = movement({
    id: 'sample',
    layers: [
      { name: 'arms only', keeps: ['arms'] },
      { name: 'with the turn', keeps: ['arms', 'turn'] },
    ],
  });
  const resolved = resolveEdits(editedClass(), [{ kind: 'stages', itemId: 'a' }], {
    find: () => staged,
    freshId: idsInRow(),
  });
  expect(resolved.ok && resolved.edits.map(({ kind }) => kind)).toEqual(['split']);
  expect(resolved.ok && resolved.session.sections[1]?.items.slice(0, 3)).toMatchObject([
    { layer: 0 },
    { layer: 1 },
    { layer: null },
  ]);
});

test.each<readonly [EditRequest, RegExp]>([
  [{ kind: 'step', itemId: 'gone', direction: 1 }, /no longer in this class/],
  [{ kind: 'remove', itemIds: ['a', 'gone'] }, /no longer in this class/],
  [{ kind: 'ungroup', blockId: 'gone' }, /block is no longer/],
  [{ kind: 'section', section: 9, to: { ledBy: 'clock' } }, /section is no longer/],
  [
    { kind: 'group', itemIds: ['a', 'c'], block: { ...editedClass().sections[1]?.blocks[0], id: 'x' } as never },
    /Lines|follow/,
  ],
  [{ kind: 'change', itemId: 'r', to: { rounds: 2 } }, /has no rounds/],
  [{ kind: 'change', itemId: 'a', to: { note: 'x'.repeat(401) } }, /Sample Lift: note/],
  [{ kind: 'head', to: { title: '  ' } }, /a class needs a name/],
  [{ kind: 'head', to: { slotMinutes: 4 } }, /less than 5 minutes/],
  [{ kind: 'add', at: { section: 0, index: 0 }, item: line({ id: 'a' }) }, /share this id/],
])('what cannot be is refused with its reason: %j', (request, reason) => {
  expect(refused(request)).toMatch(reason);
});

test('of several edits none is made where one cannot be', () => {
  const both = resolveEdits(
    editedClass(),
    [
      { kind: 'step', itemId: 'a', direction: 1 },
      { kind: 'step', itemId: 'gone', direction: 1 },
    ],
    context(),
  );
  expect(both.ok).toBe(false);
});
