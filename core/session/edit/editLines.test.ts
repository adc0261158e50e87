import { fc } from '../../testing/properties';
import { constant, line, plan } from '../../testing/sample';
import { times } from '../../testing/sweep';
import { Block, blockFaults } from '../plan/block';
import { freshLines, isSameSet } from '../plan/lineSet';
import type { Plan } from '../plan/session';
import {
  changeBlock,
  groupLines,
  putLines,
  replaceBlock,
  shiftLines,
  takeApart,
  takeLines,
  whyNotTogether,
  withoutLines,
} from './editLines';
import { insertLine, moveLine, removeLine } from './editPlan';

const NAMES = ['a', 'b', 'c', 'd', 'e', 'f'];
const base: Plan = plan(
  NAMES.map((id) => line({ id })),
  constant(6),
);
const two: Plan = {
  ...base,
  sections: [...base.sections, { ...(base.sections[0] as Plan['sections'][number]), kind: 'cool-down', items: [] }],
};
const of = (...ids: string[]) => new Set(ids);
const block = (id: string, more: Partial<Block> = {}) => Block.parse({ id, ...more });
/** "a b(x) c(x) d" */
const said = ({ sections }: Pick<Plan, 'sections'>): string =>
  sections
    .map(({ items }) => items.map(({ id, block: own }) => (own === null ? id : `${id}(${own})`)).join(' '))
    .join(' | ');
const blocksOf = ({ sections }: Pick<Plan, 'sections'>) => sections.flatMap(({ blocks }) => blocks);

test('lines that follow each other become a block, and come apart again', () => {
  const grouped = groupLines(base, of('b', 'c'), block('x', { rounds: 2 }));
  expect(said(grouped)).toBe('a b(x) c(x) d e f');
  expect(takeApart(grouped, 'x')).toEqual(base);
  expect(blocksOf(changeBlock(grouped, 'x', { rounds: 5 }))[0]).toMatchObject({ id: 'x', rounds: 5 });
});

test('a block can hold another, whichever was made first; a third is refused', () => {
  const inner = groupLines(base, of('b', 'c'), block('x'));
  const outside = groupLines(inner, of('a', 'b', 'c', 'd'), block('y'));
  expect(said(outside)).toBe('a(y) b(x) c(x) d(y) e f');
  expect(blocksOf(outside).find(({ id }) => id === 'x')?.within).toBe('y');
  const outer = groupLines(base, of('a', 'b', 'c', 'd'), block('y'));
  expect(said(groupLines(outer, of('b', 'c'), block('x')))).toBe(said(outside));
  expect(whyNotTogether(outside, of('b'))).toBe('Blocks go two deep at most.');
  expect(whyNotTogether(outside, of('a', 'b', 'c', 'd', 'e'))).toBe('Blocks go two deep at most.');
  expect(groupLines(outside, of('b'), block('z'))).toBe(outside);
});

test('lines apart, or half in a block and half out, are refused with the reason', () => {
  expect(whyNotTogether(base, of('a', 'c'))).toBe('Only lines that follow each other.');
  const grouped = groupLines(base, of('b', 'c'), block('x'));
  expect(whyNotTogether(grouped, of('a', 'b'))).toBe('Lines of one block only.');
});

test('a line put between lines of a block joins it; taken out of it, it leaves; the last one takes the block along', () => {
  const grouped = groupLines(base, of('b', 'c'), block('x'));
  expect(said(insertLine(grouped, { section: 0, index: 2 }, line({ id: 'n' })))).toBe('a b(x) n(x) c(x) d e f');
  expect(said(insertLine(grouped, { section: 0, index: 3 }, line({ id: 'n' })))).toBe('a b(x) c(x) n d e f');
  expect(said(moveLine(grouped, 'b', { section: 0, index: 5 }))).toBe('a c(x) d e f b');
  expect(blocksOf(removeLine(removeLine(grouped, 'b'), 'c'))).toEqual([]);
});

test('lines move together past one line, or past a whole block, and on into the next section', () => {
  const grouped = groupLines(two, of('c', 'd'), block('x'));
  expect(said(shiftLines(grouped, of('a', 'b'), 1))).toBe('c(x) d(x) a b e f | ');
  expect(said(shiftLines(grouped, of('e', 'f'), -1))).toBe('a b e f c(x) d(x) | ');
  expect(said(shiftLines(grouped, of('c', 'd'), 1))).toBe('a b e c(x) d(x) f | ');
  expect(said(shiftLines(grouped, of('f'), 1))).toBe('a b c(x) d(x) e | f');
  expect(shiftLines(two, of('a'), -1)).toBe(two);
});

test('what is copied keeps its blocks under fresh names, and half a block is only its lines', () => {
  const grouped = groupLines(two, of('b', 'c'), block('x', { rounds: 3 }));
  let n = 0;
  const copy = freshLines(takeLines(grouped, of('b', 'c')), () => {
    n += 1;
    return `n${n}`;
  });
  expect(said(putLines(grouped, { section: 1, index: 0 }, copy))).toBe('a b(x) c(x) d e f | n2(n1) n3(n1)');
  expect(takeLines(grouped, of('a', 'b'))).toMatchObject({ items: [{ block: null }, { block: null }], blocks: [] });
  expect(said(putLines(grouped, { section: 0, index: 2 }, copy))).toBe('a b(x) c(x) n2(n1) n3(n1) d e f | ');
});

test('rows of lines are the same whatever their ids, and another count or another nesting makes them others', () => {
  const rows = takeLines(groupLines(two, of('b', 'c'), block('x', { rounds: 3 })), of('a', 'b', 'c'));
  let n = 0;
  const copy = freshLines(rows, () => {
    n += 1;
    return `n${n}`;
  });
  expect(isSameSet(rows, copy)).toBe(true);
  const [first, ...rest] = copy.items;
  expect(isSameSet(rows, { ...copy, items: [{ ...first, count: 99 } as never, ...rest] })).toBe(false);
  expect(isSameSet(rows, { ...copy, blocks: copy.blocks.map((one) => ({ ...one, rounds: 2 })) })).toBe(false);
  expect(isSameSet(rows, { items: copy.items.map((item) => ({ ...item, block: null })), blocks: [] })).toBe(false);
});

test('a block takes over other lines in its place', () => {
  const grouped = groupLines(base, of('b', 'c'), block('x', { origin: { passageId: 'loosen', version: 1 } }));
  const lines = { items: [line({ id: 'p' }), line({ id: 'q', block: 'in' })], blocks: [block('in', { rounds: 2 })] };
  const replaced = replaceBlock(grouped, 'x', lines, { origin: { passageId: 'loosen', version: 2 } });
  expect(said(replaced)).toBe('a p(x) q(in) d e f');
  expect(blocksOf(replaced).find(({ id }) => id === 'x')?.origin?.version).toBe(2);
});

test('whatever is done to the lines, their blocks can be', () => {
  const ids = fc.subarray(NAMES, { minLength: 1 }).map((some) => new Set(some));
  const step = fc.oneof(
    ids.map((some) => (now: Plan) => groupLines(now, some, block(`g${blocksOf(now).length}-${[...some].join('')}`))),
    ids.map((some) => (now: Plan) => shiftLines(now, some, 1)),
    ids.map((some) => (now: Plan) => shiftLines(now, some, -1)),
    fc.constantFrom(...NAMES).map((id) => (now: Plan) => {
      const first = blocksOf(now)[0];
      return first ? takeApart(now, first.id) : moveLine(now, id, { section: 0, index: 1 });
    }),
    fc.tuple(fc.constantFrom(...NAMES), fc.nat(5)).map(
      ([id, index]) =>
        (now: Plan) =>
          moveLine(now, id, { section: 0, index }),
    ),
    ids.map((some) => (now: Plan) => {
      const kept = takeLines(now, some);
      return kept.items.length === NAMES.length
        ? now
        : putLines(withoutLines(now, some), { section: 1, index: 0 }, kept);
    }),
  );
  fc.assert(
    fc.property(fc.array(step, { maxLength: 12 }), (steps) => {
      const after = steps.reduce<Plan>((now, one) => one(now), two);
      for (const { items, blocks } of after.sections) expect(blockFaults(items, blocks)).toEqual([]);
      expect(after.sections.flatMap(({ items }) => items.map(({ id }) => id)).toSorted()).toEqual(NAMES);
    }),
    { numRuns: times(3000, 300), seed: 7 },
  );
});
