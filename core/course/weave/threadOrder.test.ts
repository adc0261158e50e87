import { fc } from '../../testing/properties';
import { awaitedFirst, shuffle } from './threadOrder';

test('a shuffle holds the same threads', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.nat(40)),
      fc.infiniteStream(fc.double({ min: 0, max: 0.999, noNaN: true })),
      (some, stream) => {
        const shuffled = shuffle(some, () => stream.next().value as number);
        expect(shuffled.toSorted((a, b) => a - b)).toEqual(some.toSorted((a, b) => a - b));
      },
    ),
  );
});

test('what others wait for comes first; what waits for nothing here stays where it was', () => {
  const links = [
    { me: 3, other: 1 },
    { me: 1, other: 2 },
    { me: 9, other: 3 },
  ];
  expect(awaitedFirst([3, 1, 5, 2], links)).toEqual([2, 1, 3, 5]);
  expect(awaitedFirst([4, 5], links)).toEqual([4, 5]);
});
