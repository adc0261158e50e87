import type { KeepingThread } from './keepingInThread';
import { longWork } from './longWork';

test('what was cancelled just as the thread answers is not carried on with', async () => {
  let answer: (zip: Uint8Array) => void = () => undefined;
  const thread = {
    work: () =>
      new Promise((resolve) => {
        answer = resolve;
      }),
    // It had answered before it was ended.
    end: async () => answer(new Uint8Array(1)),
  } as unknown as KeepingThread;
  const work = longWork(thread, 'somewhere');
  const swap = jest.fn();
  const asked = work.carryOut(async (ask) => {
    await ask('archive', {});
    swap();
  });
  expect(await work.cancel()).toBe(true);
  await expect(asked).rejects.toThrow('Cancelled. Nothing was changed.');
  expect(swap).not.toHaveBeenCalled();
  expect([work.underway(), await work.cancel()]).toEqual([null, false]);
});
