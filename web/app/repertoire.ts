import { useMemo } from 'react';
import type { Movement } from '../../core/movement/movement';
import { type MovementSearch, searchOf } from '../../core/movement/search';
import type { FindMovement } from '../../core/session/timeline';
import { api } from './api';

export interface Repertoire {
  readonly movements: readonly Movement[];
  readonly find: FindMovement;
  readonly search: MovementSearch;
}

/** The repertoire with its search, or null while it is on its way. */
export function useRepertoire(): Repertoire | null {
  const { data } = api.useMovementsQuery();
  return useMemo(() => {
    if (!data) return null;
    const byId = new Map(data.map((movement) => [movement.id, movement]));
    return { movements: data, find: (id) => byId.get(id), search: searchOf(data) };
  }, [data]);
}
