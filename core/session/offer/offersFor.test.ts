import { searchOf } from '../../movement/edit/search';
import { Form } from '../../movement/schema/form';
import { find } from '../../testing/cleanClass';
import { fc } from '../../testing/properties';
import { session } from '../../testing/sample';
import { LineSet } from '../plan/lineSet';
import type { OfferedRepertoire } from './offer';
import { offersFor } from './offersFor';

const pieces = Form.parse({
  id: 'three-pieces',
  names: { english: ['Three Pieces'] },
  tradition: 'qigong',
  about: 'A row of pieces, each repeated.',
  entries: ['lift', 'sides', 'squat'].map((movementId) => ({ movementId, cycles: 6 })),
});
const routine = Form.parse({
  id: 'lamp-form',
  names: { english: ['Lamp Form'] },
  tradition: 'tai-chi',
  about: 'A form in which each posture comes once.',
  entries: ['lift', 'sides', 'squat', 'lift'].map((movementId) => ({ movementId })),
});
const movements = ['lift', 'sides', 'squat'].flatMap((id) => find(id) ?? []);
const repertoire: OfferedRepertoire = { forms: [pieces, routine], find, newest: find, search: searchOf(movements) };
const empty = session({ sections: [{ kind: 'main', pace: { from: 6, to: 6, easing: 0 }, items: [] }] });
const offers = (text: string) => offersFor(text, empty, 0, repertoire);
const first = (text: string) => {
  const [offer] = offers(text);
  const items = offer?.lines?.items ?? [];
  return {
    reading: offer?.reading,
    lines: items.map((item) => (item.kind === 'movement' ? [item.movementId, item.count] : [item.kind, item.seconds])),
    rounds: offer?.lines?.blocks[0]?.rounds,
  };
};

describe('a form', () => {
  test.each([
    ['lamp form', 'the whole form, 4 postures', 4, 1],
    ['lamp form x2', 'the whole form, 4 postures, 2 times', 4, 2],
    ['2x lamp form', 'the whole form, 4 postures, 2 times', 4, 2],
    ['lamp form twice', 'the whole form, 4 postures, 2 times', 4, 2],
    ['lamp form 1x through', 'the whole form, 4 postures', 4, 1],
    ['lamp 2-3', 'postures 2 to 3 of 4', 2, 1],
    ['lamp form 2', 'the form as far as posture 2 of 4', 2, 1],
    ['first half of lamp form', 'the form as far as posture 2 of 4', 2, 1],
    ['lamp form first three', 'the form as far as posture 3 of 4', 3, 1],
    ['lamp form to squat', 'the form as far as posture 3 of 4', 3, 1],
    ['3 pieces', 'the whole form, 3 postures', 3, 1],
  ])('“%s” is %s', (text, reading, lines, rounds) => {
    const read = first(text);
    expect([read.reading, read.lines.length, read.rounds]).toEqual([reading, lines, rounds]);
  });

  test('of a row of pieces, six times is six of each; so is a count that is said to be for each', () => {
    expect(first('three pieces 4x').lines.map(([, count]) => count)).toEqual([4, 4, 4]);
    expect(first('three pieces, 8 of each')).toMatchObject({ reading: 'the whole form, 3 postures, 8 of each' });
    expect(first('three pieces twice')).toMatchObject({ rounds: 2 });
  });

  test('a time beside its name does not change it, and is said as not used', () => {
    expect(offers('lamp form 5 min')[0]?.unused).toBe('300 s');
  });
});

describe('a line in which nobody is led', () => {
  test.each([
    ['water break 2', 'rest', 120, '2:00: “water break”'],
    ['rest 1-2 min', 'rest', 90, '1:30: “1 to 2 min”'],
    ['partner work 5 min', 'talk', 300, '5:00: “partner work”'],
    ['show it from behind 2 min', 'talk', 120, '2:00: “show it from behind”'],
    ['something nobody knows 4 min', 'talk', 240, '4:00: “something nobody knows”'],
  ])('“%s”', (text, kind, seconds, reading) => {
    expect(first(text)).toMatchObject({ lines: [[kind, seconds]], reading });
  });
});

test('whatever is typed, every offer is lines that a class can hold, or says that it has none', () => {
  const words = fc.constantFrom(
    'lift',
    'sides',
    'squats',
    'lamp form',
    'three pieces',
    'rest',
    'talk',
    'first half of',
    'to squat',
    'each',
    'both ways',
    'right only',
    'twice',
    'x',
    '+',
    '-',
    'min',
    's',
    '0',
    '1/2',
    'in all',
    'breaths',
    'rounds of',
    '"',
    "'",
  );
  const part = fc.oneof(words, words, fc.nat(100_000).map(String), fc.string({ maxLength: 6 }));
  fc.assert(
    fc.property(fc.array(part, { minLength: 1, maxLength: 7 }), (parts) => {
      for (const { lines, newName, reading } of offers(parts.join(' '))) {
        if (lines === null) expect([newName === null, reading.includes('too much')]).not.toEqual([true, false]);
        else expect(LineSet.safeParse(lines).error?.issues ?? []).toEqual([]);
      }
    }),
  );
});
