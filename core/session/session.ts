import { z } from 'zod';
import { Role } from '../movement/movement';
import { Pace } from './pace';

const Id = z.string().min(1).max(60);

/** How an item is led: named and shown first; named while moving; or only moved. */
export const Manner = z.enum(['explained', 'follow-along', 'quiet']);
export type Manner = z.infer<typeof Manner>;

/** What happens after a movement before the next one. */
export const Settle = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('none') }),
  z.object({ kind: z.literal('still'), seconds: z.number().min(1).max(600) }),
]);
export type Settle = z.infer<typeof Settle>;

/** A movement in the running order. `count` is per side and per direction, in the movement's own unit. */
export const MovementItem = z.object({
  kind: z.literal('movement'),
  id: Id,
  movementId: z.string().min(1).max(80),
  count: z.number().positive().max(3600),
  rounds: z.number().int().min(1).max(20).default(1),
  /** Rest between rounds, in seconds. */
  roundRest: z.number().min(0).max(600).default(0),
  sides: z.enum(['usual', 'left-first', 'right-first', 'left-only', 'right-only']).default('usual'),
  directions: z.enum(['usual', 'one']).default('usual'),
  manner: Manner,
  settle: Settle.default({ kind: 'none' }),
  /** A constant pace for this item in breaths per minute; null follows the section. */
  pace: z.number().min(2).max(30).nullable().default(null),
  note: z.string().max(400).default(''),
});
export type MovementItem = z.infer<typeof MovementItem>;

export const RestItem = z.object({
  kind: z.literal('rest'),
  id: Id,
  seconds: z.number().min(1).max(3600),
  note: z.string().max(400).default(''),
});

export const TalkItem = z.object({
  kind: z.literal('talk'),
  id: Id,
  seconds: z.number().min(1).max(3600),
  note: z.string().max(400).default(''),
});

/** One line of the running order. */
export const Item = z.discriminatedUnion('kind', [MovementItem, RestItem, TalkItem]);
export type Item = z.infer<typeof Item>;

/** A passage of the class with its own breath pace. */
export const Section = z.object({ kind: Role, pace: Pace, items: z.array(Item).max(200) });
export type Section = z.infer<typeof Section>;

/** What of a session bears on its time: everything but who, where and when. */
export const Plan = z.object({
  slotMinutes: z.number().int().min(5).max(240),
  /** In-part to out-part of a breath. */
  breath: z.object({ in: z.number().min(1).max(10), out: z.number().min(1).max(10) }),
  sections: z.array(Section).min(1).max(12),
});
export type Plan = z.infer<typeof Plan>;

/** One class in one slot. `date` is a local day (YYYY-MM-DD) or null while it has none; `startsAt` is local HH:MM. */
export const Session = Plan.extend({
  id: z.string().regex(/^[a-z0-9-]{3,60}$/),
  title: z.string().trim().min(1, 'a class needs a name').max(120),
  groupId: z.string().max(60).nullable(),
  date: z.iso.date().nullable(),
  startsAt: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time looks like 19:00'),
}).superRefine((session, context) => {
  const seen = new Set<string>();
  session.sections.forEach((section, s) => {
    section.items.forEach((item, i) => {
      if (seen.has(item.id)) {
        context.addIssue({
          code: 'custom',
          path: ['sections', s, 'items', i, 'id'],
          message: 'two lines share this id',
        });
      }
      seen.add(item.id);
    });
  });
});
export type Session = z.infer<typeof Session>;
