import equal from 'fast-deep-equal';
import { breathedAs, layerOf, type Movement, variantOf } from '../../../core/movement/movement';
import { asTaught, type Schools, USUAL_SCHOOLS } from '../../../core/movement/schools';

/** The ways a movement may be looked at: as written, as a variant, a teaching step, or breathed as another school does. */
export interface Way {
  readonly key: string;
  readonly label: string;
  readonly kind: 'written' | 'variant' | 'layer' | 'school';
  readonly movement: Movement;
}

/** What other schools do, offered where it makes a difference to the movement. */
const TAUGHT: readonly { readonly label: string; readonly schools: Schools }[] = [
  { label: 'Toes rise when rocking back', schools: { ...USUAL_SCHOOLS, toesRise: true } },
  { label: 'Knees straighten, unlocked', schools: { ...USUAL_SCHOOLS, kneesStraighten: true } },
];

export function waysToShow(movement: Movement): Way[] {
  return [
    { key: 'written', label: 'As written', kind: 'written', movement },
    ...movement.variants.map(
      ({ id, name }): Way => ({
        key: `variant-${id}`,
        label: name,
        kind: 'variant',
        movement: variantOf(movement, id),
      }),
    ),
    ...movement.layers.map(
      ({ name }, index): Way => ({
        key: `layer-${index}`,
        label: name,
        kind: 'layer',
        movement: layerOf(movement, index),
      }),
    ),
    ...movement.breathSchools.map(
      ({ name }): Way => ({ key: `school-${name}`, label: name, kind: 'school', movement: breathedAs(movement, name) }),
    ),
    ...TAUGHT.flatMap(({ label, schools }): Way[] => {
      const taught = asTaught(movement, schools);
      return equal(taught.parts, movement.parts)
        ? []
        : [{ key: `taught-${label}`, label, kind: 'school', movement: taught }];
    }),
  ];
}
