import { configureStore, type UnknownAction } from '@reduxjs/toolkit';
import { ActionCreators } from 'redux-undo';
import { Block } from '../../../../core/session/plan/block';
import { newPause } from '../../../../core/session/plan/defaults';
import { type MovementItem, Session } from '../../../../core/session/plan/session';
import { SettleRoutine } from '../../../../core/session/plan/settleRoutine';
import { constant, line, session } from '../../../../core/testing/sample';
import * as draft from './draft';

/** Every change there is to a class on the desk: what it does, that it can be undone, and that it leaves a sound class. */

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
const step = (id: string): MovementItem => {
  const item = line({ id });
  if (item.kind !== 'movement') throw new Error('a line of a movement');
  return item;
};
const put = { items: [line({ id: 'p' })], blocks: [] };
const routine = SettleRoutine.parse({ when: 'at-end', lines: [{ movementId: 'sample', count: 1 }] });

/** An edit, and how the main part reads after it: ids of its lines, "=" a count other than six, "/" a block. */
const EDITS: Readonly<Record<string, readonly [UnknownAction, string]>> = {
  restored: [draft.restored({ ...before, sections: before.sections.slice(1) }), 'a b c/twice d'],
  headChanged: [draft.headChanged({ slotMinutes: 45 }), 'a b c/twice d'],
  paceChanged: [draft.paceChanged({ section: 1, pace: constant(5) }), 'a b c/twice d'],
  leadChanged: [draft.leadChanged({ section: 1, ledBy: 'clock' }), 'a b c/twice d'],
  settleChanged: [draft.settleChanged({ section: 1, settle: routine }), 'a b c/twice d'],
  lineAdded: [draft.lineAdded({ at: { section: 1, index: 1 }, item: newPause('rest', 'r', 30) }), 'a r b c/twice d'],
  lineAltered: [draft.lineAltered({ id: 'b', to: { count: 9 } }), 'a b=9 c/twice d'],
  lineChanged: [draft.lineChanged({ id: 'b', item: line({ id: 'b', count: 4 }) }), 'a b=4 c/twice d'],
  lineDoubled: [draft.lineDoubled('b', 'b2'), 'a b b2 c/twice d'],
  lineInSteps: [
    draft.lineInSteps({ id: 'b', lines: [step('s1'), step('s2')], block: block('steps') }),
    'a s1/steps s2/steps c/twice d',
  ],
  lineMoved: [draft.lineMoved({ id: 'a', to: { section: 1, index: 1 } }), 'b a c/twice d'],
  lineNoted: [draft.lineNoted({ id: 'b', note: 'slowly' }), 'a b c/twice d'],
  lineScripted: [draft.lineScripted({ id: 'b', script: 'Let the feet grow heavy.' }), 'a b c/twice d'],
  lineLed: [draft.lineLed({ id: 'b', ledBy: 'clock' }), 'a b c/twice d'],
  talkEnded: [draft.talkEnded({ id: 't', byItself: true }), 'a b c/twice d'],
  lineRemoved: [draft.lineRemoved('c'), 'a b d'],
  mended: [
    draft.mended([
      { kind: 'change', itemId: 'a', to: { count: 3 } },
      { kind: 'add', at: { section: 1, index: 0 }, item: newPause('rest', 'r', 60) },
    ]),
    'r a=3 b c/twice d',
  ],
  fitted: [
    draft.fitted({ edits: [{ kind: 'change', itemId: 'd', to: { count: 2 } }], slotMinutes: 30 }),
    'a b c/twice d=2',
  ],
  drafted: [draft.drafted(before.sections.slice(0, 1)), ''],
  findingSetAside: [
    draft.findingSetAside({ key: 'drift b', severity: 'notice', amount: 2, reason: 'they know' }),
    'a b c/twice d',
  ],
  findingBrought: [draft.findingBrought('drift a'), 'a b c/twice d'],
  linesGrouped: [draft.linesGrouped({ ids: ['a', 'b'], block: block('new') }), 'a/new b/new c/twice d'],
  linesShifted: [draft.linesShifted({ ids: ['a', 'b'], direction: 1 }), 'c/twice a b d'],
  linesRemoved: [draft.linesRemoved(['a', 'd']), 'b c/twice'],
  linesPut: [draft.linesPut({ at: { section: 1, index: 4 }, lines: put }), 'a b c/twice d p'],
  blockChanged: [draft.blockChanged({ id: 'twice', to: { rounds: 5 } }), 'a b c/twice d'],
  blockTakenApart: [draft.blockTakenApart('twice'), 'a b c d'],
  blockReplaced: [draft.blockReplaced({ id: 'twice', lines: put, to: { name: 'Other' } }), 'a b p/twice d'],
};

const desk = (open: Session) => {
  const store = configureStore({ reducer: draft.draftReducer });
  store.dispatch(draft.opened(open));
  return { store, present: () => store.getState().book.present };
};
const main = (of: Session | null): string =>
  (of?.sections.find(({ kind }) => kind === 'main')?.items ?? [])
    .map(({ id, block: within, ...item }) => {
      const count = 'count' in item && item.count !== 6 ? `=${item.count}` : '';
      return `${id}${count}${within === null ? '' : `/${within}`}`;
    })
    .join(' ');

test('no change is left out here', () => {
  const made = Object.entries(draft).flatMap(([name, action]) =>
    typeof action === 'function' && 'match' in action && draft.isEdit({ type: `draft/${name}` }) ? [name] : [],
  );
  expect(made.toSorted()).toEqual(Object.keys(EDITS).toSorted());
});

describe.each(Object.entries(EDITS))('%s', (_name, [edit, reads]) => {
  test('changes the class, leaves it sound, and goes back and forth exactly', () => {
    const { store, present } = desk(before);
    store.dispatch(edit);
    const after = present();
    expect(after).not.toEqual(before);
    expect(main(after)).toBe(reads);
    expect(Session.parse(after)).toEqual(after);
    store.dispatch(ActionCreators.undo());
    expect(present()).toBe(before);
    store.dispatch(ActionCreators.redo());
    expect(present()).toBe(after);
  });
});

test('what names a line that is gone changes nothing', () => {
  const { store, present } = desk(before);
  for (const edit of [
    draft.lineDoubled('gone'),
    draft.lineRemoved('gone'),
    draft.lineAltered({ id: 'gone', to: { count: 1 } }),
    draft.lineMoved({ id: 'gone', to: { section: 0, index: 0 } }),
    draft.linesRemoved(['gone']),
    draft.blockTakenApart('gone'),
  ])
    store.dispatch(edit);
  expect(present()).toEqual(before);
});

test('what was kept of a class is laid on the desk with its steps', () => {
  const { store, present } = desk(before);
  const [first, last] = [
    { ...before, title: 'First' },
    { ...before, title: 'Last' },
  ];
  store.dispatch(draft.reopened({ past: [first], present: before, future: [last] }));
  store.dispatch(ActionCreators.undo());
  expect(present()).toEqual(first);
  store.dispatch(ActionCreators.jump(2));
  expect(present()).toEqual(last);
});
