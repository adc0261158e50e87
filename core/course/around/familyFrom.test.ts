import { movement } from '../../testing/sample';
import { familyFrom, MOST_IN_SLOT, MOST_SLOTS } from './familyFrom';

const piece = (id: string) => movement({ id });
const pieces = Object.fromEntries(
  ['neck-roll', 'neck-turn', 'neck-nod', 'neck-lift', 'knee-circle', 'hip-circle', 'hip-sway'].map((id) => [
    id,
    piece(id),
  ]),
);
const passage = (...ids: string[]) => ids.flatMap((id) => pieces[id] ?? []);
/** What comes before the dash is what it is done for. */
const likeness = ({ id }: { readonly id: string }) => id.split('-')[0] ?? '';

test('what only one piece does is the core; what others do as well takes turns, in the order of the first passage', () => {
  const family = familyFrom(
    [passage('neck-roll', 'knee-circle', 'hip-circle'), passage('neck-turn', 'hip-sway'), passage('neck-turn')],
    likeness,
  );
  expect(family).toEqual({
    core: ['knee-circle'],
    slots: [
      ['neck-roll', 'neck-turn'],
      ['hip-circle', 'hip-sway'],
    ],
  });
});

test('no more stand in for each other than can be told apart, and each stands in one slot only', () => {
  const family = familyFrom(
    [passage('neck-roll', 'neck-nod', 'knee-circle'), passage('neck-turn', 'neck-lift')],
    likeness,
  );
  // Both others went to the first piece for the neck, so the second is done every time.
  expect(family?.slots).toEqual([['neck-roll', 'neck-turn', 'neck-lift']]);
  expect(family?.slots[0]).toHaveLength(MOST_IN_SLOT);
  expect(family?.core).toEqual(['neck-nod', 'knee-circle']);
});

test('passages that agree leave nothing to take turns; where everything could, one piece stays', () => {
  const same = passage('neck-roll', 'knee-circle');
  expect(familyFrom([same, same], likeness)).toEqual({ core: ['neck-roll', 'knee-circle'], slots: [] });
  expect(familyFrom([passage('neck-roll'), passage('neck-turn')], likeness)).toEqual({
    core: ['neck-roll'],
    slots: [],
  });
});

test('there are only so many slots, and without a first passage there is no family', () => {
  const names = Array.from({ length: MOST_SLOTS + 2 }, (_, place) => `part${place}`);
  const made = (end: string) => names.map((name) => piece(`${name}-${end}`));
  const family = familyFrom([made('one'), made('two')], likeness);
  expect(family?.slots).toHaveLength(MOST_SLOTS);
  expect(family?.core).toEqual([`part${MOST_SLOTS}-one`, `part${MOST_SLOTS + 1}-one`]);
  expect(familyFrom([], likeness)).toBeNull();
  expect(familyFrom([[], passage('neck-roll')], likeness)).toBeNull();
});
