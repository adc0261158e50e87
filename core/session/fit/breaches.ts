import { sumBy } from 'remeda';
import type { AnalysedClass, Finding } from '../findings/finding/finding';
import { isGrave, isOfSlot } from '../findings/finding/isGrave';
import { findingsOf } from '../findings/judge';
import { movementLine } from '../findings/remedies/mending';
import { THRESHOLDS } from '../limits/thresholds';
import { type RegionStrain, sessionStrain } from '../load/sessionStrain';

/** What a fitted class asks too much of: regions over their ceiling, and what was not found before it was fitted. */
export interface Breaches {
  readonly over: readonly RegionStrain[];
  readonly brings: readonly Finding[];
  /** How much in all: percent over the ceilings, and so much for every finding. */
  readonly beyond: number;
}

/** A finding that fitting brings counts as much as so many percent over a ceiling. Convention. */
const A_FINDING = 20;

/** Strain is held against the ceilings themselves, and the slot is what is fitted to. */
const counts = (finding: Finding): boolean => isGrave(finding) && !isOfSlot(finding) && finding.code !== 'strained';

/** The keys of what is grave in a class already: that is not brought by fitting it. */
export const graveKeys = (analysed: AnalysedClass): ReadonlySet<string> =>
  new Set(
    findingsOf(analysed)
      .filter(counts)
      .map(({ key }) => key),
  );

/** @param before keys of what was found in the class as it was written */
export function breachesOf(analysed: AnalysedClass, before: ReadonlySet<string>): Breaches {
  const over = sessionStrain(analysed.pieces, analysed.limits.ceilings).filter(
    ({ percent }) => percent > THRESHOLDS.strainWarn,
  );
  const brings = findingsOf(analysed).filter((finding) => counts(finding) && !before.has(finding.key));
  const strained = sumBy(over, ({ percent }) => percent - 100);
  return { over, brings, beyond: strained + A_FINDING * brings.length };
}

/** A little under the ceiling, so that the next fit does not come to stand right on it, percent. */
const SPARE = 2;

/** The most a line may be done, by its id. */
type Caps = ReadonlyMap<string, number>;

/** A line done by at least a step less, down to a share of its count; null where it is pinned or at its least already. */
function capOf(analysed: AnalysedClass, caps: Caps, itemId: string, share: number): number | null {
  const item = movementLine(analysed, itemId);
  const movement = item && analysed.find(item.movementId);
  if (!item || !movement || item.pinned) return null;
  const { least, step } = movement.count;
  const now = Math.min(item.count, caps.get(itemId) ?? item.count);
  if (now - step < least) return null;
  const wanted = least + Math.floor((now * share - least) / step) * step;
  return Math.max(least, Math.min(now - step, wanted));
}

/** The line that adds most to a region and may be done less, by as much as would bring the region under its ceiling. */
function easing(
  analysed: AnalysedClass,
  caps: Caps,
  { parts, percent }: RegionStrain,
): readonly [string, number] | null {
  for (const { itemId, percent: own } of parts.slice(0, 4)) {
    const cap = capOf(analysed, caps, itemId, Math.max(0, own - (percent - 100) - SPARE) / own);
    if (cap !== null) return [itemId, cap];
  }
  return null;
}

/**
 * What the lines that a breach comes from may then be done at most: for each region over its ceiling the one that adds most, and
 * each line with something grave a step less. Null where nothing can be done less.
 */
export function easedCaps(analysed: AnalysedClass, { over, brings }: Breaches, caps: Caps): Caps | null {
  const then = new Map(caps);
  for (const region of over) {
    const eased = easing(analysed, caps, region);
    if (eased) then.set(eased[0], Math.min(eased[1], then.get(eased[0]) ?? eased[1]));
  }
  for (const { itemId } of brings) {
    const cap = itemId === null || then.get(itemId) !== caps.get(itemId) ? null : capOf(analysed, caps, itemId, 1);
    if (itemId !== null && cap !== null) then.set(itemId, cap);
  }
  return [...then].some(([itemId, cap]) => cap !== caps.get(itemId)) ? then : null;
}
