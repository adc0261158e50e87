import { act, render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement, ReactNode } from 'react';
import { Provider } from 'react-redux';
import { MemoryRouter } from 'react-router';
import type { Movement } from '../../core/movement/schema/movement';
import type { Session } from '../../core/session/plan/session';
import { MOVEMENTS } from '../../core/testing/cleanClass';
import { api } from '../app/server/api';
import { LightProvider } from '../app/shell/LightContext';
import { RepertoireGate } from '../app/shell/RepertoireGate';
import { store } from '../app/store';
import { opened } from '../places/sessions/draft/draft';
import { type DeskState, selectSession } from '../places/sessions/draft/draftStore';
import { emptied } from '../places/sessions/draft/hand';

/** What a page has in a browser and not here. */
function furnish(): void {
  Object.assign(window, {
    CSS: { escape: (text: string) => text, supports: () => false },
    matchMedia: () => ({ matches: false, addEventListener: () => undefined, removeEventListener: () => undefined }),
    ResizeObserver: class {
      observe = () => undefined;
      unobserve = () => undefined;
      disconnect = () => undefined;
    },
  });
  Element.prototype.scrollIntoView = () => undefined;
  // No server is at hand: what is asked of it never comes, and nothing waits for it.
  Object.assign(globalThis, { fetch: () => new Promise(() => undefined) });
}

/** The parts that stand round every page. */
const House = ({ children }: { readonly children: ReactNode }) => (
  <Provider store={store}>
    <LightProvider>
      <MemoryRouter>
        <RepertoireGate>{children}</RepertoireGate>
      </MemoryRouter>
    </LightProvider>
  </Provider>
);

/** Draws a part of a page with some movements in the repertoire. */
export async function renderWith(part: ReactElement, movements: readonly Movement[] = MOVEMENTS) {
  furnish();
  const shown = movements.map(({ id }) => id);
  await store.dispatch(
    api.util.upsertQueryData('library', undefined, { movements: [...movements], shown, own: [], forms: [] }),
  );
  const drawn = render(part, { wrapper: House });
  return { ...drawn, user: userEvent.setup(), act };
}

/** Draws a part of the desk with a class lying on it. */
export async function renderDesk(part: ReactElement, session: Session, movements: readonly Movement[] = MOVEMENTS) {
  store.dispatch(emptied());
  store.dispatch(opened({ session, revision: 1, saveState: { kind: 'saved' } }));
  const drawn = await renderWith(part, movements);
  const now = (): Session => selectSession(store.getState() as DeskState) ?? session;
  return { ...drawn, now, store };
}
