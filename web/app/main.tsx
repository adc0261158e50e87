import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import './fonts';
import './base.css';
import { router } from './router';
import { LightProvider } from './shell/LightContext';
import { store } from './store';

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <Provider store={store}>
        <LightProvider>
          <RouterProvider router={router} />
        </LightProvider>
      </Provider>
    </StrictMode>,
  );
}
