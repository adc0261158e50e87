import { sumBy } from 'remeda';
import { isSeated } from '../../body/written/load';
import type { Movement, Role } from '../../movement/schema/movement';
import { whoNeedsWhat } from '../../needs/whoNeedsWhat';
import type { JudgingContext } from '../findings/finding/finding';
import { type DemandPiece, sessionDemand } from '../load/sessionDemand';
import { newMovementItem } from '../plan/defaults';
import { isSeatedClass } from '../plan/isSeatedClass';
import type { MovementItem, Plan } from '../plan/session';
import { timelineOf } from '../schedule/timeline';
import type { Preferences } from './preferences';

/** A movement that might be taken into a passage, with what it would ask and move there. */
export interface Candidate {
  readonly movement: Movement;
  readonly item: MovementItem;
  readonly pieces: readonly DemandPiece[];
  readonly seconds: number;
}

/** A line of a movement as it would be in a section by itself. */
export function candidateOf(movement: Movement, item: MovementItem, plan: Plan, section: number): Candidate | null {
  const passage = plan.sections[section];
  if (!passage) return null;
  const alone: Plan = { ...plan, sections: [{ ...passage, items: [item] }] };
  const answer = timelineOf(alone, () => movement);
  if (!answer.ok) return null;
  const pieces = sessionDemand(alone, answer.timeline, () => movement);
  return { movement, item, pieces, seconds: answer.timeline.totalMs / 1000 };
}

/** The candidate with its count changed by so many of its steps; null where its range ends. */
export function stepped(candidate: Candidate, steps: number, plan: Plan, section: number): Candidate | null {
  const { movement, item } = candidate;
  const count = item.count + steps * movement.count.step;
  if (count < movement.count.least || count > movement.count.most) return null;
  return candidateOf(movement, { ...item, count }, plan, section);
}

export const secondsOf = (some: readonly Candidate[]): number => sumBy(some, ({ seconds }) => seconds);

/** Lines done a step more each, round by round, until they last so long; none more than twice as often as is usual. */
export function stretchedTo(chosen: readonly Candidate[], seconds: number, plan: Plan, section: number): Candidate[] {
  let now = [...chosen];
  for (let changed = true; changed; ) {
    changed = false;
    for (const [place, one] of now.entries()) {
      if (secondsOf(now) >= seconds) return now;
      const more = one.item.count < 2 * one.movement.count.usual ? stepped(one, 1, plan, section) : null;
      if (!more) continue;
      now = now.with(place, more);
      changed = true;
    }
  }
  return now;
}

/** The way a movement is done standing, or on a chair: null as it is written, or a variant; undefined where there is none. */
export function wayIn(movement: Movement, seated: boolean): string | null | undefined {
  if (isSeated(movement.start.load) === seated) return null;
  return seated ? movement.variants.find(({ kind }) => kind === 'seated')?.id : undefined;
}

/** Whether everybody who is to be expected has a way through a line. */
function hasWayForAll(
  { movement, item }: Candidate,
  plan: Plan,
  section: number,
  { present }: JudgingContext,
): boolean {
  const passage = plan.sections[section];
  if (present.comers.length === 0 || !passage) return true;
  const alone: Plan = { ...plan, sections: [{ ...passage, items: [item] }] };
  const answer = timelineOf(alone, () => movement);
  if (!answer.ok) return false;
  const lines = whoNeedsWhat({ plan: alone, timeline: answer.timeline, find: () => movement }, present.comers);
  return lines.every(({ through }) => through.every(({ way }) => way.kind !== 'none'));
}

/** Everything that is offered for a section: of the right role and level, on chairs where the class is, with a way for everybody who comes, each once. */
export function candidatesFor(plan: Plan, context: JudgingContext, preferences: Preferences, role: Role): Candidate[] {
  const section = plan.sections.findIndex(({ kind }) => kind === role);
  const seated = isSeatedClass(plan, context.find);
  const taken = new Set(
    plan.sections
      .filter(({ kind }) => kind !== role)
      .flatMap(({ items }) => items.flatMap((item) => (item.kind === 'movement' ? [item.movementId] : []))),
  );
  const ids = new Set(
    plan.sections.filter(({ kind }) => kind !== role).flatMap(({ items }) => items.map(({ id }) => id)),
  );
  const idFor = (movement: Movement): string => {
    const id = `${role}-${movement.id}`.slice(0, 56);
    return ids.has(id) ? `${id}-new` : id;
  };
  return context.offered
    .filter(
      (movement) =>
        movement.roles.includes(role) &&
        movement.level <= preferences.level &&
        wayIn(movement, seated) !== undefined &&
        !taken.has(movement.id),
    )
    .flatMap((movement) => {
      const variant = wayIn(movement, seated) ?? null;
      const item = { ...newMovementItem(idFor(movement), movement, role), variant };
      const candidate = candidateOf(movement, item, plan, section);
      return candidate && hasWayForAll(candidate, plan, section, context) ? [candidate] : [];
    });
}
