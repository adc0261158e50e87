import { useState } from 'react';
import { machineShelf } from '../../app/machine/storage';

/**
 * One of some values, remembered by this machine, and how to go on to the next.
 * @param values the first is the usual one
 */
export function useKeptChoice<Value extends string>(
  key: string,
  values: readonly [Value, ...Value[]],
): [value: Value, next: () => void] {
  const [value, setValue] = useState<Value>(() => values.find((one) => one === machineShelf.find(key)) ?? values[0]);
  const next = () => {
    const following = values[(values.indexOf(value) + 1) % values.length] ?? values[0];
    machineShelf.keep(key, following);
    setValue(following);
  };
  return [value, next];
}
