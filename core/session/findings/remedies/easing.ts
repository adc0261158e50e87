import { usualName } from '../../../movement/schema/movement';
import type { PlanEdit } from '../../edit/edit';
import { placeOf } from '../../edit/editPlan';
import { newPause } from '../../plan/defaults';
import { isSeatedClass } from '../../plan/isSeatedClass';
import type { AnalysedClass, Remedy } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { freshId, movementLine } from './mending';

/** Ways of asking less of the class at a line, the mildest first; each check tries which of them mends what it found. */

/** A rest before a line, a little longer each time. */
export function restsBefore(analysed: AnalysedClass, itemId: string): Remedy[] {
  const at = placeOf(analysed.plan, itemId);
  if (!at) return [];
  const id = freshId(analysed, itemId, 'rest');
  return [15, 30, 45, 60, 90, 120, 180].map((seconds) => ({
    label: `Rest ${seconds} s before ${nameOf(analysed, itemId)}`,
    edits: [{ kind: 'add', at, item: newPause('rest', id, seconds) }],
  }));
}

/** A line at each of some paces, of those the group is at ease with; the first is tried first. Breaths a minute. */
export function atPaces(analysed: AnalysedClass, itemId: string, paces: readonly number[]): Remedy[] {
  const { least, most } = analysed.limits.pace;
  return paces
    .filter((pace) => pace >= least && pace <= most)
    .map((pace) => ({
      label: `${nameOf(analysed, itemId)} at ${pace} breaths a minute`,
      edits: [{ kind: 'change', itemId, to: { pace } }],
    }));
}

/** Fewer of a line, step by step down to the least. */
export function fewer(analysed: AnalysedClass, itemId: string): Remedy[] {
  const line = movementLine(analysed, itemId);
  const movement = line && analysed.find(line.movementId);
  if (!line || !movement) return [];
  const { least, step, unit } = movement.count;
  const counts: number[] = [];
  for (let count = line.count - step; count >= least - 1e-9; count -= step) counts.push(count);
  return counts.map((count) => ({
    label: `${usualName(movement)}: ${count} ${unit} rather than ${line.count}`,
    edits: [{ kind: 'change', itemId, to: { count } }],
  }));
}

/** The same line in a higher stance, a few degrees at a time. */
export function higher(analysed: AnalysedClass, itemId: string): Remedy[] {
  const line = movementLine(analysed, itemId);
  const movement = line && analysed.find(line.movementId);
  if (!line || !movement || line.ramp !== null) return [];
  return [5, 10, 15].map((degrees) => ({
    label: `${usualName(movement)} ${degrees}° higher`,
    edits: [{ kind: 'change', itemId, to: { ramp: { what: 'sink', from: -degrees, to: -degrees } } }],
  }));
}

/** A line that goes lower from round to round, the same each time. */
export function notLower(analysed: AnalysedClass, itemId: string): Remedy[] {
  const line = movementLine(analysed, itemId);
  if (!line || line.lower <= 0) return [];
  return [
    {
      label: `${nameOf(analysed, itemId)} no lower from round to round`,
      edits: [{ kind: 'change', itemId, to: { lower: 0 } }],
    },
  ];
}

/** Each easier way the movement of a line has. */
export function easierWays(analysed: AnalysedClass, itemId: string): Remedy[] {
  const line = movementLine(analysed, itemId);
  const movement = line && analysed.find(line.movementId);
  if (!line || !movement) return [];
  // Nobody sits down for one line of a class that stands.
  const sits = isSeatedClass(analysed.plan, analysed.find);
  return movement.variants
    .filter(({ id, kind }) => kind !== 'harder' && id !== line.variant && (kind !== 'seated' || sits))
    .map(({ id, name }) => ({
      label: `${usualName(movement)}: ${name}`,
      edits: [{ kind: 'change', itemId, to: { variant: id } }],
    }));
}

/** The count of a line taken in rounds with a rest between, which breaks what goes on too long. */
export function inRounds(analysed: AnalysedClass, itemId: string): Remedy[] {
  const line = movementLine(analysed, itemId);
  const movement = line && analysed.find(line.movementId);
  if (!line || !movement || line.rounds > 1) return [];
  const { least, step, unit } = movement.count;
  return [2, 3, 4].flatMap((rounds): Remedy[] => {
    const count = Math.max(least, Math.round(line.count / rounds / step) * step);
    if (count * rounds > line.count * 1.34) return [];
    const edits: PlanEdit[] = [{ kind: 'change', itemId, to: { rounds, count, roundRest: 15 } }];
    return [{ label: `${usualName(movement)} in ${rounds} rounds of ${count} ${unit}, 15 s rest between`, edits }];
  });
}

/** Longer rests between the rounds of a line that has some. */
export function longerRoundRest(analysed: AnalysedClass, itemId: string): Remedy[] {
  const line = movementLine(analysed, itemId);
  if (!line || line.rounds < 2) return [];
  return [30, 45, 60, 90]
    .filter((seconds) => seconds > line.roundRest)
    .map((roundRest) => ({
      label: `${nameOf(analysed, itemId)}: ${roundRest} s rest between rounds rather than ${line.roundRest}`,
      edits: [{ kind: 'change', itemId, to: { roundRest } }],
    }));
}

/** The line not done at all, where nothing else helps. */
export const leftOut = (analysed: AnalysedClass, itemId: string): Remedy[] => [
  { label: `${nameOf(analysed, itemId)} left out`, edits: [{ kind: 'remove', itemIds: [itemId] }] },
];

/** The same, but for a line that its course wants there: whether that goes is the instructor's to say. */
export const ownLeftOut = (analysed: AnalysedClass, itemId: string): Remedy[] =>
  movementLine(analysed, itemId)?.origin === null ? leftOut(analysed, itemId) : [];

/** Several changes as one; what is done to more than one line is said once, with in how many. */
export function joined(remedies: readonly Remedy[]): Remedy {
  const times = new Map<string, number>();
  for (const { label } of remedies) times.set(label, (times.get(label) ?? 0) + 1);
  return {
    label: [...times].map(([label, lines]) => (lines > 1 ? `${label}, in ${lines} lines` : label)).join('; '),
    edits: remedies.flatMap(({ edits }) => edits),
  };
}
