import { configureStore } from '@reduxjs/toolkit';
import { api } from './api';
import { isUnheard } from './ask';
import { serverState } from './serverState';

/** A store of its own, that asks through this instead of the network. */
function storeThatAsks(fetched: typeof fetch) {
  globalThis.fetch = fetched;
  return configureStore({
    reducer: { [api.reducerPath]: api.reducer, server: serverState.reducer },
    middleware: (usual) => usual().concat(api.middleware),
  });
}

const usual = globalThis.fetch;
beforeEach(() => void jest.useFakeTimers());
afterEach(() => {
  jest.useRealTimers();
  globalThis.fetch = usual;
});

/** An answer that never comes, until the asking is given up. */
const silence: typeof fetch = (asked) =>
  new Promise((_, reject) => {
    const { signal } = asked as Request;
    signal.addEventListener('abort', () => reject(signal.reason));
  });

test('a question without an answer is given up after half a minute, counts as unheard, and the server as away', async () => {
  const store = storeThatAsks(silence);
  const asked = store.dispatch(api.endpoints.groups.initiate());
  await jest.advanceTimersByTimeAsync(29_000);
  expect(api.endpoints.groups.select()(store.getState() as never).isLoading).toBe(true);
  await jest.advanceTimersByTimeAsync(2_000);
  const { error } = await asked;
  expect(error).toMatchObject({ status: 'TIMEOUT_ERROR' });
  expect(isUnheard(error as { status: unknown })).toBe(true);
  expect(store.getState().server.isAway).toBe(true);
});

test('what is written is waited for: it may have been written', async () => {
  const store = storeThatAsks(silence);
  void store.dispatch(api.endpoints.letSpeakAgain.initiate({ code: 'strained', movement: '' }));
  await jest.advanceTimersByTimeAsync(120_000);
  const { mutations } = store.getState()[api.reducerPath];
  expect(Object.values(mutations).map((mutation) => mutation?.status)).toEqual(['pending']);
});
