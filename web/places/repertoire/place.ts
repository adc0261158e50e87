import type { Place } from '../../app/place';

const editor = async () => ({ Component: (await import('./editor/EditorPage')).EditorPage });

export const repertoire: Place = {
  label: 'Repertoire',
  path: '/repertoire',
  routes: [
    { path: 'repertoire', lazy: async () => ({ Component: (await import('./wall/Repertoire')).Repertoire }) },
    { path: 'repertoire/forms/:id', lazy: async () => ({ Component: (await import('./form/FormPage')).FormPage }) },
    { path: 'repertoire/new', lazy: editor },
    { path: 'repertoire/:id/edit', lazy: editor },
    {
      path: 'repertoire/:id',
      lazy: async () => ({ Component: (await import('./movement/MovementPage')).MovementPage }),
    },
  ],
};
