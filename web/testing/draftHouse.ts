import { configureStore } from '@reduxjs/toolkit';
import type { Session } from '../../core/session/plan/session';
import { api } from '../app/server/api';
import { draftReducer, opened } from '../places/sessions/draft/draft';
import { draftSync } from '../places/sessions/draft/draftSync';

/** How the server behaves: it answers, it takes what is sent but its answer is lost, or nobody is there. */
export type Weather = 'answers' | 'loses answers' | 'away';

const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': status === 200 ? 'application/json' : 'application/problem+json' },
  });

/** A store with several classes open for editing, and a server that keeps them, refuses an older revision, and has its weather. */
export function draftHouse(classes: readonly Session[]) {
  const kept = new Map(classes.map((session) => [session.id, { session, revision: 1 }]));
  const house = { weather: 'answers' as Weather };
  // Outside a browser an address needs its beginning.
  const RealRequest = globalThis.Request;
  globalThis.Request = class extends RealRequest {
    constructor(input: string | URL | Request, init?: RequestInit) {
      super(typeof input === 'string' ? new URL(input, 'http://127.0.0.1') : input, init);
    }
  };
  globalThis.fetch = async (input) => {
    const request = input as Request;
    if (request.method !== 'PUT') return json({});
    const body = (await request.json()) as { session: Session; revision: number };
    if (house.weather === 'away') throw new TypeError('nobody is there');
    const there = kept.get(body.session.id);
    if (!there) return json({ title: 'There is no such class.' }, 404);
    const isSame = JSON.stringify(there.session) === JSON.stringify(body.session);
    if (!isSame && there.revision !== body.revision)
      return json(
        {
          type: 'about:blank',
          title: 'Changed elsewhere',
          status: 409,
          stored: { ...there, changedAt: '2026-12-01T10:00:00Z' },
          sent: body.session,
        },
        409,
      );
    const next = isSame ? there : { session: body.session, revision: there.revision + 1 };
    kept.set(body.session.id, next);
    if (house.weather === 'loses answers') throw new TypeError('the answer was lost');
    return json({ ...next, changedAt: '2026-12-01T10:00:00Z' });
  };
  const store = configureStore({
    reducer: { draft: draftReducer, [api.reducerPath]: api.reducer },
    middleware: (defaults) =>
      defaults({ serializableCheck: false, immutableCheck: false }).prepend(draftSync).concat(api.middleware),
  });
  for (const session of classes) store.dispatch(opened({ session, revision: 1, saveState: { kind: 'saved' } }));
  return {
    store,
    house,
    kept,
    draft: (id: string) => {
      const found = store.getState().draft.classes[id];
      if (!found) throw new Error(`${id} is edited here`);
      return found;
    },
  };
}
