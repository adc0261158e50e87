/** What of a list survives a merge, and in which order the three versions have it. */
interface Orders {
  readonly base: readonly string[];
  readonly mine: readonly string[];
  readonly theirs: readonly string[];
}

/** Puts into a list what it lacks of another, each behind the nearest that comes before it there and is in the list. */
function withInserted(list: readonly string[], other: readonly string[]): string[] {
  const merged = [...list];
  other.forEach((key, place) => {
    if (merged.includes(key)) return;
    const before = other.slice(0, place).findLast((one) => merged.includes(one));
    merged.splice(before === undefined ? 0 : merged.indexOf(before) + 1, 0, key);
  });
  return merged;
}

/**
 * The order of what survives: mine where something was moved by hand, else theirs; what the other side alone has comes behind what
 * it comes behind there.
 */
export function mergeOrder({ base, mine, theirs }: Orders, survives: (key: string) => boolean): string[] {
  const [own, other] = [mine.filter(survives), theirs.filter(survives)];
  const common = new Set(base.filter((key) => mine.includes(key)));
  const inOrder = (keys: readonly string[]) => keys.filter((key) => common.has(key)).join(' ');
  return inOrder(base) === inOrder(mine) ? withInserted(other, own) : withInserted(own, other);
}
