import { constant, line, session } from '../testing/sample';
import { linesLeftOut, movementsLeftOut, threadsLeftOut } from './leftOut';

const origin = (thread: string) => ({ thread, role: 'review', step: 1 });
const taught = session({
  sections: [
    {
      kind: 'main',
      pace: constant(6),
      items: [
        line({ id: 'a', movementId: 'clouds@2', origin: origin('clouds') }),
        line({ id: 'b', movementId: 'clouds', origin: origin('clouds') }),
        line({ id: 'c', movementId: 'lift', origin: origin('lift') }),
      ],
    },
  ],
});

test('a movement was left out where every line of it was, in whatever version', () => {
  expect(movementsLeftOut(taught, new Set(['c']))).toEqual(['lift']);
  expect(movementsLeftOut(taught, new Set(['a', 'c']))).toEqual(['lift']);
  expect(movementsLeftOut(taught, new Set(['a', 'b', 'c']))).toEqual(['clouds', 'lift']);
  expect(movementsLeftOut(taught, new Set())).toEqual([]);
});

test('so was a topic of its course', () => {
  expect(threadsLeftOut(taught, new Set(['a', 'b']))).toEqual(['clouds']);
  expect(threadsLeftOut(taught, new Set(['a']))).toEqual([]);
});

test('what was cut short was not left out', () => {
  const items = [
    { itemId: 'a', outcome: 'left out' },
    { itemId: 'b', outcome: 'cut short' },
  ];
  expect([...linesLeftOut(items)]).toEqual(['a']);
});
