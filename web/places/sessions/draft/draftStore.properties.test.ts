import { nanoid } from '@reduxjs/toolkit';
import { resolveEdits } from '../../../../core/session/edit/resolveEdits';
import { Session } from '../../../../core/session/plan/session';
import { anyRequest, editedClass, findEdited } from '../../../../core/testing/madeUpEdits';
import { fc } from '../../../../core/testing/properties';
import { times } from '../../../../core/testing/sweep';
import { draftHouse, type Weather } from '../../../testing/draftHouse';
import { fakeStorage } from '../../../testing/fakeStorage';
import { edited, opened, redone, shown, undone } from './draft';
import { packHistory, unpackHistory } from './keptHistory';

/** Whatever is done to several classes, in whatever order and weather: what is kept is sound, and it is each class's own. */

Object.assign(globalThis, { localStorage: fakeStorage() });
beforeAll(() => void jest.useFakeTimers({ doNotFake: ['nextTick', 'queueMicrotask', 'setImmediate', 'performance'] }));
afterAll(() => void jest.useRealTimers());

const IDS = ['monday', 'tuesday'] as const;
const id = fc.constantFrom(...IDS);
const act = fc.oneof(
  { weight: 8, arbitrary: fc.record({ do: fc.constant('edit' as const), id, request: anyRequest }) },
  { weight: 2, arbitrary: fc.record({ do: fc.constantFrom('undo' as const, 'redo' as const), id }) },
  { weight: 2, arbitrary: fc.record({ do: fc.constantFrom('show' as const, 'reload' as const), id }) },
  { weight: 2, arbitrary: fc.record({ do: fc.constant('wait' as const), ms: fc.constantFrom(100, 600, 2500) }) },
  {
    weight: 1,
    arbitrary: fc.record({
      do: fc.constant('weather' as const),
      to: fc.constantFrom<Weather>('answers', 'loses answers', 'away'),
    }),
  },
);
type Act = typeof act extends fc.Arbitrary<infer One> ? One : never;

/** A world in which acts are played. */
function world() {
  const beginnings = IDS.map((one) => editedClass(one));
  const { store, house, kept, draft } = draftHouse(beginnings);
  const context = { find: findEdited, freshId: () => nanoid(8) };
  const play = async (one: Act) => {
    switch (one.do) {
      case 'edit': {
        const resolved = resolveEdits(draft(one.id).history.present, [one.request], context);
        if (resolved.ok && resolved.edits.length > 0)
          store.dispatch(edited({ classId: one.id, edits: resolved.edits }));
        return;
      }
      case 'undo':
        return void store.dispatch(undone({ classId: one.id }));
      case 'redo':
        return void store.dispatch(redone({ classId: one.id }));
      case 'show':
        return void store.dispatch(shown({ classId: one.id }));
      case 'reload': {
        // What was not saved goes on being saved by the page that is left; a class that is saved comes back with its steps.
        const { history, revision, saveState } = draft(one.id);
        if (saveState.kind !== 'saved') return;
        const back = unpackHistory(packHistory(history));
        return void store.dispatch(opened({ session: history.present, history: back, revision, saveState }));
      }
      case 'wait':
        return void (await jest.advanceTimersByTimeAsync(one.ms));
      case 'weather':
        house.weather = one.to;
    }
  };
  return { store, house, kept, draft, play, beginnings };
}

test('every class comes to the server as it stands here, each by itself, and can be kept', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(act, { minLength: 1, maxLength: 40 }), async (acts) => {
      const { house, kept, draft, play } = world();
      for (const one of acts) {
        await play(one);
        for (const name of IDS) expect(Session.safeParse(draft(name).history.present).success).toBe(true);
      }
      house.weather = 'answers';
      await jest.advanceTimersByTimeAsync(10_000);
      for (const name of IDS) {
        expect(draft(name).saveState).toEqual({ kind: 'saved' });
        expect(kept.get(name)?.session).toEqual(draft(name).history.present);
        expect(kept.get(name)?.revision).toBe(draft(name).revision);
      }
    }),
    { numRuns: times(300, 25) },
  );
});

test('undoing all that is held is where a class began, however much was done: 300 steps, 150 after a reload', async () => {
  const { draft, play, beginnings } = world();
  const [monday] = beginnings;
  for (let step = 0; step < 300; step += 1)
    await play({ do: 'edit', id: 'monday', request: { kind: 'change', itemId: 'a', to: { rounds: (step % 2) + 2 } } });
  expect(draft('monday').history.past).toHaveLength(300);
  for (let step = 0; step < 300; step += 1) await play({ do: 'undo', id: 'monday' });
  expect(draft('monday').history.present).toEqual(monday);
  for (let step = 0; step < 300; step += 1) await play({ do: 'redo', id: 'monday' });
  const there = draft('monday').history.past.at(-150);
  await jest.advanceTimersByTimeAsync(5000);
  await play({ do: 'reload', id: 'monday' });
  expect(draft('monday').history.past).toHaveLength(150);
  for (let step = 0; step < 150; step += 1) await play({ do: 'undo', id: 'monday' });
  expect(draft('monday').history.present).toEqual(there);
  expect(draft('tuesday').history.past).toHaveLength(0);
});
