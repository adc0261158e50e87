/** @jest-environment node */
import { configureStore } from '@reduxjs/toolkit';
import type { Session } from '../../../../core/session/plan/session';
import { session } from '../../../../core/testing/sample';
import { api } from '../../../app/server/api';
import { draftsOf } from '../../../class/kept/keptDraft';
import { fakeStorage } from '../../../testing/fakeStorage';
import { draftReducer, headChanged, opened, restored, revisionSet } from './draft';
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
    middleware: (defaults) => defaults().prepend(draftSync.middleware).concat(api.middleware),
  });
  store.dispatch(opened(tuesday));
  store.dispatch(revisionSet({ revision: 1, standing: { kind: 'saved' } }));
  const standing = () => store.getState().draft.sync.standing;
  const until = async (kind: string) => {
    for (let wait = 0; standing().kind !== kind && wait < 600; wait += 1) await pass(10);
    expect(standing().kind).toBe(kind);
  };
  return { store, sent, standing, until };
}

test('changes in quick succession are sent once, as the last one stands, and then forgotten here', async () => {
  const { store, sent, standing, until } = desk(accepted);
  for (const title of ['A', 'Ab', 'Abc']) store.dispatch(headChanged({ title }));
  expect(standing().kind).toBe('unsaved');
  expect(keptHere()?.session.title).toBe('Abc');
  await until('saved');
  expect(sent).toEqual([{ title: 'Abc', revision: 1 }]);
  expect(store.getState().draft.sync.revision).toBe(2);
  expect(keptHere()).toBeUndefined();
});

test('a change during a slow save waits for it and goes out over the new revision', async () => {
  let answer: () => void = () => undefined;
  const slow: Answer = (body) =>
    new Promise((resolve) => {
      answer = () => resolve(accepted(body) as Response);
    });
  const { store, sent, until } = desk(slow, accepted);
  store.dispatch(headChanged({ title: 'First' }));
  await until('saving');
  store.dispatch(headChanged({ title: 'Second' }));
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
  const { store, sent, until } = desk(away, accepted);
  store.dispatch(headChanged({ title: 'Kept' }));
  await until('away');
  expect(keptHere()).toMatchObject({ revision: 1, session: { title: 'Kept' } });
  await until('saved');
  expect(sent).toHaveLength(2);
});

test('a newer revision there is a conflict that holds both, and nothing more is sent until it is settled', async () => {
  const stored = { session: { ...tuesday, title: 'Theirs' }, revision: 5, changedAt: '2026-12-01T10:00:00Z' };
  const newer: Answer = ({ session: mine }) =>
    json({ type: 'about:blank', title: 'Changed elsewhere', status: 409, stored, sent: mine }, 409);
  const { store, sent, standing, until } = desk(newer, accepted);
  store.dispatch(headChanged({ title: 'Mine' }));
  await until('conflict');
  expect(standing()).toMatchObject({ stored: { revision: 5, session: { title: 'Theirs' } } });
  store.dispatch(headChanged({ title: 'Mine still' }));
  await pass(700);
  expect(sent).toHaveLength(1);
  store.dispatch(revisionSet({ revision: 5, standing: { kind: 'unsaved' } }));
  store.dispatch(restored({ ...tuesday, title: 'Mine still' }));
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
  const { store, standing, until } = desk(refused);
  store.dispatch(headChanged({ title: '' }));
  await until('refused');
  expect(standing()).toEqual({ kind: 'refused', reason: 'Not as it should be. (session title: a class needs a name)' });
});

test('a server that answers but cannot write says why, and is asked again until it can', async () => {
  const full: Answer = () =>
    json({ type: 'about:blank', title: 'There is no room left on the disk.', status: 507 }, 507);
  const { store, sent, standing, until } = desk(full, accepted);
  store.dispatch(headChanged({ title: 'Kept' }));
  await until('failing');
  expect(standing()).toEqual({ kind: 'failing', reason: 'There is no room left on the disk.' });
  expect(keptHere()?.session.title).toBe('Kept');
  await until('saved');
  expect(sent).toHaveLength(2);
});
