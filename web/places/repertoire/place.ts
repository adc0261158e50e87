import type { Place } from '../../app/place';
import { movementPage } from '../../app/shell/lazyPart';

const Editor = movementPage(async () => (await import('./editor/EditorPage')).EditorPage);

export const repertoire: Place = {
  label: 'Repertoire',
  path: '/repertoire',
  routes: [
    { path: 'repertoire', Component: movementPage(async () => (await import('./wall/Repertoire')).Repertoire) },
    { path: 'repertoire/forms/:id', Component: movementPage(async () => (await import('./form/FormPage')).FormPage) },
    { path: 'repertoire/new', Component: Editor },
    { path: 'repertoire/:id/edit', Component: Editor },
    {
      path: 'repertoire/:id',
      Component: movementPage(async () => (await import('./movement/MovementPage')).MovementPage),
    },
  ],
};
