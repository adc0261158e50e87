import type { Item } from './session';

type ItemOf<Kind extends Item['kind']> = Extract<Item, { readonly kind: Kind }>;

/** What is done with a line of each kind. */
export type ItemArms<Answer> = { readonly [Kind in Item['kind']]: (item: ItemOf<Kind>) => Answer };

/** Answers by the kind of a line. A kind that is added breaks the build at every place that does not say what it means there. */
export function matchItem<Answer>(item: Item, arms: ItemArms<Answer>): Answer {
  switch (item.kind) {
    case 'movement':
      return arms.movement(item);
    case 'rest':
      return arms.rest(item);
    case 'talk':
      return arms.talk(item);
    case 'clock':
      return arms.clock(item);
  }
}
