import { breathedAs, layerOf, type Movement, variantOf } from '../../../core/movement/movement';

/** The ways a movement may be looked at: as written, as a variant, a teaching step, or breathed as another school does. */
export interface Way {
  readonly key: string;
  readonly label: string;
  readonly kind: 'written' | 'variant' | 'layer' | 'school';
  readonly movement: Movement;
}

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
  ];
}
