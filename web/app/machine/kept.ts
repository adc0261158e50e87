import type { z } from 'zod';
import { machineShelf } from './storage';

/** Things of one kind that are kept on this machine, one per id, until they have gone where they belong. */
export interface Kept<Thing> {
  /** Answers whether it is kept on this machine, and not only until the page is left. */
  keep(id: string, thing: Thing): boolean;
  forget(id: string): void;
  /** The thing kept under an id; null where there is none that can be read. */
  find(id: string): Thing | null;
  /** The ids under which something is kept, of those that begin so. */
  ids(beginning?: string): string[];
}

/** A shelf of this machine for things of one schema. What a schema cannot read any more counts as not there. */
export function keptOnThisMachine<Schema extends z.ZodType>(shelf: string, schema: Schema): Kept<z.infer<Schema>> {
  const beginning = `vesperum.${shelf}.`;
  return {
    keep: (id, thing) => machineShelf.keep(beginning + id, JSON.stringify(thing)),
    forget: (id) => machineShelf.forget(beginning + id),
    find: (id) => {
      const text = machineShelf.find(beginning + id);
      if (text === null) return null;
      try {
        return schema.parse(JSON.parse(text));
      } catch {
        return null;
      }
    },
    ids: (from = '') => machineShelf.keysFrom(beginning + from).map((key) => key.slice(beginning.length)),
  };
}
