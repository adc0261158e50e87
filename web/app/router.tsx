import { createBrowserRouter } from 'react-router';
import { Astray } from './shell/Astray';
import { Shell } from './shell/Shell';

/** Every place of the house. Each is fetched when it is first entered; teaching is a room of its own without the bar. */
export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Astray />,
    children: [
      { index: true, lazy: async () => ({ Component: (await import('../places/today/Today')).Today }) },
      {
        path: 'repertoire',
        lazy: async () => ({ Component: (await import('../places/repertoire/Repertoire')).Repertoire }),
      },
      {
        path: 'repertoire/forms/:id',
        lazy: async () => ({ Component: (await import('../places/repertoire/FormPage')).FormPage }),
      },
      {
        path: 'repertoire/new',
        lazy: async () => ({ Component: (await import('../places/repertoire/editor/EditorPage')).EditorPage }),
      },
      {
        path: 'repertoire/:id/edit',
        lazy: async () => ({ Component: (await import('../places/repertoire/editor/EditorPage')).EditorPage }),
      },
      {
        path: 'repertoire/:id',
        lazy: async () => ({ Component: (await import('../places/repertoire/MovementPage')).MovementPage }),
      },
      { path: 'sessions', lazy: async () => ({ Component: (await import('../places/sessions/Sessions')).Sessions }) },
      {
        path: 'sessions/:id',
        lazy: async () => ({ Component: (await import('../places/sessions/SessionPage')).SessionPage }),
      },
      {
        path: 'sessions/compare/:left/:right',
        lazy: async () => ({ Component: (await import('../places/sessions/ComparePage')).ComparePage }),
      },
      { path: 'logbook', lazy: async () => ({ Component: (await import('../places/logbook/Logbook')).Logbook }) },
      { path: 'logbook/:id', lazy: async () => ({ Component: (await import('../places/logbook/LogPage')).LogPage }) },
      { path: '*', element: <Astray /> },
    ],
  },
  {
    path: 'teach/:id',
    errorElement: <Astray />,
    lazy: async () => ({ Component: (await import('../places/teach/Teach')).Teach }),
  },
]);
