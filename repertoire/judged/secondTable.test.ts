import { shippedRepertoire } from '../../server/shippedRepertoire';
import { readClass } from './readClass';
import { SECOND_TABLE } from './secondTable';

const { find } = shippedRepertoire();

test('thirty classes and more, each of which can be laid out, with forty dangers planted in them', () => {
  expect(SECOND_TABLE.length).toBeGreaterThanOrEqual(30);
  for (const { name, class: written } of SECOND_TABLE)
    expect([name, readClass(written, find).slotMinutes >= 5]).toEqual([name, true]);
  expect(SECOND_TABLE.flatMap(({ wanted }) => wanted).length).toBeGreaterThanOrEqual(40);
});

test('what is wanted of a movement is wanted of one that stands in its class', () => {
  const astray = SECOND_TABLE.flatMap(({ name, class: written, wanted }) =>
    wanted
      .filter(({ of }) => of !== undefined && !Object.values(written).join(', ').includes(of))
      .map(({ why }) => `${name}: ${why}`),
  );
  expect(astray).toEqual([]);
});
