import type { Place } from '../../app/place';
import { lazyPage } from '../../app/shell/lazyPart';

export const settings: Place = {
  label: 'Settings',
  path: '/settings',
  routes: [{ path: 'settings', Component: lazyPage(async () => (await import('./Settings')).Settings) }],
};
