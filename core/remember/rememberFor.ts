/**
 * Makes a function work out its answer once for each object it is asked about, and keep it as long as the object is there.
 * `const lengthOf = rememberFor((plan: Plan) => layOut(plan).length)` lays a plan out once, however often it is asked.
 * @param work pure: the same object always has the same answer
 */
export function rememberFor<Key extends object, Answer>(work: (key: Key) => Answer): (key: Key) => Answer {
  const kept = new WeakMap<Key, Answer>();
  return (key) => {
    const known = kept.get(key);
    if (known !== undefined || kept.has(key)) return known as Answer;
    const answer = work(key);
    kept.set(key, answer);
    return answer;
  };
}
