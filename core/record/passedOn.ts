import equal from 'fast-deep-equal';
import { pick } from 'remeda';
import { z } from 'zod';
import { type FindMovement, usualName } from '../movement/schema/movement';
import { baseId } from '../movement/schema/version';
import { lineChange } from '../session/edit/between';
import type { PlanEdit } from '../session/edit/edit';
import { FIELD_WORDS } from '../session/edit/fieldWords';
import { MovementItem, type Session } from '../session/plan/session';
import { amountSaid } from '../session/report/countWords';
import { LineId } from '../words/ids';
import type { ClassLog } from './classLog';

type Field = keyof MovementItem;

/** What may be passed on from one group's line to another's, fields that only mean something together, and how a change of them is said. */
const PASSED: readonly { readonly fields: readonly Field[]; readonly said: (line: MovementItem) => string }[] = [
  { fields: ['count', 'range', 'ends'], said: (line) => amountSaid(line) },
  { fields: ['rounds', 'roundRest'], said: ({ rounds }) => (rounds === 1 ? 'one round' : `${rounds} rounds`) },
  { fields: ['manner'], said: ({ manner }) => manner },
  { fields: ['cues'], said: () => FIELD_WORDS.cues },
  { fields: ['script'], said: () => FIELD_WORDS.script },
  { fields: ['focuses'], said: () => FIELD_WORDS.focuses },
];

/** A change that one group's class had, offered to the class of another that has the same piece. */
export const PassedOn = z.object({
  /** The line of the coming class, and of the class it was changed in. */
  itemId: LineId,
  from: LineId,
  title: z.string(),
  /** What would change, in words: "6 instead of 4". */
  said: z.array(z.string()),
  /** The line as it would be. */
  to: MovementItem,
});
export type PassedOn = z.infer<typeof PassedOn>;

const movementsOf = ({ sections }: Pick<Session, 'sections'>): MovementItem[] =>
  sections.flatMap(({ items }) => items.filter((item): item is MovementItem => item.kind === 'movement'));

/** The line of a class that does the same movement; undefined where none does. */
export const samePiece = (of: Pick<Session, 'sections'>, { movementId }: MovementItem): MovementItem | undefined =>
  movementsOf(of).find((item) => baseId(item.movementId) === baseId(movementId));

/**
 * What was changed of one line in a class, against the class of that group before it, and is otherwise in a coming class of another
 * group: in wording or in minutes. Null where there is nothing to pass on.
 * @param next the line of the coming class
 */
export function passedOn(
  next: MovementItem,
  now: MovementItem,
  before: MovementItem,
  find: FindMovement,
): PassedOn | null {
  const differs = (a: MovementItem, b: MovementItem, fields: readonly Field[]) =>
    fields.some((field) => !equal(a[field], b[field]));
  const changed = PASSED.filter(({ fields }) => differs(now, before, fields) && differs(now, next, fields));
  const movement = find(next.movementId);
  if (changed.length === 0 || !movement) return null;
  return {
    itemId: next.id,
    from: now.id,
    title: usualName(movement),
    said: changed.map(({ said }) => {
      const [then, usual] = [said(now), said(next)];
      return then === usual ? then : `${then} instead of ${usual}`;
    }),
    to: {
      ...next,
      ...pick(
        now,
        changed.flatMap(({ fields }) => fields),
      ),
    },
  };
}

/** The edits by which a class takes over what is passed on to it; none where it no longer has the line, or has it so already. */
export function passOn({ sections }: Pick<Session, 'sections'>, { itemId, to }: PassedOn): PlanEdit[] {
  const line = sections.flatMap(({ items }) => items).find(({ id }) => id === itemId);
  const change = line && lineChange(line, to);
  return change ? [{ kind: 'change', itemId, to: change }] : [];
}

/** Whether a line of a class was taught. */
export const wasTaught = ({ items }: Pick<ClassLog, 'items'>, itemId: string): boolean =>
  items.some((item) => item.itemId === itemId && item.outcome !== 'left out');

/**
 * What the classes of another group pass on to a coming class: for each of its movements, what was changed when that group last did it.
 * What was let go for this class before is let rest.
 * @param logs of that group, the latest first
 * @param recent how many of them are looked at for changes; the others only say how it was before
 */
export function passedOnBy(
  next: Session,
  logs: readonly ClassLog[],
  recent: number,
  find: FindMovement,
): { readonly log: ClassLog; readonly passed: PassedOn }[] {
  return movementsOf(next).flatMap((line) => {
    const taught = logs.flatMap((log, at) => {
      const item = samePiece(log.plan, line);
      return item && wasTaught(log, item.id) ? [{ log, item, at }] : [];
    });
    const [last, before] = taught;
    if (!last || !before || last.at >= recent) return [];
    const isLetGo = last.log.letGo.some(({ itemId, sessionId }) => itemId === last.item.id && sessionId === next.id);
    const passed = isLetGo ? null : passedOn(line, last.item, before.item, find);
    return passed ? [{ log: last.log, passed }] : [];
  });
}
