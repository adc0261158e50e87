import { z } from 'zod';
import { Taken } from '../../course/schema/course';
import type { Hall } from '../../hall/hall';
import { sheetLines } from '../../hall/sheetLines';
import { type FindMovement, Movement } from '../../movement/schema/movement';
import { ClassLog } from '../../record/classLog';
import { Session } from '../../session/plan/session';
import { movementIdsOf } from '../../session/schedule/settleItem';
import { LineId } from '../../words/ids';

/** Something that was taught, and is asked after at the end: by its thread in the course, and its title. */
export const AskedAfter = z.object({ thread: LineId, title: z.string().max(200) });
export type AskedAfter = z.infer<typeof AskedAfter>;

/**
 * A class, or practice for at home, that is carried in a file of its own: everything it takes to teach it, and nothing about anybody.
 */
export const PocketClass = z.object({
  format: z.literal('vesperum-pocket'),
  version: z.literal(1),
  kind: z.enum(['class', 'practice']),
  session: Session,
  movements: z.array(Movement).max(500),
  asked: z.array(AskedAfter).max(12),
  /** The hall sheet, line by line; no codes are on it. */
  sheet: z.array(z.object({ label: z.string(), words: z.string() })),
});
export type PocketClass = z.infer<typeof PocketClass>;

/** How one thing that was taught was taken, by its thread in the course. */
export const TakenOf = z.object({ thread: LineId, taken: Taken });
export type TakenOf = z.infer<typeof TakenOf>;

/** What a class taught from its file gives back: the record, and how what was taught was taken. */
export const PocketRecord = z.object({
  format: z.literal('vesperum-record'),
  version: z.literal(1),
  log: ClassLog,
  taken: z.array(TakenOf).max(12),
});
export type PocketRecord = z.infer<typeof PocketRecord>;

/** A class without whose it is, and without what was set aside in it and why: those stay at home. */
const carried = (session: Session): Session => ({
  ...session,
  groupId: null,
  course: null,
  family: null,
  setAside: [],
});

/** A class ready to be carried. Needs, names and attendance are not part of it; a hall brings its sheet alone. */
export const packClass = (
  kind: PocketClass['kind'],
  session: Session,
  find: FindMovement,
  { asked = [], hall = null }: { readonly asked?: readonly AskedAfter[]; readonly hall?: Hall | null } = {},
): PocketClass => ({
  format: 'vesperum-pocket',
  version: 1,
  kind,
  session: carried(session),
  movements: movementIdsOf(session.sections).flatMap((id) => find(id) ?? []),
  asked: asked.slice(0, 12),
  sheet: hall ? [...sheetLines(hall.sheet)] : [],
});
