import { z } from 'zod';
import { rememberFor } from '../../../remember/rememberFor';

/**
 * How low a class goes today, as its line that tests the depth has found it: degrees of knee bend that nobody is led beyond from there
 * on, and where whoever goes less stays; null where nothing else is offered.
 */
export const Depth = z
  .object({ deepest: z.number().int().min(1).max(90), less: z.number().int().min(1).max(89).nullable().default(null) })
  .refine(({ deepest, less }) => less === null || less < deepest, {
    message: 'whoever goes less stays higher',
    path: ['less'],
  });
export type Depth = z.infer<typeof Depth>;

const NONE: ReadonlyMap<string, Depth> = new Map();

/** What of a class says how low it goes: its lines in their order, some of which find it out. */
type Lines = readonly { readonly items: readonly { readonly id: string; readonly depth?: Depth | null }[] }[];

/** The depth that holds for each line of a class, by its id: the one found last before it. Lines before the first have none. */
export const depthsIn = rememberFor((sections: Lines): ReadonlyMap<string, Depth> => {
  let found: Depth | null = null;
  const depths = new Map<string, Depth>();
  for (const { items } of sections)
    for (const item of items) {
      if (found) depths.set(item.id, found);
      if (item.depth) found = item.depth;
    }
  return depths.size === 0 ? NONE : depths;
});

/** How low a line may go: degrees of knee bend; null where no depth was found before it. */
export const deepestFor = (sections: Lines, itemId: string): number | null =>
  depthsIn(sections).get(itemId)?.deepest ?? null;

/** What is said where a depth keeps a line higher than it is written: "no lower than 30° today, or 20° for who goes less". */
export const depthWords = ({ deepest, less }: Depth): string =>
  `no lower than ${deepest}° today${less === null ? '' : `, or ${less}° for who goes less`}`;
