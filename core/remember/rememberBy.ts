import { rememberFor } from './rememberFor';

type Name = string | number | null;

/**
 * The same for a function of an object and something more: once for each object and each name of the rest.
 * `rememberBy((movement: Movement, degrees: number) => lower(movement, degrees), (degrees) => degrees)`
 * @param nameOf what tells one way of asking from another
 */
export function rememberBy<Key extends object, Rest extends readonly unknown[], Answer>(
  work: (key: Key, ...rest: Rest) => Answer,
  nameOf: (...rest: Rest) => Name,
): (key: Key, ...rest: Rest) => Answer {
  const keptOf = rememberFor((_: Key) => new Map<Name, Answer>());
  return (key, ...rest) => {
    const kept = keptOf(key);
    const name = nameOf(...rest);
    const known = kept.get(name);
    if (known !== undefined || kept.has(name)) return known as Answer;
    const answer = work(key, ...rest);
    kept.set(name, answer);
    return answer;
  };
}
