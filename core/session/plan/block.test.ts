import { constant, inBreath, line, movement, outBreath, plan, timelineFor } from '../../testing/sample';
import { sessionDemand } from '../load/sessionDemand';
import { totalCount } from '../report/countWords';
import { unrollBlocks } from '../schedule/unrollBlocks';
import { lineTimes } from '../timeline/lineTimes';
import { Block, blockFaults, isDoneIn } from './block';
import type { Item, Plan } from './session';

const lift = movement({ id: 'lift', names: { english: ['lift'] }, parts: { cycle: [inBreath, outBreath] } });
const bow = movement({
  id: 'bow',
  names: { english: ['bow'] },
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  start: { stance: 'bow', side: 'left', load: { left: 70, right: 30 }, sink: 40, arms: 'hanging' },
  parts: { cycle: [inBreath, outBreath] },
});
const all = [lift, bow];
const find = (id: string) => all.find((one) => one.id === id);

const block = (more: Partial<Block> = {}): Block => Block.parse({ id: 'b', ...more });
const member = (id: string, movementId: string, more: Record<string, unknown> = {}) =>
  line({ id, movementId, count: 2, block: 'b', manner: 'quiet', ...more });

/** A class of one main part of these lines and blocks. */
const classOf = (items: Item[], ...blocks: Block[]): Plan => {
  const one = plan(items, constant(6));
  return { ...one, sections: one.sections.map((section) => ({ ...section, blocks })) };
};
const sectionOf = (of: Plan) => of.sections[0] as Plan['sections'][number];
const order = (of: Plan) =>
  unrollBlocks(sectionOf(of)).map(({ item, between }) => {
    const side = item.kind === 'movement' && item.sides !== 'usual' ? ` ${item.sides.replace('-only', '')}` : '';
    return `${between ? `${between.kind} ${between.seconds}, ` : ''}${item.id}${side}`;
  });

describe('lines that come round in a block', () => {
  test('two lines in three rounds with rest between are six occurrences', () => {
    const of = classOf([member('x', 'lift'), member('y', 'bow')], block({ rounds: 3, roundRest: 20 }));
    expect(order(of)).toEqual(['x', 'y', 'round-rest 20, x', 'y', 'round-rest 20, x', 'y']);
  });

  test('a chain is done all on one side, then all on the other', () => {
    const of = classOf([member('x', 'bow'), member('y', 'bow')], block({ chain: 'right' }));
    expect(order(of)).toEqual(['x right', 'y right', 'side-change 4, x left', 'y left']);
    const moved = timelineFor(of, ...all).segments.filter(({ kind }) => kind === 'move');
    expect(moved.map(({ side }) => side)).toEqual([...new Array(8).fill('right'), ...new Array(8).fill('left')]);
  });

  test('the steps to the other side of a chain are taken while it is said', () => {
    const changes = (id: string) => {
      const timeline = timelineFor(classOf([member('x', id)], block({ chain: 'left' })), ...all);
      expect(timeline.items[1]).toMatchObject({ itemId: 'x', bridge: null });
      return timeline.segments
        .filter(({ kind }) => kind === 'side-change')
        .map(({ call, lengthMs }) => [call, lengthMs]);
    };
    // Three actions at a second and a half each, the foot turning while the weight goes over; where the feet stand already it only has to be said.
    expect(changes('bow')).toEqual([
      ['All of it on the other side. Weight left, step right, weight right, turn the left foot', 4500],
    ]);
    expect(changes('lift')).toEqual([['All of it on the other side', 4000]]);
  });

  test('the last round ends otherwise, and the first is done without what comes later', () => {
    const lines = [
      member('x', 'lift'),
      member('end', 'lift', { inRounds: 'last' }),
      member('y', 'bow', { inRounds: 'but-last' }),
      member('z', 'lift', { inRounds: 'later' }),
    ];
    expect(order(classOf(lines, block({ rounds: 3 })))).toEqual(['x', 'y', 'x', 'y', 'z', 'x', 'end', 'z']);
    expect(isDoneIn('first', 1, 3)).toBe(true);
    expect(isDoneIn('first', 2, 3)).toBe(false);
  });

  test('a block within a block comes round in every round of the outer one', () => {
    const inner = Block.parse({ id: 'inner', within: 'b', rounds: 2 });
    const lines = [member('x', 'lift'), member('y', 'lift', { block: 'inner' }), line({ id: 'z', movementId: 'lift' })];
    expect(order(classOf(lines, block({ rounds: 2 }), inner))).toEqual(['x', 'y', 'y', 'x', 'y', 'y', 'z']);
  });

  test('a chain within rounds takes both sides in each round', () => {
    const chain = Block.parse({ id: 'inner', within: 'b', chain: 'left' });
    const lines = [member('x', 'lift'), member('y', 'bow', { block: 'inner' })];
    expect(order(classOf(lines, block({ rounds: 2 }), chain))).toEqual([
      'x',
      'y left',
      'side-change 4, y right',
      'x',
      'y left',
      'side-change 4, y right',
    ]);
  });

  test('a count is counted over all rounds of its block, and a chain counts each side once', () => {
    const totals = (more: Partial<Block>) => {
      const section = sectionOf(
        classOf([member('x', 'bow', { count: 4 }), member('y', 'lift', { count: 4 })], block(more)),
      );
      return [totalCount(bow, section, 'x'), totalCount(lift, section, 'y')];
    };
    expect(totals({})).toEqual([8, 4]);
    expect(totals({ rounds: 3 })).toEqual([24, 12]);
    expect(totals({ rounds: 3, chain: 'left' })).toEqual([24, 24]);
  });

  test('both sides of a chain are one round', () => {
    const timeline = timelineFor(classOf([member('x', 'bow')], block({ chain: 'left', rounds: 2 })), ...all);
    const rounds = timeline.segments.filter(({ kind }) => kind === 'move').map(({ round, side }) => `${side} ${round}`);
    expect([...new Set(rounds)]).toEqual(['left 1', 'right 1', 'left 2', 'right 2']);
  });

  test('what has been shown is not shown again', () => {
    const timeline = timelineFor(classOf([member('x', 'lift', { manner: 'explained' })], block({ rounds: 3 })), ...all);
    expect(timeline.segments.filter(({ kind }) => kind === 'showing')).toHaveLength(1);
  });

  test('a block of one round is as if it were not there', () => {
    const lines = [line({ id: 'x', movementId: 'lift' }), line({ id: 'y', movementId: 'bow' })];
    const within = lines.map((one) => ({ ...one, block: 'b' }));
    expect(timelineFor(classOf(within, block()), ...all).segments).toEqual(
      timelineFor(classOf(lines), ...all).segments,
    );
  });

  test('every time a line comes round counts towards its minutes, and rounds are numbered through', () => {
    const of = classOf([member('x', 'lift', { rounds: 2 }), member('y', 'bow')], block({ rounds: 2, roundRest: 15 }));
    const timeline = timelineFor(of, ...all);
    const lines = [...lineTimes(timeline).values()];
    expect(lines.map(({ itemId, occurrences }) => [itemId, occurrences.length])).toEqual([
      ['x', 2],
      ['y', 2],
    ]);
    expect(lines.reduce((sum, { lengthMs }) => sum + lengthMs, 0)).toBe(timeline.totalMs);
    const rounds = timeline.segments.filter(({ itemId, kind }) => itemId === 'x' && kind === 'move');
    expect([...new Set(rounds.map(({ round }) => round))]).toEqual([1, 2, 3, 4]);
  });

  test('a lower round asks more of the thighs than the one before it, and nothing else changes', () => {
    const of = classOf([member('x', 'bow')], block({ rounds: 2, lower: 8 }));
    const timeline = timelineFor(of, ...all);
    expect(timeline.segments.filter(({ kind }) => kind === 'move').map(({ lower }) => lower)).toEqual([
      ...new Array(8).fill(0),
      ...new Array(8).fill(8),
    ]);
    const thighs = (occurrence: number) => {
      const { startMs, lengthMs } = timeline.items[occurrence] ?? { startMs: 0, lengthMs: 0 };
      const pieces = sessionDemand(of, timeline, find).filter(
        (piece) => piece.startMs >= startMs && piece.startMs < startMs + lengthMs,
      );
      return Math.max(...pieces.map(({ demand }) => demand.sink));
    };
    expect(thighs(1) - thighs(0)).toBeCloseTo(8, 6);
    const level = timelineFor(classOf([member('x', 'bow')], block({ rounds: 2 })), ...all);
    expect(level.totalMs).toBe(timeline.totalMs);
  });
});

describe('blocks that cannot be are said to be so, and where', () => {
  const at = (items: { block: string | null }[], ...blocks: Block[]) =>
    blockFaults(items, blocks).map(({ path, message }) => `${path.join('.')}: ${message}`);
  const deep = [block(), Block.parse({ id: 'c', within: 'b' }), Block.parse({ id: 'd', within: 'c' })];
  test('a block that is not there', () =>
    expect(at([{ block: 'gone' }], block())).toEqual(['items.0.block: there is no block "gone" here']));
  test('lines that do not follow each other', () =>
    expect(at([{ block: 'b' }, { block: null }, { block: 'b' }], block())).toEqual([
      'items.2.block: the lines of a block follow each other',
    ]));
  test('three deep', () => expect(at([], ...deep)).toEqual(['blocks.2.within: blocks go two deep at most']));
  test('two of one name', () => expect(at([], block(), block())).toEqual(['blocks: two blocks share an id']));
  test('an inner block may stand between lines of the outer one', () =>
    expect(at([{ block: 'b' }, { block: 'c' }, { block: 'b' }], ...deep.slice(0, 2))).toEqual([]));
});
