import { unique } from 'remeda';
import type { Pose } from '../../../../body/standing/pose';
import type { Strength } from '../../../../demand/ceilings';
import { rampedMovement } from '../../../../movement/adapt/rampedMovement';
import type { Movement } from '../../../../movement/schema/movement';
import type { Phase } from '../../../../movement/schema/phase';
import { walkMovement, waysOf } from '../../../../movement/walk/walkMovement';
import { rememberFor } from '../../../../remember/rememberFor';
import type { Severity } from '../../../../words/severity';
import { lineTimes } from '../../../timeline/lineTimes';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../../finding/finding';
import { nameOf } from '../../finding/nameOf';
import { easierWays, leftOut } from '../../remedies/easing';
import { firstThatClears } from '../../remedies/mending';

type PostureCode = 'head-back' | 'fold-twisted' | 'eyes-closed' | 'heels-free';

/** A posture that a phase leads to. */
export interface Moment {
  readonly pose: Pose;
  readonly phase: Phase;
}

interface Kind {
  readonly code: PostureCode;
  /** How grave a posture is for those it is asked of, and by how much it is; null where nothing is to be said. */
  readonly weighs: (
    moment: Moment,
    strength: Strength,
  ) => { readonly severity: Severity; readonly amount: number } | null;
  readonly words: (name: string, amount: number) => string;
  readonly why: readonly string[];
}

/** Every posture the phases of a movement lead to, on every side and in every direction, in its first repetition and its last. */
const momentsOf = rememberFor((movement: Movement): readonly Moment[] =>
  unique([rampedMovement(movement, 1, 2), rampedMovement(movement, 2, 2)]).flatMap((ramped) =>
    waysOf(ramped)
      .flatMap((way) => walkMovement(ramped, way))
      .map(({ stride }) => ({ pose: stride.to, phase: stride.phase })),
  ),
);

const GRAVEST: readonly Severity[] = ['stop', 'warn', 'notice'];

/** A check for something that a posture should not be, however short: each line is said once, by its gravest. */
export function inPosture({ code, weighs, words, why }: Kind): Check {
  const look = (analysed: AnalysedClass): FindingOf<PostureCode>[] => {
    const { strength } = analysed.limits;
    return [...lineTimes(analysed.timeline).values()].flatMap(({ itemId, startMs }): FindingOf<PostureCode>[] => {
      const movement = analysed.movements.get(itemId);
      const found = (movement ? momentsOf(movement) : [])
        .flatMap((moment) => weighs(moment, strength) ?? [])
        .toSorted((a, b) => GRAVEST.indexOf(a.severity) - GRAVEST.indexOf(b.severity) || b.amount - a.amount);
      const [worst] = found;
      if (!worst) return [];
      return [
        {
          code,
          evidence: null,
          key: `${code} ${itemId}`,
          ...worst,
          borderline: false,
          itemId,
          atMs: startMs,
          what: `${words(nameOf(analysed, itemId), Math.round(worst.amount))}.`,
          why,
        },
      ];
    });
  };
  return checkFor<PostureCode>({
    codes: [code],
    look,
    remedies: (analysed, { itemId, ...finding }) =>
      itemId === null
        ? []
        : [easierWays, leftOut]
            .flatMap((ways) => firstThatClears(look, analysed, { ...finding, itemId }, ways(analysed, itemId)))
            .slice(0, 1),
  });
}
