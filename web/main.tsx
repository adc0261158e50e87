import { setAutoFreeze } from 'immer';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import './app/base.css';
import { pageFonts } from './app/fonts';
import { sayOpen } from './app/machine/tab';
import { PlacesProvider } from './app/place';
import { createRouter } from './app/shell/createRouter';
import { LightProvider } from './app/shell/LightContext';
import { ServerWatch } from './app/shell/ServerWatch';
import { store } from './app/store';
import { PLACES } from './places/places';

/** How long after a page is loaded the rest of the interface is fetched to be kept on this machine, milliseconds. */
const KEPT_AFTER = 5000;

if (import.meta.env.PROD && 'serviceWorker' in navigator) {
  // Once the page has stood for a while: everything else is fetched in the background, and must not be in the way of what is looked at.
  const register = () => void navigator.serviceWorker.register('/serviceWorker.js').catch(() => undefined);
  window.addEventListener('load', () => setTimeout(register, KEPT_AFTER));
}
// Freezing years of answers each time one comes takes longer than drawing them; it guards against faults that tests find.
if (import.meta.env.PROD) setAutoFreeze(false);
sayOpen();
await pageFonts();

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <Provider store={store}>
        <LightProvider>
          <PlacesProvider value={PLACES}>
            <ServerWatch />
            <RouterProvider router={createRouter(PLACES)} />
          </PlacesProvider>
        </LightProvider>
      </Provider>
    </StrictMode>,
  );
}
