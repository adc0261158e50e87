import type { Place } from '../../app/place';
import { lazyPage } from '../../app/shell/lazyPart';

export const today: Place = {
  label: 'Today',
  path: '/',
  routes: [{ index: true, Component: lazyPage(async () => (await import('./Today')).Today) }],
};
