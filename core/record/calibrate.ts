import { z } from 'zod';
import { timesOf } from '../session/plan/takes';
import { PART_KINDS, type PartKind } from '../session/timeline/partKind';
import type { ClassLog } from './classLog';

/** How much longer a part took than it was reckoned, once: the logarithm of the ratio. */
export const Observation = z.object({
  kind: z.enum(PART_KINDS),
  groupId: z.string(),
  /** The movement it was of; null for what is of none. */
  movementId: z.string().nullable(),
  ratio: z.number(),
});
export type Observation = Readonly<z.infer<typeof Observation>>;

/** Spreads of the logarithms: of one observation, of all groups, of a group, of a movement in a group. Conventions. */
const SPREAD = { one: 0.35, all: 0.2, group: 0.15, movement: 0.15 } as const;
/** What lasted or was reckoned for less than this teaches nothing, milliseconds; and what is beyond three times is cut to it. */
const LEAST_MS = 5000;
const MOST = Math.log(3);

/** What a class that was recorded teaches: the parts that a person ended, their counts taken as they were done. */
export function observationsOf({ items, plan }: Pick<ClassLog, 'items' | 'plan'>): Observation[] {
  if (plan.groupId === null) return [];
  const { groupId } = plan;
  const movements = new Map(
    plan.sections.flatMap((section) =>
      section.items.flatMap((item) => (item.kind === 'movement' ? [[item.id, item.movementId] as const] : [])),
    ),
  );
  return items.flatMap(({ itemId, outcome, parts, plannedTimes, doneTimes }) =>
    outcome === 'left out'
      ? []
      : parts.flatMap(({ kind, plannedMs, actualMs, by }) => {
          const share = kind === 'moving' && plannedTimes > 0 ? doneTimes / plannedTimes : 1;
          const planned = plannedMs * share;
          if (by !== 'person' || planned < LEAST_MS || actualMs < LEAST_MS) return [];
          // A class that was reckoned by a measure already is held against what is usual, as all are.
          const times = (actualMs / planned) * timesOf(plan.takes, kind);
          const ratio = Math.min(MOST, Math.max(-MOST, Math.log(times)));
          return [{ kind, groupId, movementId: movements.get(itemId) ?? null, ratio }];
        }),
  );
}

/** What has been learnt of one kind of part with one group. */
export interface Learnt {
  readonly kind: PartKind;
  readonly groupId: string;
  /** How many times as long it takes as reckoned: 1.4. */
  readonly times: number;
  /** From how many parts. */
  readonly from: number;
}

/** Certainty and mean of what is believed of a logarithm. */
interface Belief {
  readonly weight: number;
  readonly mean: number;
}

/** What is known of something from below, seen from one step further up, over a spread. */
const seenFrom = ({ weight, mean }: Belief, spread: number): Belief => ({
  weight: weight === 0 ? 0 : 1 / (1 / weight + spread ** 2),
  mean,
});
const together = (beliefs: readonly Belief[]): Belief => {
  const weight = beliefs.reduce((sum, one) => sum + one.weight, 0);
  return { weight, mean: weight === 0 ? 0 : beliefs.reduce((sum, one) => sum + one.weight * one.mean, 0) / weight };
};

const grouped = <Of>(some: readonly Of[], by: (one: Of) => string): Map<string, Of[]> => {
  const found = new Map<string, Of[]>();
  for (const one of some) found.set(by(one), [...(found.get(by(one)) ?? []), one]);
  return found;
};

/** What the observations of one group say of it: those of a movement count through the movement. */
function ofGroup(observations: readonly Observation[]): Belief {
  const weight = 1 / SPREAD.one ** 2;
  const alone = observations.filter(({ movementId }) => movementId === null);
  const byMovement = grouped(
    observations.filter(({ movementId }) => movementId !== null),
    ({ movementId }) => movementId ?? '',
  );
  return together([
    ...alone.map(({ ratio }) => ({ weight, mean: ratio })),
    ...[...byMovement.values()].map((of) =>
      seenFrom(together(of.map(({ ratio }) => ({ weight, mean: ratio }))), SPREAD.movement),
    ),
  ]);
}

/**
 * How long each kind of part really takes with each group, shrunk towards what is usual: exact for logarithms that scatter normally
 * about a movement's, those about the group's, and those about the instructor's own. Groups lend each other what they have in common.
 */
export function learn(observations: readonly Observation[]): Learnt[] {
  return [...grouped(observations, ({ kind }) => kind)].flatMap(([, ofKind]) => {
    const groups = [...grouped(ofKind, ({ groupId }) => groupId)].map(([groupId, of]) => ({
      groupId,
      of,
      own: ofGroup(of),
    }));
    const prior: Belief = { weight: 1 / SPREAD.all ** 2, mean: 0 };
    return groups.map(({ groupId, of, own }): Learnt => {
      // What all others say of the instructor, seen from this group, and what this group says itself.
      const others = groups.filter((one) => one.groupId !== groupId).map((one) => seenFrom(one.own, SPREAD.group));
      const fromAbove = seenFrom(together([prior, ...others]), SPREAD.group);
      const { mean } = together([fromAbove, own]);
      return { kind: (of[0] as Observation).kind, groupId, times: Math.exp(mean), from: of.length };
    });
  });
}

/**
 * What has been learnt of a movement by itself, where the group takes it as it is usual: two parts of one move what is believed of it by
 * 27 percent, twenty by 79.
 */
export const movedBy = (parts: number): number => parts / (parts + SPREAD.one ** 2 / SPREAD.movement ** 2);
