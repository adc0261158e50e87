import { line, movement } from '../../testing/sample';
import type { MovementItem } from '../plan/session';
import { amountSaid, countWords } from '../report/countWords';
import { typedAmount, withWholeAmounts } from './amounts';
import { withChange } from './applyEdits';

const item = (change: Record<string, unknown>): MovementItem => {
  const made = line(change);
  if (made.kind !== 'movement') throw new Error('a line of a movement');
  return made;
};
const typed = (of: MovementItem, amount: number): MovementItem =>
  withChange(of, withWholeAmounts(of, typedAmount(of, amount), movement())) as MovementItem;

describe('a line that ends by the clock', () => {
  test('is changed by its seconds, and says its minutes', () => {
    const changed = typed(item({ ends: { by: 'clock', seconds: 60 } }), 300);
    expect(changed.ends).toEqual({ by: 'clock', seconds: 300 });
    expect([amountSaid(changed), countWords(movement(), changed).words]).toEqual([
      '5:00',
      'seconds, to the end of a cycle',
    ]);
  });
});

describe('a line from so many to so many', () => {
  test('says both, and is made wider by a count outside of it', () => {
    const ranged = item({ count: 6, range: { least: 5, most: 8 } });
    expect(amountSaid(ranged)).toBe('5 to 8');
    expect(typed(ranged, 10)).toMatchObject({ count: 10, range: { least: 5, most: 10 } });
    expect(typed(ranged, 3)).toMatchObject({ count: 3, range: { least: 3, most: 8 } });
  });
});
