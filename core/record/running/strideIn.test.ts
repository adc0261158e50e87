import { inBreath, line, movement, outBreath, plan, timelineFor } from '../../testing/sample';
import { ledTo, poseIn } from './strideIn';

const lift = movement({
  id: 'lift',
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  parts: {
    cycle: [
      { ...inBreath, to: { sink: 30 } },
      { ...outBreath, to: { sink: 15 } },
    ],
  },
});
const timeline = timelineFor(plan([line({ movementId: 'lift', count: 2, manner: 'explained' })]), lift);
const moving = timeline.segments.filter(({ kind }) => kind === 'move');

test('a moment of a segment goes from where it begins to where it leads', () => {
  const [first, second] = moving;
  if (!first || !second) throw new Error('two phases');
  expect(poseIn(first, lift, 0, 5).sink).toBeCloseTo(15, 6);
  expect(poseIn(first, lift, 0.5, 5).sink).toBeGreaterThan(18);
  expect(poseIn(first, lift, 0.5, 5).sink).toBeLessThan(27);
  expect(poseIn(first, lift, 1, 5).sink).toBeCloseTo(30, 6);
  expect(ledTo(first, lift).pose.sink).toBeCloseTo(30, 6);
  expect(poseIn(second, lift, 1, 5).sink).toBeCloseTo(ledTo(second, lift).pose.sink, 6);
});

test('the end of one segment is the beginning of the next, all through a line', () => {
  for (const [at, segment] of moving.entries()) {
    const next = moving[at + 1];
    if (!next || next.side !== segment.side) continue;
    expect(poseIn(segment, lift, 1, 5).sink).toBeCloseTo(poseIn(next, lift, 0, 5).sink, 6);
  }
});

test('where nothing is moved it stands as the movement begins', () => {
  const naming = timeline.segments.find(({ part }) => part === null);
  if (!naming) throw new Error('an explained line is named first');
  expect(poseIn(naming, lift, 0.3, 4)).toEqual(ledTo(naming, lift).pose);
});
