import type { Place } from '../../app/place';
import { lazyPage } from '../../app/shell/lazyPart';

export const logbook: Place = {
  label: 'Logbook',
  path: '/logbook',
  routes: [
    { path: 'logbook', Component: lazyPage(async () => (await import('./Logbook')).Logbook) },
    { path: 'logbook/:id', Component: lazyPage(async () => (await import('./LogPage')).LogPage) },
  ],
};
