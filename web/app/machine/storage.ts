import { unique } from 'remeda';
/** What this machine keeps for Vesperum, behind one door that never throws: storage may be full, or forbidden altogether. */
export interface Shelf {
  /** Answers whether it is kept on this machine; where it is not, it is kept until this page is left. */
  keep(key: string, text: string): boolean;
  find(key: string): string | null;
  forget(key: string): void;
  /** The keys that begin so. */
  keysFrom(beginning: string): string[];
}

/** A storage of the browser that may be missing, refuse, or fill up. What it does not take is held in memory. */
export function shelfOn(storageOf: () => Storage): Shelf {
  const held = new Map<string, string>();
  /** Does something with the storage; where that fails, answers what else there is. */
  const using = <Answer>(act: (storage: Storage) => Answer, otherwise: Answer): Answer => {
    try {
      return act(storageOf());
    } catch {
      return otherwise;
    }
  };
  return {
    keep(key, text) {
      const isKept = using((storage) => {
        storage.setItem(key, text);
        return true;
      }, false);
      if (isKept) held.delete(key);
      else {
        // An older text must not come back as if it were the newest.
        using((storage) => storage.removeItem(key), undefined);
        held.set(key, text);
      }
      return isKept;
    },
    find: (key) => held.get(key) ?? using((storage) => storage.getItem(key), null),
    forget(key) {
      held.delete(key);
      using((storage) => storage.removeItem(key), undefined);
    },
    keysFrom: (beginning) => {
      const stored = using((storage) => Array.from({ length: storage.length }, (_, place) => storage.key(place)), []);
      return unique([...held.keys(), ...stored]).filter((key): key is string => key?.startsWith(beginning) ?? false);
    },
  };
}

/** Kept on this machine for good. */
export const machineShelf = shelfOn(() => localStorage);
/** Kept for this tab, also over a reload. */
export const tabShelf = shelfOn(() => sessionStorage);
