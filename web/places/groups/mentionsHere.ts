import { z } from 'zod';
import { nameIn } from '../../../core/words/nameIn';
import { machineShelf } from '../../app/machine/storage';

/** What this browser keeps that somebody may have written a name into, by the shelf it is kept on. */
const SHELVES: Readonly<Record<string, string>> = {
  draft: 'edits not saved yet',
  teaching: 'a class being taught',
  'movement-draft': 'a movement being written',
  carried: 'lines that were copied',
  landmarks: 'what is left and right in a hall',
};

const Titled = z.object({ title: z.string().min(1) });
const Named = z.object({ names: z.object({ english: z.array(z.string()).min(1) }) });
const OfClass = z.object({ session: Titled });

/** What a kept thing is called; empty where that cannot be told. */
function titleOf(text: string): string {
  try {
    const json: unknown = JSON.parse(text);
    return OfClass.safeParse(json).data?.session.title ?? Named.safeParse(json).data?.names.english[0] ?? '';
  } catch {
    return '';
  }
}

/** Where a name still stands in what this browser keeps for itself, in words. */
export function mentionsHere(name: string): string[] {
  const hasName = nameIn(name);
  const found = Object.entries(SHELVES).flatMap(([shelf, words]) =>
    machineShelf.keysFrom(`vesperum.${shelf}.`).flatMap((key) => {
      const text = machineShelf.find(key) ?? '';
      const title = titleOf(text);
      return hasName(text) ? [title === '' ? words : `${words}: “${title}”`] : [];
    }),
  );
  return [...new Set(found)];
}
