import { useCallback, useMemo, useState } from 'react';
import type { Session } from '../../../../core/session/plan/session';

export interface Chosen {
  readonly ids: ReadonlySet<string>;
  readonly toggle: (itemId: string) => void;
  /** Everything from the line that was chosen last to this one. */
  readonly extendTo: (itemId: string) => void;
  readonly letGo: () => void;
}

const NOTHING: ReadonlySet<string> = new Set();

/** The lines that are chosen to be done something with together. Lines that are gone are chosen no longer. */
export function useChosen(session: Session): Chosen {
  const [wanted, setWanted] = useState<ReadonlySet<string>>(NOTHING);
  const [last, setLast] = useState<string | null>(null);
  const order = useMemo(() => session.sections.flatMap(({ items }) => items.map(({ id }) => id)), [session]);
  const ids = useMemo(() => {
    const there = order.filter((id) => wanted.has(id));
    return there.length === 0 ? NOTHING : new Set(there);
  }, [order, wanted]);

  const toggle = useCallback((itemId: string) => {
    setLast(itemId);
    setWanted((now) => new Set(now.has(itemId) ? [...now].filter((id) => id !== itemId) : [...now, itemId]));
  }, []);
  const extendTo = useCallback(
    (itemId: string) => {
      const [a, b] = [order.indexOf(last ?? itemId), order.indexOf(itemId)];
      setLast((now) => now ?? itemId);
      const from = a < 0 ? b : Math.min(a, b);
      setWanted(new Set(order.slice(from, Math.max(a, b) + 1)));
    },
    [order, last],
  );
  const letGo = useCallback(() => {
    setWanted(NOTHING);
    setLast(null);
  }, []);
  return useMemo(() => ({ ids, toggle, extendTo, letGo }), [ids, toggle, extendTo, letGo]);
}
