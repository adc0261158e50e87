import { createContext, useContext } from 'react';
import type { Library } from '../../core/formats/api/api';
import { type MovementSearch, searchOf } from '../../core/movement/edit/search';
import type { Form } from '../../core/movement/schema/form';
import type { FindMovement, Movement } from '../../core/movement/schema/movement';
import { atVersion, baseId } from '../../core/movement/schema/version';
import { rememberFor } from '../../core/remember/rememberFor';
import { api } from './server/api';
import type { State } from './store';

export interface Repertoire {
  /** What is offered: the newest version of every movement that is not out of sight. */
  readonly movements: readonly Movement[];
  /** Every version there is. */
  readonly all: readonly Movement[];
  readonly forms: readonly Form[];
  /** Any version a class may name. */
  readonly find: FindMovement;
  /** The version that is offered now under the name of another. */
  readonly newest: FindMovement;
  readonly search: MovementSearch;
  /** Whether the instructor made or changed it. */
  readonly isOwn: (id: string) => boolean;
  /** Whether it is offered; one out of sight can still be found. */
  readonly isShown: (id: string) => boolean;
}

/** The search of some movements, made ready when something is looked for: most pages are left before that. */
function searchedWhenAsked(movements: readonly Movement[]): MovementSearch {
  let made: MovementSearch | null = null;
  const search = (): MovementSearch => {
    made ??= searchOf(movements);
    return made;
  };
  return Object.assign((...asked: Parameters<MovementSearch>) => search()(...asked), {
    nearest: (...asked: Parameters<MovementSearch['nearest']>) => search().nearest(...asked),
  });
}

/** The repertoire with its search, as the server has it. */
function repertoireOf(data: Library): Repertoire {
  const byId = new Map(data.movements.map((movement) => [movement.id, movement]));
  const movements = data.shown.flatMap((id) => byId.get(id) ?? []);
  const newest = new Map(movements.map((movement) => [baseId(movement.id), movement]));
  const own = new Set(data.own);
  return {
    movements,
    all: data.movements,
    forms: data.forms,
    find: (id) => byId.get(id),
    newest: (id) => newest.get(baseId(id)) ?? byId.get(atVersion(id, 0)),
    search: searchedWhenAsked(movements),
    isOwn: (id) => own.has(baseId(id)),
    isShown: (id) => newest.has(baseId(id)),
  };
}

const kept = rememberFor(repertoireOf);

/** The repertoire as the store has it; null while it is on its way. */
export const repertoireIn = (state: State): Repertoire | null => {
  const { data } = selectLibrary(state);
  return data ? kept(data) : null;
};

const selectLibrary = api.endpoints.library.select();

export interface FetchedRepertoire {
  /** Null while it is on its way, and where it could not be fetched. */
  readonly repertoire: Repertoire | null;
  readonly isRefused: boolean;
  readonly askAgain: () => void;
}

/**
 * The repertoire, fetched once for the whole house.
 * @param isWanted whether it is to be fetched yet
 */
export function useFetchedRepertoire(isWanted = true): FetchedRepertoire {
  const { data, isError, refetch } = api.useLibraryQuery(undefined, { skip: !isWanted });
  return { repertoire: data ? kept(data) : null, isRefused: isError && !data, askAgain: () => void refetch() };
}

const RepertoireContext = createContext<Repertoire | null>(null);
export const RepertoireProvider = RepertoireContext.Provider;

/** The repertoire, inside a `RepertoireGate`. */
export function useRepertoire(): Repertoire {
  const repertoire = useContext(RepertoireContext);
  if (!repertoire) throw new Error('Only a part behind the gate of the repertoire may ask for it.');
  return repertoire;
}
