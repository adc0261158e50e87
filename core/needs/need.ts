import { z } from 'zod';
import { CalendarDay } from '../words/calendarDay';

/** Needs that may be of one side of the body only. */
export const SIDED_NEEDS = ['no-twist', 'arm-low'] as const;
/** All others but touch, which has three answers. */
export const PLAIN_NEEDS = [
  'higher-stance',
  'head-up',
  'rise-slowly',
  'no-breath-holding',
  'soft-fold',
  'chair-near',
  'wall-near',
  'sits-throughout',
  'sits-for-parts',
  'front-row',
  'pauses',
  'gentle-pressing',
] as const;

const WRITTEN = {
  /** The local day they were asked. */
  askedOn: CalendarDay,
  /** The local day they agreed that it is written down: without that it is not kept. */
  agreedOn: CalendarDay,
  /** From this day on it is old: shown as old, kept in mind, and to be asked again. */
  askAgainBy: CalendarDay,
  /** Why, where they want it written; nothing here ever needs it. */
  reason: z.string().trim().max(120).default(''),
};

/**
 * What an instructor must do for somebody. What is kept is what to do, never why: no diagnosis, no medicine, no answers to health
 * questions.
 */
export const Need = z.discriminatedUnion('kind', [
  z.object({ kind: z.enum(SIDED_NEEDS), side: z.enum(['left', 'right', 'both']), ...WRITTEN }),
  z.object({ kind: z.enum(PLAIN_NEEDS), ...WRITTEN }),
  z.object({ kind: z.literal('touch'), answer: z.enum(['yes', 'ask', 'no']), ...WRITTEN }),
]);
export type Need = z.infer<typeof Need>;
export type NeedKind = Need['kind'];

export const NEED_KINDS: readonly NeedKind[] = [
  ...PLAIN_NEEDS.slice(0, 1),
  ...SIDED_NEEDS,
  ...PLAIN_NEEDS.slice(1),
  'touch',
];

/** The needs of one person; each at most once. */
export const Needs = z
  .array(Need)
  .max(20)
  .superRefine((needs, context) => {
    const seen = new Set<NeedKind>();
    needs.forEach(({ kind }, place) => {
      if (seen.has(kind)) context.addIssue({ code: 'custom', path: [place, 'kind'], message: 'is written down twice' });
      seen.add(kind);
    });
  });

/** Whether a need has not been asked about for too long: it is kept in mind, and shown as old. */
export const isOld = ({ askAgainBy }: Pick<Need, 'askAgainBy'>, day: string): boolean => askAgainBy <= day;

const SAID: Readonly<Record<Exclude<NeedKind, 'touch'>, string>> = {
  'higher-stance': 'a higher stance',
  'no-twist': 'no twist under load',
  'arm-low': 'arm below the shoulder',
  'head-up': 'head stays up',
  'rise-slowly': 'no fast rising',
  'no-breath-holding': 'no breath holding',
  'soft-fold': 'soft fold only',
  'chair-near': 'a chair near',
  'wall-near': 'a wall near',
  'sits-throughout': 'sits throughout',
  'sits-for-parts': 'sits for parts',
  'front-row': 'front row',
  pauses: 'pauses',
  'gentle-pressing': 'gentle pressing',
};
const TOUCH = { yes: 'touch: yes', ask: 'touch: ask first', no: 'touch: no' } as const;

/** What a kind of need is called where it is chosen: "a higher stance". */
export const needLabel = (kind: NeedKind): string => (kind === 'touch' ? 'touch' : SAID[kind]);

/** A need in words: "no twist under load, left". */
export function needWords(need: Need): string {
  if (need.kind === 'touch') return TOUCH[need.answer];
  if (!('side' in need)) return SAID[need.kind];
  if (need.kind === 'arm-low')
    return need.side === 'both' ? 'both arms below the shoulders' : `${need.side} ${SAID['arm-low']}`;
  return need.side === 'both' ? SAID[need.kind] : `${SAID[need.kind]}, ${need.side}`;
}
