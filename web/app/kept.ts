import type { z } from 'zod';

/** Things of one kind that are kept on this machine, one per id, until they have gone where they belong. */
export interface Kept<Thing> {
  keep(id: string, thing: Thing): void;
  forget(id: string): void;
  /** The thing kept under an id; null where there is none that can be read. */
  find(id: string): Thing | null;
}

/** A shelf of this machine for things of one schema. What a schema cannot read any more counts as not there. */
export function keptOnThisMachine<Schema extends z.ZodType>(shelf: string, schema: Schema): Kept<z.infer<Schema>> {
  const key = (id: string): string => `vesperum.${shelf}.${id}`;
  return {
    keep: (id, thing) => localStorage.setItem(key(id), JSON.stringify(thing)),
    forget: (id) => localStorage.removeItem(key(id)),
    find: (id) => {
      const text = localStorage.getItem(key(id));
      if (text === null) return null;
      try {
        return schema.parse(JSON.parse(text));
      } catch {
        return null;
      }
    },
  };
}
