import { type Movement, usualName } from '../../../core/movement/schema/movement';
import { phasesFor } from '../../../core/movement/walk/cycleFor';
import { isPauseKind, notedTitle, PAUSE_WORDS } from '../../../core/session/plan/lineTitle';
import type { Session } from '../../../core/session/plan/session';
import type { Segment } from '../../../core/session/timeline/segment';
import type { Repertoire } from '../../app/repertoire';

/** What a line is called while it is taught. */
export function lineName(segment: Segment, session: Session, repertoire: Repertoire): string {
  const movement = segment.movementId === null ? undefined : repertoire.find(segment.movementId);
  if (movement) return usualName(movement);
  const item = session.sections[segment.section]?.items.find(({ id }) => id === segment.itemId);
  return item ? notedTitle(item, repertoire.find) : segment.itemId;
}

/** What a line is called, by its id. */
export function titleOf({ sections }: Session, itemId: string, { find }: Repertoire): string {
  const item = sections.flatMap(({ items }) => items).find(({ id }) => id === itemId);
  return item ? notedTitle(item, find) : itemId;
}

/** The words on the screen: what is said now, and in silence still the shape, for the instructor's own eye. */
export function callShown(segment: Segment, movement: Movement | undefined): string {
  if (segment.call !== '') return segment.call;
  if (!movement || segment.part === null || segment.phase === null)
    return isPauseKind(segment.kind) ? PAUSE_WORDS[segment.kind] : '';
  return phasesFor(movement, segment.part, segment.side, segment.direction)[segment.phase]?.call ?? '';
}
