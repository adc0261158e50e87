import type { Place } from '../../app/place';

export const logbook: Place = {
  label: 'Logbook',
  path: '/logbook',
  routes: [
    { path: 'logbook', lazy: async () => ({ Component: (await import('./Logbook')).Logbook }) },
    { path: 'logbook/:id', lazy: async () => ({ Component: (await import('./LogPage')).LogPage }) },
  ],
};
