import { usualName } from '../../movement/schema/movement';
import { matchItem } from '../plan/matchItem';
import type { FitQuestion } from './buildModel';
import type { FitModel } from './fitModel';

/** Something that keeps a class from meeting its slot, with the seconds it holds. */
export interface Hindrance {
  readonly what: string;
  readonly seconds: number;
}

/**
 * What stands in the way, the largest first: talk and rests, pinned lines, the cool-down's least, and lines that are already
 * at the end of their range.
 */
export function hindrances(
  { plan, context }: FitQuestion,
  model: FitModel,
  way: 'too-long' | 'too-short',
): Hindrance[] {
  const found: Hindrance[] = [];
  let fixed = 0;
  plan.sections.forEach((section, index) => {
    const modelled = model.sections[index];
    section.items.forEach((item, place) => {
      const options = modelled?.lines[place]?.options ?? [];
      const seconds = options.flatMap((option) => option.seconds);
      const held = way === 'too-long' ? Math.min(...seconds) : Math.max(...seconds);
      const pause = () => {
        fixed += held;
      };
      matchItem(item, {
        movement: ({ movementId, pinned }) => {
          const movement = context.find(movementId);
          if (!movement) return;
          const { least, most, unit } = movement.count;
          const word = way === 'too-long' ? `at least ${least} ${unit}` : `at most ${most} ${unit}`;
          const name = usualName(movement);
          found.push({ what: pinned ? `${name} is pinned` : `${name}: ${word}`, seconds: held });
        },
        rest: pause,
        talk: pause,
        clock: pause,
      });
    });
    if (way === 'too-long' && (modelled?.least ?? 0) > 0)
      found.push({ what: 'The cool-down keeps its least', seconds: modelled?.least ?? 0 });
  });
  if (way === 'too-long' && fixed > 0) found.push({ what: 'Talk and rests', seconds: fixed });
  return found.toSorted((a, b) => b.seconds - a.seconds).slice(0, 4);
}
