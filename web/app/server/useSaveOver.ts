import { useRef } from 'react';
import { type Save, storedInstead } from './saveOver';

interface Named {
  readonly id: string;
}

/**
 * Saves what a form made of something. Refused because it was changed elsewhere, it is saved when it is asked once more: by then it
 * has been said, and what is there now is what it is saved over.
 * @param save what saves it; it throws what the server refused
 */
export function useSaveOver<Thing extends Named>(
  save: (args: Save<Thing>) => Promise<unknown>,
): (args: Save<Thing>) => Promise<void> {
  const told = useRef(new Map<string, Thing | null>());
  return async ({ thing, basedOn }) => {
    const seen = told.current.get(thing.id);
    try {
      await save({ thing, basedOn: seen === undefined ? basedOn : seen });
      told.current.delete(thing.id);
    } catch (error) {
      const stored = storedInstead(error);
      if (stored !== undefined) told.current.set(thing.id, stored as Thing | null);
      throw error;
    }
  };
}
