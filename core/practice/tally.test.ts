import { fc } from '../testing/properties';
import {
  addTally,
  aimOn,
  beginTally,
  EMPTY_TALLY,
  stopTally,
  TALLY_STEPS,
  Tally,
  type TallyAim,
  tallyDays,
  undoTally,
} from './tally';

const DAY = '2026-11-27';

test('three hundred swings are eight times thirty-six, a nine and three', () => {
  const presses = [...Array(8).fill(36), 9, 1, 1, 1];
  const tally = presses.reduce((before: typeof EMPTY_TALLY, many: number) => addTally(before, DAY, many), EMPTY_TALLY);
  expect(tallyDays(tally)).toEqual([{ day: DAY, many: 300 }]);
  expect(tallyDays(undoTally(tally))).toEqual([{ day: DAY, many: 299 }]);
});

test('taking back undoes exactly what was added, on whichever day', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom('2026-11-26', DAY), fc.constantFrom(...TALLY_STEPS)), { maxLength: 40 }),
      (presses) => {
        const steps = [EMPTY_TALLY];
        for (const [day, many] of presses) steps.push(addTally(steps.at(-1) ?? EMPTY_TALLY, day, many));
        let tally = steps.at(-1) ?? EMPTY_TALLY;
        expect(Tally.safeParse(tally).success).toBe(true);
        for (const before of steps.slice(0, -1).toReversed()) {
          tally = undoTally(tally);
          expect(tally.days).toEqual(before.days);
        }
        expect(undoTally(tally)).toEqual(EMPTY_TALLY);
      },
    ),
  );
});

describe('minutes that grow', () => {
  const aim: TallyAim = { by: 'minutes', from: 1, to: 3 };
  const after = (...seconds: number[]) =>
    seconds.reduce((tally, many, at) => (many > 0 ? addTally(tally, `2026-11-0${at + 1}`, many) : tally), EMPTY_TALLY);
  const on = (tally: Tally, day: string) => aimOn(aim, tally, day) / 60;

  test('grow by one after each day that brought them, and no further than they are meant to', () => {
    expect(on(EMPTY_TALLY, '2026-11-01')).toBe(1);
    expect(on(after(60), '2026-11-02')).toBe(2);
    // What is done today changes nothing of what was meant for today.
    expect(on(after(60, 120), '2026-11-02')).toBe(2);
    expect(on(after(60, 120, 180, 240), '2026-11-05')).toBe(3);
  });
  test('stay where a day was left out or brought less: nobody starts anew', () => {
    expect(on(after(60, 0, 119), '2026-11-04')).toBe(2);
    expect(aimOn({ by: 'times', daily: 300 }, after(60), '2026-11-04')).toBe(300);
  });
  test('are measured from beginning to end; one that was forgotten counts two hours', () => {
    const running = beginTally(EMPTY_TALLY, 1000);
    expect(beginTally(running, 9000).since).toBe(1000);
    expect(stopTally(running, DAY, 62_999)).toMatchObject({ days: { [DAY]: 61 }, since: null });
    expect(stopTally(running, DAY, 86_400_000).days[DAY]).toBe(7200);
    expect(stopTally(EMPTY_TALLY, DAY, 1)).toEqual(EMPTY_TALLY);
    expect(stopTally(running, DAY, 1200)).toEqual(EMPTY_TALLY);
  });
});
