import { act, render } from '@testing-library/react';
import { beginTeaching, type Teaching } from '../../../core/record/standing/teaching';
import { movement, timelineOfLine } from '../../../core/testing/sample';
import { useTeaching } from './useTeaching';

const timeline = timelineOfLine(movement(), { count: 2 });

/** A class on a screen that draws sixty times, a sixtieth of a second apart; answers how often the class was drawn for it. */
function drawsInOneSecond(teaching: Teaching): number {
  const waiting: FrameRequestCallback[] = [];
  let now = 5000;
  Object.assign(window, {
    matchMedia: () => ({ matches: false, addEventListener: () => undefined, removeEventListener: () => undefined }),
    requestAnimationFrame: (frame: FrameRequestCallback) => waiting.push(frame),
    cancelAnimationFrame: () => undefined,
  });
  const spies = [
    jest.spyOn(performance, 'now').mockImplementation(() => now),
    jest.spyOn(Date, 'now').mockImplementation(() => 1_780_000_000_000 + now),
  ];
  let draws = 0;
  function Face() {
    draws += 1;
    return <p>{useTeaching(timeline, teaching).running.teaching.planMs}</p>;
  }
  const { unmount } = render(<Face />);
  const before = draws;
  for (let frame = 0; frame < 60; frame += 1) {
    now += 1000 / 60;
    act(() => {
      for (const draw of waiting.splice(0)) draw(now);
    });
  }
  unmount();
  for (const spy of spies) spy.mockRestore();
  return draws - before;
}

test('a class in hand is drawn as its time passes; once it is over it stands', () => {
  const begun = { ...beginTeaching(), paused: false };
  expect(drawsInOneSecond(begun)).toBeGreaterThan(50);
  // React may look once more before it knows that nothing is new.
  expect(drawsInOneSecond({ ...begun, finished: true })).toBeLessThanOrEqual(1);
});
