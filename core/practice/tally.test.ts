import fc from 'fast-check';
import { addTally, EMPTY_TALLY, TALLY_STEPS, Tally, tallyDays, undoTally } from './tally';

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
