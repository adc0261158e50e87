import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import './app/fonts';
import './app/base.css';
import { PlacesProvider } from './app/place';
import { createRouter } from './app/shell/createRouter';
import { LightProvider } from './app/shell/LightContext';
import { store } from './app/store';
import { PLACES } from './places/places';

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <Provider store={store}>
        <LightProvider>
          <PlacesProvider value={PLACES}>
            <RouterProvider router={createRouter(PLACES)} />
          </PlacesProvider>
        </LightProvider>
      </Provider>
    </StrictMode>,
  );
}
