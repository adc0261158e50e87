import { configureStore } from '@reduxjs/toolkit';
import { ActionCreators } from 'redux-undo';
import { newPause } from '../../../../core/session/plan/defaults';
import { SettleRoutine } from '../../../../core/session/plan/settleRoutine';
import { constant, line, session } from '../../../../core/testing/sample';
import {
  draftReducer,
  headChanged,
  lineAdded,
  lineAltered,
  lineNoted,
  lineRemoved,
  opened,
  paceChanged,
  settleChanged,
  standingChanged,
} from './draft';

const desk = () => {
  const store = configureStore({ reducer: draftReducer });
  store.dispatch(opened(session({ id: 'one' })));
  return { store, present: () => store.getState().book.present, past: () => store.getState().book.past.length };
};

test('typing a title is one step, every other change a step of its own', () => {
  const { store, present, past } = desk();
  for (const title of ['W', 'We', 'Wednesday']) store.dispatch(headChanged({ title }));
  expect(past()).toBe(1);
  store.dispatch(headChanged({ slotMinutes: 45 }));
  store.dispatch(headChanged({ slotMinutes: 30 }));
  store.dispatch(lineRemoved('a'));
  expect(past()).toBe(4);
  store.dispatch(ActionCreators.undo());
  expect(present()?.sections[0]?.items).toHaveLength(1);
  store.dispatch(ActionCreators.jump(-3));
  expect(present()).toEqual(session({ id: 'one' }));
});

test('a note and a name are one step each, however many letters they have', () => {
  const { store, present, past } = desk();
  for (const note of ['s', 'sl', 'slow']) store.dispatch(lineNoted({ id: 'a', note }));
  expect(past()).toBe(1);
  const routine = SettleRoutine.parse({ when: 'at-end', lines: [{ movementId: 'sample', count: 1 }] });
  store.dispatch(settleChanged({ section: 0, settle: routine }));
  for (const name of ['H', 'Ha', 'Hands home'])
    store.dispatch(settleChanged({ section: 0, settle: { ...routine, name } }));
  store.dispatch(settleChanged({ section: 0, settle: { ...routine, name: 'Hands home', when: 'after-each' } }));
  expect(past()).toBe(4);
  store.dispatch(ActionCreators.jump(-2));
  expect(present()?.sections[0]).toMatchObject({ settle: { name: '', when: 'at-end' }, items: [{ note: 'slow' }] });
});

test('a line altered keeps what is not said, and only a movement has what a movement has', () => {
  const { store, present } = desk();
  store.dispatch(lineAdded({ at: { section: 0, index: 1 }, item: newPause('rest', 'r', 30) }));
  store.dispatch(lineAltered({ id: 'a', to: { rounds: 3 } }));
  store.dispatch(lineAltered({ id: 'r', to: { rounds: 3 } }));
  expect(present()?.sections[0]?.items).toEqual([line({ id: 'a', rounds: 3 }), newPause('rest', 'r', 30)]);
});

test('two hundred steps back and forth come to the same class', () => {
  const { store, present } = desk();
  for (let step = 0; step < 200; step += 1) {
    store.dispatch(lineAdded({ at: { section: 0, index: step }, item: line({ id: `n-${step}` }) }));
  }
  const built = present();
  for (let step = 0; step < 200; step += 1) store.dispatch(ActionCreators.undo());
  expect(present()).toEqual(session({ id: 'one' }));
  for (let step = 0; step < 200; step += 1) store.dispatch(ActionCreators.redo());
  expect(present()).toEqual(built);
});

test('another class laid on the desk cannot be undone into the one before', () => {
  const { store, present } = desk();
  store.dispatch(paceChanged({ section: 0, pace: constant(5) }));
  store.dispatch(opened(session({ id: 'two' })));
  store.dispatch(ActionCreators.undo());
  expect(present()?.id).toBe('two');
  store.dispatch(headChanged({ title: 'Changed' }));
  store.dispatch(ActionCreators.undo());
  expect(present()).toEqual(session({ id: 'two' }));
});

test('how it stands with the server is not a step', () => {
  const { store, past } = desk();
  store.dispatch(standingChanged({ kind: 'away' }));
  expect(past()).toBe(0);
  expect(store.getState().sync.standing.kind).toBe('away');
});
