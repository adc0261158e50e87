import type { Place } from '../../app/place';
import { lazyPage } from '../../app/shell/lazyPart';

export const groups: Place = {
  label: 'Groups',
  path: '/groups',
  routes: [{ path: 'groups', Component: lazyPage(async () => (await import('./Groups')).Groups) }],
};
