import { useEffect, useState } from 'react';

/** Nobody who types leaves so long between two keys, milliseconds. */
const REST = 1200;

/** A value once it has stayed the same for a moment; what it was before until then. */
export function useAtRest<Value>(value: Value): Value {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(() => value), REST);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}
