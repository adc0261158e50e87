import type { Place } from '../../app/place';

export const teach: Place = {
  label: null,
  path: '/teach',
  standsAlone: true,
  routes: [{ path: 'teach/:id', lazy: async () => ({ Component: (await import('./Teach')).Teach }) }],
};
