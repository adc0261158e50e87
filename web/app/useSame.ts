import equal from 'fast-deep-equal/es6';
import { useRef } from 'react';

/** The value of the draw before as long as the new one holds the same: what hangs on it is not done anew for nothing. */
export function useSame<Value>(value: Value): Value {
  const kept = useRef(value);
  if (!equal(kept.current, value)) kept.current = value;
  return kept.current;
}
