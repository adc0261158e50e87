import { z } from 'zod';
import type { Movement } from '../schema/movement';
import { PartName } from '../schema/parts';

/** A call as an instructor says it, in place of the one that is written. */
export const OwnCall = z.object({
  part: PartName,
  /** From 0. */
  phase: z.number().int().min(0).max(39),
  /** What is written there. Where something else is written by now, the own call is left aside. */
  was: z.string().min(1).max(80),
  call: z.string().trim().min(1).max(80),
});
export type OwnCall = z.infer<typeof OwnCall>;

/** The calls of one movement in an instructor's own words, for every class it is in. */
export const Wording = z
  .object({
    /** The name all versions share. */
    movementId: z
      .string()
      .max(80)
      .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'an id is lower-case words joined by hyphens'),
    calls: z.array(OwnCall).max(160),
  })
  .superRefine(({ calls }, context) => {
    const seen = new Set<string>();
    for (const [index, { part, phase }] of calls.entries()) {
      const place = `${part} ${phase}`;
      if (seen.has(place))
        context.addIssue({ code: 'custom', path: ['calls', index], message: 'this phase has two calls' });
      seen.add(place);
    }
  });
export type Wording = z.infer<typeof Wording>;

/**
 * A movement with the calls its instructor says. Nothing else of it changes; itself where no call fits it.
 * @param calls of `Wording`
 */
export function wordedAs(movement: Movement, calls: readonly OwnCall[]): Movement {
  const fitting = calls.filter(({ part, phase, was }) => movement.parts[part]?.[phase]?.call === was);
  if (fitting.length === 0) return movement;
  const parts = { ...movement.parts };
  for (const { part, phase, call } of fitting)
    parts[part] = parts[part]?.map((one, index) => (index === phase ? { ...one, call } : one)) ?? [];
  return { ...movement, parts };
}

/** What is written where a movement is said otherwise: by part and phase, for those that are. */
export const writtenCall = (calls: readonly OwnCall[], movement: Movement, part: PartName, phase: number): string => {
  const said = movement.parts[part]?.[phase]?.call ?? '';
  return calls.find((one) => one.part === part && one.phase === phase && one.call === said)?.was ?? said;
};
