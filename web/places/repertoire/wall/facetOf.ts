import type { Movement } from '../../../../core/movement/schema/movement';
import type { MovementTraits } from '../../../../core/traits/movementTraits';

/** What a wall may be narrowed by, kept in the address so that a way back leads to the same wall. */
export const FACETS = [
  'role',
  'prepares',
  'loads',
  'height',
  'space',
  'breath',
  'seated',
  'tradition',
  'level',
] as const;
export type FacetName = (typeof FACETS)[number];

/** Whether a movement has what is wanted of one facet. */
const HAS: Readonly<
  Record<FacetName, (movement: Movement, traits: MovementTraits | undefined, value: string) => boolean>
> = {
  role: ({ roles }, _, value) => roles.some((role) => role === value),
  prepares: (_, traits, value) => traits?.prepares.some((region) => region === value) ?? false,
  loads: (_, traits, value) => traits?.loads.some((region) => region === value) ?? false,
  height: (_, traits, value) => traits?.height === value,
  space: (_, traits, value) => traits?.space === value,
  breath: (_, traits, value) => traits?.breath === value,
  seated: ({ seated }) => seated,
  tradition: ({ tradition }, _, value) => tradition === value,
  level: ({ level }, _, value) => level === Number(value),
};

/** Whether a movement has everything that is wanted. */
export const passesFacets = (
  movement: Movement,
  traits: MovementTraits | undefined,
  wanted: URLSearchParams,
): boolean =>
  FACETS.every((name) => {
    const value = wanted.get(name);
    return !value || HAS[name](movement, traits, value);
  });
