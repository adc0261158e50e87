import { rememberBy } from './rememberBy';
import { rememberFor } from './rememberFor';

test('an answer is worked out once for each object, also where it is nothing', () => {
  const asked: object[] = [];
  const nothingOf = rememberFor((key: object) => {
    asked.push(key);
    return undefined;
  });
  const [one, other] = [{}, {}];
  for (const key of [one, other, one, one]) expect(nothingOf(key)).toBeUndefined();
  expect(asked).toEqual([one, other]);
});

test('an object that only looks the same is another one', () => {
  const lists = rememberFor((_: object) => [] as number[]);
  const key = { a: 1 };
  expect(lists(key)).toBe(lists(key));
  expect(lists(key)).not.toBe(lists({ a: 1 }));
});

test('with more than the object, an answer is kept for each name of the rest', () => {
  let worked = 0;
  const sum = rememberBy(
    ({ start }: { readonly start: number }, a: number, b: number | null) => {
      worked += 1;
      return start + a + (b ?? 0);
    },
    (a, b) => `${a} ${b}`,
  );
  const ten = { start: 10 };
  expect([sum(ten, 1, 2), sum(ten, 1, null), sum(ten, 1, 2), sum({ start: 20 }, 1, 2)]).toEqual([13, 11, 13, 23]);
  expect(worked).toBe(3);
});
