import type { Place } from '../../app/place';

export const sessions: Place = {
  label: 'Sessions',
  path: '/sessions',
  routes: [
    { path: 'sessions', lazy: async () => ({ Component: (await import('./list/Sessions')).Sessions }) },
    { path: 'sessions/:id', lazy: async () => ({ Component: (await import('./desk/SessionPage')).SessionPage }) },
    {
      path: 'sessions/compare/:left/:right',
      lazy: async () => ({ Component: (await import('./compare/ComparePage')).ComparePage }),
    },
  ],
};
