import type { Place } from '../../app/place';
import { movementPage } from '../../app/shell/lazyPart';

export const groups: Place = {
  label: 'Groups',
  path: '/groups',
  routes: [
    { path: 'groups', Component: movementPage(async () => (await import('./Groups')).Groups) },
    { path: 'groups/:id/people', Component: movementPage(async () => (await import('./People')).People) },
  ],
};
