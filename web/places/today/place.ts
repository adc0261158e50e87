import type { Place } from '../../app/place';

export const today: Place = {
  label: 'Today',
  path: '/',
  routes: [{ index: true, lazy: async () => ({ Component: (await import('./Today')).Today }) }],
};
