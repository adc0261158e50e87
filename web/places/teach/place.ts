import type { Place } from '../../app/place';
import { movementPage } from '../../app/shell/lazyPart';

export const teach: Place = {
  label: null,
  path: '/teach',
  standsAlone: true,
  routes: [{ path: 'teach/:id', Component: movementPage(async () => (await import('./Teach')).Teach) }],
};
