import { createContext, useContext } from 'react';
import type { RouteObject } from 'react-router';

/** One place of the house, as its own folder tells it. */
export interface Place {
  /** Its name in the bar and in the field that jumps; null for one that is only entered from another. */
  readonly label: string | null;
  /** Its address. */
  readonly path: string;
  /** Its pages; each is fetched when it is first entered. */
  readonly routes: readonly RouteObject[];
  /** Whether it fills the screen by itself, without the bar. */
  readonly standsAlone?: boolean;
}

const PlacesContext = createContext<readonly Place[]>([]);
export const PlacesProvider = PlacesContext.Provider;

/** The places with a name, in the order of work. */
export const useNamedPlaces = (): readonly { readonly label: string; readonly path: string }[] =>
  useContext(PlacesContext).flatMap(({ label, path }) => (label === null ? [] : { label, path }));
