import type { MovementSearch } from '../../movement/edit/search';
import type { Form } from '../../movement/schema/form';
import type { FindMovement, Movement } from '../../movement/schema/movement';
import type { LineSet } from '../plan/lineSet';
import type { Section, Session } from '../plan/session';
import { timelineOf } from '../schedule/timeline';

/** What a typed line could mean: the lines it would add, and how it was understood. */
export interface Offer {
  readonly key: string;
  /** What it adds; null for what can't be added here. */
  readonly lines: LineSet | null;
  readonly title: string;
  readonly reading: string;
  /** What was typed and is not used; it stays in the field. '' where all of it was. */
  readonly unused: string;
  readonly cautions: string;
  readonly ms: number;
  /** The movement it is, for its figure; null for what has none. */
  readonly movement: Movement | null;
  /** A movement of this name, to be made in the editor; null for what is added here. */
  readonly newName: string | null;
}

/** What there is to offer. */
export interface OfferedRepertoire {
  readonly forms: readonly Form[];
  readonly find: FindMovement;
  /** The version that is offered now under the name of another. */
  readonly newest: FindMovement;
  readonly search: MovementSearch;
}

/** Where a line is typed. */
export interface OfferPlace {
  readonly session: Session;
  readonly section: Section;
  readonly repertoire: OfferedRepertoire;
}

/** How long some lines last by themselves, milliseconds; null where that is far too long to be laid out. */
export function msOf({ items, blocks }: LineSet, { session, section, repertoire }: OfferPlace): number | null {
  const alone = timelineOf({ ...session, sections: [{ ...section, items, blocks }] }, repertoire.find);
  return alone.ok ? alone.timeline.totalMs : null;
}
