import { editedClass, findEdited } from '../../testing/madeUpEdits';
import { newPause } from '../plan/defaults';
import { describeEdits } from './describeEdits';
import type { ClassEdit } from './edit';

test.each<readonly [ClassEdit, readonly string[]]>([
  [{ kind: 'change', itemId: 'c', to: { count: 9 } }, ['Sample Lift 6 → 9']],
  [{ kind: 'change', itemId: 't', to: { seconds: 130 } }, ['Talk 1:00 → 2:10']],
  [{ kind: 'change', itemId: 'r', to: { seconds: 40 } }, ['Rest 5 sec → 40 sec']],
  [{ kind: 'change', itemId: 'c', to: { rounds: 2, note: 'slowly' } }, ['Sample Lift: rounds, note']],
  [{ kind: 'remove', itemIds: ['c'] }, ['Sample Lift left out']],
  [{ kind: 'remove', itemIds: ['a', 'b', 'c', 'd'] }, ['4 lines left out']],
  [{ kind: 'add', at: { section: 0, index: 0 }, item: newPause('rest', 'x', 30) }, ['30 sec rest added']],
  [
    { kind: 'section', section: 1, to: { pace: { from: 6, to: 5, easing: 60 } } },
    ['Main breathes 6 → 6 to 5 a minute'],
  ],
  [{ kind: 'head', to: { slotMinutes: 45, title: 'Other' } }, ['slot, name']],
])('an edit in a few words: %j', (edit, words) => {
  expect(describeEdits(editedClass(), [edit], findEdited)).toEqual(words);
});
