import type { EditRequest } from '../session/edit/edit';
import { Block } from '../session/plan/block';
import { newPause } from '../session/plan/defaults';
import type { Session } from '../session/plan/session';
import { fc } from './properties';
import { constant, line, movement, natural, session } from './sample';

/** Movements whose amounts differ: by repetitions, by beats in eights, held for seconds, by turns, in stages. */
export const EDITED = [
  movement({ id: 'sample' }),
  movement({
    id: 'eights',
    count: { unit: 'breaths', least: 4, usual: 8, most: 64, step: 4 },
    parts: { cycle: [natural(4)] },
  }),
  movement({
    id: 'turns',
    laterality: { sides: { kind: 'alternating', first: 'left', repetition: 'one-side' } },
    count: { unit: 'repetitions', least: 2, usual: 6, most: 36, step: 2 },
  }),
];
export const findEdited = (id: string) => EDITED.find((one) => one.id === id);

/** A class of two sections with lines of every kind and a block. */
export const editedClass = (id = 'tuesday'): Session =>
  session({
    id,
    sections: [
      {
        kind: 'warm-up',
        pace: constant(8),
        items: [line({ id: 'w', movementId: 'eights', count: 8 }), newPause('talk', 't', 60)],
      },
      {
        kind: 'main',
        pace: constant(6),
        items: [
          line({ id: 'a', range: { least: 4, most: 8 } }),
          line({ id: 'b', movementId: 'turns', ends: { by: 'clock', seconds: 60 } }),
          line({ id: 'c', block: 'twice' }),
          line({ id: 'd', block: 'twice', movementId: 'eights', count: 16 }),
          newPause('rest', 'r', 5),
          newPause('clock', 'k', 300),
        ],
        blocks: [Block.parse({ id: 'twice', rounds: 2 })],
      },
    ],
    setAside: [{ key: 'drift a', severity: 'notice', amount: 3, reason: 'the hall is wide' }],
  });

const itemId = fc.constantFrom('w', 't', 'a', 'b', 'c', 'd', 'r', 'k', 'new-1', 'new-2', 'new-3', 'gone');
const direction = fc.constantFrom<1 | -1>(1, -1);
const at = fc.record({ section: fc.integer({ min: 0, max: 2 }), index: fc.integer({ min: 0, max: 7 }) });
/** Amounts as they come from a field, a typed line or a slip of the finger. */
const amount = fc.constantFrom(0, -3, 0.5, 1.5, 2.5, 7, 13, 90, 4000, 100_000);
const asked = <Kind extends EditRequest['kind']>(kind: Kind, fields: object): fc.Arbitrary<EditRequest> =>
  fc.record({ kind: fc.constant(kind), ...fields }) as unknown as fc.Arbitrary<EditRequest>;

/** Whatever may be asked of that class, sensible or not. */
export const anyRequest: fc.Arbitrary<EditRequest> = fc.oneof(
  asked('step', { itemId, direction }),
  asked('amount', { itemId, amount }),
  asked('turn', { itemId }),
  asked('double', { itemId }),
  asked('stages', { itemId }),
  asked('nudge', { itemId, direction }),
  asked('pause', { at, pause: fc.constantFrom('rest', 'talk', 'clock'), seconds: amount }),
  asked('paste', {
    at,
    lines: fc.constant({ items: [line({ id: 'p', block: 'x' })], blocks: [Block.parse({ id: 'x' })] }),
  }),
  asked('together', {
    itemIds: fc.uniqueArray(itemId, { minLength: 1, maxLength: 3 }),
    as: fc.constant({ rounds: 2 }),
  }),
  asked('remove', { itemIds: fc.uniqueArray(itemId, { minLength: 1, maxLength: 3 }) }),
  asked('shift', { itemIds: fc.uniqueArray(itemId, { minLength: 1, maxLength: 3 }), direction }),
  asked('move', { itemId, to: at }),
  asked('change', {
    itemId,
    to: fc.oneof(
      fc.record({ rounds: amount }),
      fc.record({ count: amount }),
      fc.record({ count: amount, range: fc.record({ least: amount, most: amount }) }),
      fc.record({ ends: fc.record({ by: fc.constant('clock'), seconds: amount }) }),
      fc.record({ note: fc.string({ maxLength: 500 }) }),
      fc.record({ facing: amount }),
      fc.record({ seconds: amount }),
    ),
  }),
  asked('block', { blockId: fc.constantFrom('twice', 'gone'), to: fc.record({ rounds: amount }) }),
  asked('ungroup', { blockId: fc.constantFrom('twice', 'gone') }),
  asked('section', {
    section: fc.integer({ min: 0, max: 3 }),
    to: fc.record({ pace: fc.record({ from: amount, to: amount, easing: amount }) }),
  }),
  asked('head', {
    to: fc.oneof(
      fc.record({ title: fc.string({ maxLength: 130 }) }),
      fc.record({ slotMinutes: amount }),
      fc.record({ doors: fc.record({ before: amount, after: amount }) }),
    ),
  }),
  asked('leave', { aside: fc.constant({ key: 'sides b', severity: 'warn', amount: 2, reason: 'they know' }) }),
  asked('mind', { key: fc.constantFrom('drift a', 'sides b') }),
);

/** Ids in a row, so that later requests can name what earlier ones made. */
export function idsInRow(): () => string {
  let made = 0;
  return () => {
    made += 1;
    return `new-${made}`;
  };
}
