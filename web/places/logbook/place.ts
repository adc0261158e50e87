import type { Place } from '../../app/place';
import { lazyPage, movementPage } from '../../app/shell/lazyPart';

export const logbook: Place = {
  label: 'Logbook',
  path: '/logbook',
  routes: [
    { path: 'logbook', Component: lazyPage(async () => (await import('./Logbook')).Logbook) },
    {
      path: 'logbook/after/:id',
      Component: movementPage(async () => (await import('./WrittenAfter')).WrittenAfter),
    },
    { path: 'logbook/:id', Component: lazyPage(async () => (await import('./LogPage')).LogPage) },
  ],
};
