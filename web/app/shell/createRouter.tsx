import { createBrowserRouter, type RouteObject } from 'react-router';
import type { Place } from '../place';
import { Astray } from './Astray';
import { Shell } from './Shell';

const pagesOf = (places: readonly Place[]): RouteObject[] => places.flatMap(({ routes }) => routes);

/** The addresses of the house: places under the bar, and those that stand alone. */
export const createRouter = (places: readonly Place[]) =>
  createBrowserRouter([
    {
      element: <Shell />,
      errorElement: <Astray />,
      children: [
        ...pagesOf(places.filter(({ standsAlone }) => standsAlone !== true)),
        { path: '*', element: <Astray /> },
      ],
    },
    { errorElement: <Astray />, children: pagesOf(places.filter(({ standsAlone }) => standsAlone === true)) },
  ]);
