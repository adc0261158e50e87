import { line, movement, plan } from '../../testing/sample';
import { Block } from '../plan/block';
import type { MovementItem } from '../plan/session';
import { timelineOf } from '../schedule/timeline';
import { lineTimes } from '../timeline/lineTimes';
import { lineReplaced, stepLines, stepsBlock } from './teachSteps';

const layered = movement({
  names: { english: ['Wave'] },
  layers: [
    { name: 'arms only', keeps: ['arms'] },
    { name: 'with the weight', keeps: ['arms', 'weight'] },
  ],
});
const written = line({ id: 'w', count: 6, rounds: 2, manner: 'explained', note: 'slowly' }) as MovementItem;
const fresh = () => {
  let count = 0;
  return () => {
    count += 1;
    return `s${count}`;
  };
};
const steps = stepLines(written, layered, fresh());
const block = stepsBlock(layered, 'b');

test('a line for each step at the least count, then the whole as it was; shown once', () => {
  expect(steps.map(({ id, layer, count, rounds, manner }) => [id, layer, count, rounds, manner])).toEqual([
    ['s1', 0, 1, 1, 'explained'],
    ['s2', 1, 1, 1, 'follow-along'],
    ['w', null, 6, 2, 'follow-along'],
  ]);
  expect(steps.map(({ note }) => note)).toEqual(['', '', 'slowly']);
  expect(stepLines(written, movement(), fresh())).toEqual([written]);
});

test('they stand where the line stood, in one block, and each has its own minutes', () => {
  const replaced = lineReplaced(plan([line({ id: 'a' }), written, line({ id: 'z' })]), 'w', steps, block);
  const [section] = replaced.sections;
  expect(section?.items.map(({ id, block: own }) => [id, own])).toEqual([
    ['a', null],
    ['s1', 'b'],
    ['s2', 'b'],
    ['w', 'b'],
    ['z', null],
  ]);
  expect(section?.blocks).toMatchObject([{ id: 'b', name: 'Wave, in steps', rounds: 1 }]);
  const answer = timelineOf(replaced, () => layered);
  if (!answer.ok) throw new Error('known');
  const times = lineTimes(answer.timeline);
  // Without the breath a half lasts four seconds; with it, at six a minute, five.
  expect(times.get('s2')?.lengthMs).toBe(8000);
  expect(times.get('w')?.lengthMs).toBe(120_000);
});

test('where blocks are two deep already they stay by themselves; an unknown line changes nothing', () => {
  const inner = { ...written, block: 'inner' };
  const one = plan([inner]);
  const blocks = [Block.parse({ id: 'outer' }), Block.parse({ id: 'inner', within: 'outer' })];
  const deep = { ...one, sections: one.sections.map((section) => ({ ...section, blocks })) };
  const replaced = lineReplaced(deep, 'w', stepLines(inner, layered, fresh()), block);
  expect(replaced.sections[0]?.items.map(({ block: own }) => own)).toEqual(['inner', 'inner', 'inner']);
  expect(replaced.sections[0]?.blocks).toHaveLength(2);
  expect(lineReplaced(one, 'gone', steps, block)).toBe(one);
});
