import type { Place } from '../../app/place';
import { lazyPage, movementPage } from '../../app/shell/lazyPart';

export const sessions: Place = {
  label: 'Sessions',
  path: '/sessions',
  routes: [
    { path: 'sessions', Component: lazyPage(async () => (await import('./list/Sessions')).Sessions) },
    { path: 'sessions/:id', Component: movementPage(async () => (await import('./desk/SessionPage')).SessionPage) },
    {
      path: 'sessions/compare/:left/:right',
      Component: movementPage(async () => (await import('./compare/ComparePage')).ComparePage),
    },
  ],
};
