import { configureStore } from '@reduxjs/toolkit';
import type { ClassEdit } from '../../../../core/session/edit/edit';
import { newPause } from '../../../../core/session/plan/defaults';
import type { Session } from '../../../../core/session/plan/session';
import { SettleRoutine } from '../../../../core/session/plan/settleRoutine';
import { constant, line, session } from '../../../../core/testing/sample';
import { closed, draftReducer, edited, opened, redone, replaced, saveStateChanged, shown, undone } from './draft';

const lay = (of: Session) => opened({ session: of, revision: 1, saveState: { kind: 'saved' } });
const desk = () => {
  const store = configureStore({ reducer: draftReducer });
  store.dispatch(lay(session({ id: 'one' })));
  const draft = (classId = 'one') => {
    const found = store.getState().classes[classId];
    if (!found) throw new Error('it is edited here');
    return found;
  };
  return {
    store,
    draft,
    present: (classId?: string) => draft(classId).history.present,
    past: (classId?: string) => draft(classId).history.past.length,
    edit: (edit: ClassEdit, classId = 'one') => store.dispatch(edited({ classId, edits: [edit] })),
    undo: (times = 1, classId = 'one') => {
      for (let step = 0; step < times; step += 1) store.dispatch(undone({ classId }));
    },
    redo: (times = 1, classId = 'one') => {
      for (let step = 0; step < times; step += 1) store.dispatch(redone({ classId }));
    },
  };
};
const head = (to: Extract<ClassEdit, { kind: 'head' }>['to']): ClassEdit => ({ kind: 'head', to });

test('typing a title is one step, every other change a step of its own', () => {
  const { present, past, edit, undo } = desk();
  for (const title of ['W', 'We', 'Wednesday']) edit(head({ title }));
  expect(past()).toBe(1);
  edit(head({ slotMinutes: 45 }));
  edit(head({ slotMinutes: 30 }));
  edit({ kind: 'remove', itemIds: ['a'] });
  expect(past()).toBe(4);
  undo();
  expect(present().sections[0]?.items).toHaveLength(1);
  undo(3);
  expect(present()).toEqual(session({ id: 'one' }));
});

test('a note and a name are one step each, however many letters they have', () => {
  const { present, past, edit, undo } = desk();
  for (const note of ['s', 'sl', 'slow']) edit({ kind: 'change', itemId: 'a', to: { note } });
  expect(past()).toBe(1);
  const routine = SettleRoutine.parse({ when: 'at-end', lines: [{ movementId: 'sample', count: 1 }] });
  const settle = (to: SettleRoutine) => edit({ kind: 'section', section: 0, to: { settle: to } });
  settle(routine);
  for (const name of ['H', 'Ha', 'Hands home']) settle({ ...routine, name });
  settle({ ...routine, name: 'Hands home', when: 'after-each' });
  expect(past()).toBe(4);
  undo(2);
  expect(present().sections[0]).toMatchObject({ settle: { name: '', when: 'at-end' }, items: [{ note: 'slow' }] });
});

test('two hundred steps back and forth come to the same class', () => {
  const { present, edit, undo, redo } = desk();
  for (let step = 0; step < 200; step += 1)
    edit({ kind: 'add', at: { section: 0, index: step }, item: line({ id: `n-${step}` }) });
  const built = present();
  undo(200);
  expect(present()).toEqual(session({ id: 'one' }));
  redo(200);
  expect(present()).toEqual(built);
});

test('an edit reaches its own class, whatever lies open, and so do undo and redo', () => {
  const { store, present, edit, undo, redo } = desk();
  edit({ kind: 'section', section: 0, to: { pace: constant(5) } });
  store.dispatch(lay(session({ id: 'two' })));
  expect(store.getState().openId).toBe('two');
  edit(head({ title: 'Late' }), 'one');
  expect(present('two')).toEqual(session({ id: 'two' }));
  expect(present('one')).toMatchObject({ title: 'Late', sections: [{ pace: constant(5) }] });
  undo(1, 'two');
  expect(present('two')).toEqual(session({ id: 'two' }));
  undo(2, 'one');
  expect(present('one')).toEqual(session({ id: 'one' }));
  redo(1, 'one');
  expect(present('one').sections[0]?.pace).toEqual(constant(5));
});

test('an edit of a class that is not edited here changes nothing', () => {
  const { store, edit } = desk();
  const before = store.getState();
  edit(head({ title: 'Nobody' }), 'another');
  expect(store.getState()).toBe(before);
});

test('a class that is left and shown again is as it was, with its steps', () => {
  const { store, present, edit, undo } = desk();
  edit({ kind: 'add', at: { section: 0, index: 1 }, item: newPause('rest', 'r', 30) });
  store.dispatch(closed());
  expect(store.getState().openId).toBeNull();
  store.dispatch(shown({ classId: 'one' }));
  expect(present().sections[0]?.items).toHaveLength(2);
  undo();
  expect(present()).toEqual(session({ id: 'one' }));
});

test('another version takes the place of a class in one step', () => {
  const { store, present, undo } = desk();
  store.dispatch(replaced({ classId: 'one', session: session({ id: 'one', title: 'Other' }) }));
  expect(present().title).toBe('Other');
  undo();
  expect(present()).toEqual(session({ id: 'one' }));
});

test('how it is saved is not a step', () => {
  const { store, draft, past } = desk();
  store.dispatch(saveStateChanged({ classId: 'one', saveState: { kind: 'away' } }));
  expect(past()).toBe(0);
  expect(draft().saveState.kind).toBe('away');
});

test('what was kept of a class is laid open with its steps', () => {
  const { store, present, undo, redo } = desk();
  const before = session({ id: 'one' });
  const [first, last] = [
    { ...before, title: 'First' },
    { ...before, title: 'Last' },
  ];
  const history = { past: [first], present: before, future: [last] };
  store.dispatch(opened({ session: before, history, revision: 1, saveState: { kind: 'saved' } }));
  undo();
  expect(present()).toEqual(first);
  redo(2);
  expect(present()).toEqual(last);
});
