import { constant, line, session } from '../../testing/sample';
import { Block } from '../plan/block';
import { newPause } from '../plan/defaults';
import { type MovementItem, Session } from '../plan/session';
import { SettleRoutine } from '../plan/settleRoutine';
import { applyToClass } from './applyEdits';
import { between } from './between';
import type { ClassEdit } from './edit';

/** Every kind of change there is to a class: what it does, that it leaves a sound class, and that there is a way back. */

const before = session({
  sections: [
    { kind: 'warm-up', pace: constant(8), items: [line({ id: 'w' }), newPause('talk', 't', 60)] },
    {
      kind: 'main',
      pace: constant(6),
      items: ['a', 'b', 'c', 'd'].map((id) => line({ id, block: id === 'c' ? 'twice' : null })),
      blocks: [{ id: 'twice', rounds: 2 }],
    },
  ],
  setAside: [{ key: 'drift a', severity: 'notice', amount: 3, reason: 'the hall is wide' }],
});

const block = (id: string) => Block.parse({ id, name: 'Together', rounds: 3 });
const stage = (id: string): MovementItem => {
  const item = line({ id });
  if (item.kind !== 'movement') throw new Error('a line of a movement');
  return item;
};
const put = { items: [line({ id: 'p' })], blocks: [] };
const routine = SettleRoutine.parse({ when: 'at-end', lines: [{ movementId: 'sample', count: 1 }] });
const arranged = [
  { lines: [{ id: 'w', block: null }], blocks: [] },
  { lines: ['d', 't', 'c', 'b', 'a'].map((id) => ({ id, block: id === 'b' ? 'new' : null })), blocks: [block('new')] },
];

type Case = readonly [words: string, edits: readonly ClassEdit[], reads: string];
/** An edit, and how the main part reads after it: ids of its lines, "=" a count other than six, "/" a block. */
const EDITS: { readonly [Kind in ClassEdit['kind']]: readonly Case[] } = {
  head: [
    ['its slot', [{ kind: 'head', to: { slotMinutes: 45 } }], 'a b c/twice d'],
    ['what was set aside', [{ kind: 'head', to: { setAside: [] } }], 'a b c/twice d'],
    ['measured times come and go', [{ kind: 'head', to: { takes: { talk: 1.2 } } }], 'a b c/twice d'],
  ],
  change: [
    ['a count', [{ kind: 'change', itemId: 'b', to: { count: 9 } }], 'a b=9 c/twice d'],
    ['a note', [{ kind: 'change', itemId: 'b', to: { note: 'slowly' } }], 'a b c/twice d'],
    ['what leads it', [{ kind: 'change', itemId: 'b', to: { ledBy: 'clock' } }], 'a b c/twice d'],
    ['a talk that ends', [{ kind: 'change', itemId: 't', to: { endsByItself: true } }], 'a b c/twice d'],
    ['the seconds of a talk', [{ kind: 'change', itemId: 't', to: { seconds: 90 } }], 'a b c/twice d'],
  ],
  add: [
    ['a rest', [{ kind: 'add', at: { section: 1, index: 1 }, item: newPause('rest', 'r', 30) }], 'a r b c/twice d'],
    [
      'a rest beside a count',
      [
        { kind: 'change', itemId: 'a', to: { count: 3 } },
        { kind: 'add', at: { section: 1, index: 0 }, item: newPause('rest', 'r', 60) },
      ],
      'r a=3 b c/twice d',
    ],
  ],
  put: [['at the end', [{ kind: 'put', at: { section: 1, index: 4 }, lines: put }], 'a b c/twice d p']],
  remove: [
    ['one', [{ kind: 'remove', itemIds: ['c'] }], 'a b d'],
    ['several', [{ kind: 'remove', itemIds: ['a', 'd'] }], 'b c/twice'],
  ],
  move: [['further down', [{ kind: 'move', itemId: 'a', to: { section: 1, index: 1 } }], 'b a c/twice d']],
  shift: [['past a block', [{ kind: 'shift', itemIds: ['a', 'b'], direction: 1 }], 'c/twice a b d']],
  section: [
    ['its pace', [{ kind: 'section', section: 1, to: { pace: constant(5) } }], 'a b c/twice d'],
    ['what leads it', [{ kind: 'section', section: 1, to: { ledBy: 'clock' } }], 'a b c/twice d'],
    ['how it is settled', [{ kind: 'section', section: 1, to: { settle: routine } }], 'a b c/twice d'],
  ],
  group: [['two lines', [{ kind: 'group', itemIds: ['a', 'b'], block: block('new') }], 'a/new b/new c/twice d']],
  block: [['its rounds', [{ kind: 'block', blockId: 'twice', to: { rounds: 5 } }], 'a b c/twice d']],
  ungroup: [['taken apart', [{ kind: 'ungroup', blockId: 'twice' }], 'a b c d']],
  refill: [['other lines', [{ kind: 'refill', blockId: 'twice', lines: put, to: { name: 'Other' } }], 'a b p/twice d']],
  split: [
    [
      'in stages',
      [{ kind: 'split', itemId: 'b', lines: [stage('s1'), stage('s2')], block: block('steps') }],
      'a s1/steps s2/steps c/twice d',
    ],
  ],
  arrange: [['all anew', [{ kind: 'arrange', sections: arranged }], 'd t c b/new a']],
  sections: [['others', [{ kind: 'sections', sections: before.sections.slice(0, 1) }], '']],
};

const main = (of: Session): string =>
  (of.sections.find(({ kind }) => kind === 'main')?.items ?? [])
    .map(({ id, block: within, ...item }) => {
      const count = 'count' in item && item.count !== 6 ? `=${item.count}` : '';
      return `${id}${count}${within === null ? '' : `/${within}`}`;
    })
    .join(' ');

describe.each(Object.entries(EDITS))('%s', (_kind, cases) => {
  test.each(cases)('%s: changes the class, leaves it sound, and there is a way back', (_words, edits, reads) => {
    const after = applyToClass(before, edits);
    expect(after).not.toEqual(before);
    expect(main(after)).toBe(reads);
    expect(Session.parse(after)).toEqual(after);
    expect(applyToClass(after, between(after, before))).toEqual(before);
  });
});

test('what names a line that is gone, or a field a line does not have, changes nothing', () => {
  const edits: ClassEdit[] = [
    { kind: 'remove', itemIds: ['gone'] },
    { kind: 'change', itemId: 'gone', to: { count: 1 } },
    { kind: 'change', itemId: 't', to: { rounds: 3 } },
    { kind: 'move', itemId: 'gone', to: { section: 0, index: 0 } },
    { kind: 'ungroup', blockId: 'gone' },
  ];
  expect(applyToClass(before, edits)).toEqual(before);
});

test('what is not changed stays the same objects', () => {
  const after = applyToClass(before, [{ kind: 'change', itemId: 'b', to: { count: 9 } }]);
  expect(after.sections[0]).toBe(before.sections[0]);
  expect(after.sections[1]?.items[0]).toBe(before.sections[1]?.items[0]);
});
