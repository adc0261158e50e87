import equal from 'fast-deep-equal';
import { asTaught, schoolsOf, USUAL_SCHOOLS } from '../../../../core/movement/adapt/schools';
import { answerWords, SCHOOL_QUESTIONS } from '../../../../core/movement/adapt/schoolWords';
import { breathedAs, layerOf, type Movement, variantOf } from '../../../../core/movement/schema/movement';

/** The ways a movement may be looked at: as written, as a variant, a teaching step, or breathed as another school does. */
export interface Way {
  readonly key: string;
  readonly label: string;
  readonly kind: 'written' | 'variant' | 'layer' | 'school';
  readonly movement: Movement;
}

/** What other schools do, where it makes a difference to the movement. */
const taughtWays = (movement: Movement): Way[] =>
  SCHOOL_QUESTIONS.flatMap((question) =>
    question.answers.flatMap(({ said }): Way[] => {
      const taught = asTaught(movement, schoolsOf(said, USUAL_SCHOOLS));
      if (equal([taught.start, taught.parts], [movement.start, movement.parts])) return [];
      const words = answerWords(question, said);
      return [{ key: `taught-${words}`, label: words, kind: 'school', movement: taught }];
    }),
  );

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
    ...taughtWays(movement),
  ];
}
