/** @jest-environment node */
import { configureStore } from '@reduxjs/toolkit';
import type { Session } from '../../../../core/session/plan/session';
import { session } from '../../../../core/testing/sample';
import { api } from '../../../app/server/api';
import { draftsOf } from '../../../class/kept/keptDraft';
import { fakeStorage } from '../../../testing/fakeStorage';
import { closed, draftReducer, edited, opened, redone, replaced, revisionSet, shown, undone } from './draft';
import { draftSync } from './draftSync';

/** A server that answers as it is told, and remembers what it was sent. */
type Answer = (sent: { session: Session; revision: number }) => Response | Promise<Response>;
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': status === 200 ? 'application/json' : 'application/problem+json' },
  });
const accepted: Answer = ({ session, revision }) =>
  json({ session, revision: revision + 1, changedAt: '2026-12-01T10:00:00Z' });

const tuesday = session();
const keptHere = () => draftsOf('tuesday')[0];

const kept = fakeStorage();
Object.assign(globalThis, { localStorage: kept });
// Outside a browser an address needs its beginning.
const RealRequest = globalThis.Request;
globalThis.Request = class extends RealRequest {
  constructor(input: string | URL | Request, init?: RequestInit) {
    super(typeof input === 'string' ? new URL(input, 'http://127.0.0.1') : input, init);
  }
};

// A save waits a while, and is tried again after another: that time passes when it is let pass.
beforeAll(() => void jest.useFakeTimers({ doNotFake: ['nextTick', 'queueMicrotask', 'setImmediate', 'performance'] }));
afterAll(() => void jest.useRealTimers());
const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms);

function desk(...answers: Answer[]) {
  kept.clear();
  const sent: { title: string; revision: number }[] = [];
  globalThis.fetch = async (input) => {
    const body = await (input as Request).json();
    sent.push({ title: body.session.title, revision: body.revision });
    return ((answers.length > 1 ? answers.shift() : answers[0]) as Answer)(body);
  };
  const store = configureStore({
    reducer: { draft: draftReducer, [api.reducerPath]: api.reducer },
    middleware: (defaults) => defaults().prepend(draftSync).concat(api.middleware),
  });
  const lay = (session: Session, revision = 1) =>
    store.dispatch(opened({ session, revision, saveState: { kind: 'saved' } }));
  lay(tuesday);
  const draft = (classId = 'tuesday') => store.getState().draft.classes[classId];
  const saveState = (classId?: string) => draft(classId)?.saveState;
  const until = async (kind: string, classId?: string) => {
    for (let wait = 0; saveState(classId)?.kind !== kind && wait < 600; wait += 1) await pass(10);
    expect(saveState(classId)?.kind).toBe(kind);
  };
  const call = (title: string, classId = 'tuesday') =>
    store.dispatch(edited({ classId, edits: [{ kind: 'head', to: { title } }] }));
  return { store, sent, draft, saveState, until, call, lay };
}

test('changes in quick succession are sent once, as the last one stands, and then forgotten here', async () => {
  const { sent, draft, saveState, until, call } = desk(accepted);
  for (const title of ['A', 'Ab', 'Abc']) call(title);
  expect(saveState()?.kind).toBe('unsaved');
  expect(keptHere()?.session.title).toBe('Abc');
  await until('saved');
  expect(sent).toEqual([{ title: 'Abc', revision: 1 }]);
  expect(draft()?.revision).toBe(2);
  expect(keptHere()).toBeUndefined();
});

test('a change during a slow save waits for it and goes out over the new revision', async () => {
  let answer: () => void = () => undefined;
  const slow: Answer = (body) =>
    new Promise((resolve) => {
      answer = () => resolve(accepted(body) as Response);
    });
  const { sent, until, call } = desk(slow, accepted);
  call('First');
  await until('saving');
  call('Second');
  await pass(700);
  expect(sent).toHaveLength(1);
  expect(keptHere()?.session.title).toBe('Second');
  answer();
  await until('saved');
  expect(sent).toEqual([
    { title: 'First', revision: 1 },
    { title: 'Second', revision: 2 },
  ]);
});

test('while the server is away it is tried again, and the edit is kept here', async () => {
  const away: Answer = () => Promise.reject(new TypeError('fetch failed'));
  const { sent, until, call } = desk(away, accepted);
  call('Kept');
  await until('away');
  expect(keptHere()).toMatchObject({ revision: 1, session: { title: 'Kept' } });
  await until('saved');
  expect(sent).toHaveLength(2);
});

test('a newer revision there is a conflict that holds both, and nothing more is sent until it is settled', async () => {
  const stored = { session: { ...tuesday, title: 'Theirs' }, revision: 5, changedAt: '2026-12-01T10:00:00Z' };
  const newer: Answer = ({ session: mine }) =>
    json({ type: 'about:blank', title: 'Changed elsewhere', status: 409, stored, sent: mine }, 409);
  const { store, sent, saveState, until, call } = desk(newer, accepted);
  call('Mine');
  await until('conflict');
  expect(saveState()).toMatchObject({ stored: { revision: 5, session: { title: 'Theirs' } } });
  call('Mine still');
  await pass(700);
  expect(sent).toHaveLength(1);
  store.dispatch(revisionSet({ classId: 'tuesday', revision: 5, saveState: { kind: 'unsaved' } }));
  store.dispatch(replaced({ classId: 'tuesday', session: { ...tuesday, title: 'Mine still' } }));
  await until('saved');
  expect(sent.at(-1)).toEqual({ title: 'Mine still', revision: 5 });
});

test('a refusal is told with the field that was wrong', async () => {
  const refused: Answer = () =>
    json(
      {
        type: 'about:blank',
        title: 'Not as it should be.',
        status: 422,
        errors: [{ path: ['session', 'title'], message: 'a class needs a name' }],
      },
      422,
    );
  const { saveState, until, call } = desk(refused);
  call('');
  await until('refused');
  expect(saveState()).toEqual({
    kind: 'refused',
    reason: 'Not as it should be. (session title: a class needs a name)',
  });
});

test('a server that answers but cannot write says why, and is asked again until it can', async () => {
  const full: Answer = () =>
    json({ type: 'about:blank', title: 'There is no room left on the disk.', status: 507 }, 507);
  const { sent, saveState, until, call } = desk(full, accepted);
  call('Kept');
  await until('failing');
  expect(saveState()).toEqual({ kind: 'failing', reason: 'There is no room left on the disk.' });
  expect(keptHere()?.session.title).toBe('Kept');
  await until('saved');
  expect(sent).toHaveLength(2);
});

describe('of several classes', () => {
  const wednesday = session({ id: 'wednesday', title: 'Wednesday' });

  test('a save goes out with its own revision, though another class lies open by then', async () => {
    const { sent, until, call, lay, saveState } = desk(accepted);
    call('Edited');
    lay(wednesday, 7);
    await until('saved');
    expect(sent).toEqual([{ title: 'Edited', revision: 1 }]);
    expect(saveState('wednesday')?.kind).toBe('saved');
    call('Next', 'wednesday');
    await until('saved', 'wednesday');
    expect(sent.at(-1)).toEqual({ title: 'Next', revision: 7 });
  });

  test('what was left while the server was away is still sent once it answers, and its conflict is its own', async () => {
    const away: Answer = () => Promise.reject(new TypeError('fetch failed'));
    const stored = { session: { ...tuesday, title: 'Theirs' }, revision: 5, changedAt: '2026-12-01T10:00:00Z' };
    const newer: Answer = (body) =>
      body.session.id === 'wednesday'
        ? accepted(body)
        : json({ type: 'about:blank', title: 'Changed elsewhere', status: 409, stored, sent: body.session }, 409);
    const { store, until, call, lay, saveState } = desk(away, newer);
    call('Left behind');
    await until('away');
    store.dispatch(closed());
    lay(wednesday, 7);
    call('Next', 'wednesday');
    await until('conflict', 'tuesday');
    await until('saved', 'wednesday');
    expect(saveState('tuesday')).toMatchObject({ stored: { revision: 5 } });
    store.dispatch(shown({ classId: 'tuesday' }));
    expect(store.getState().draft.classes.tuesday?.history.present.title).toBe('Left behind');
  });

  test('a save whose answer is lost is no conflict with what is changed after it; one of somebody else still is', async () => {
    const lost: Answer = () => Promise.reject(new TypeError('reset'));
    const held =
      (title: string): Answer =>
      ({ session: sent }) => {
        const stored = { session: { ...sent, title }, revision: 5, changedAt: '2026-12-01T10:00:00Z' };
        return json({ type: 'about:blank', title: 'Changed elsewhere', status: 409, stored, sent }, 409);
      };
    const own = desk(lost, held('Once'), accepted);
    own.call('Once');
    await own.until('away');
    own.call('Twice');
    await own.until('saved');
    expect(own.sent.map(({ title, revision }) => [title, revision])).toEqual([
      ['Once', 1],
      ['Twice', 1],
      ['Twice', 5],
    ]);
    const other = desk(lost, held('Somebody else'), accepted);
    other.call('Once');
    await other.until('away');
    other.call('Twice');
    await other.until('conflict');
  });

  test('a class whose answer is lost is sent again, and what is undone meanwhile goes out after it', async () => {
    const lost: Answer = () => Promise.reject(new TypeError('reset'));
    const { store, sent, until, call } = desk(lost, accepted);
    call('Once');
    await until('away');
    store.dispatch(undone({ classId: 'tuesday' }));
    await until('saved');
    expect(sent.map(({ title }) => title)).toEqual(['Once', 'Tuesday']);
    store.dispatch(redone({ classId: 'tuesday' }));
    await until('saved');
    expect(sent.at(-1)).toMatchObject({ title: 'Once' });
  });
});
