import { sumBy } from 'remeda';
import type { AnalysedClass, Finding, FindingCode } from '../findings/finding/finding';
import { isGrave, isOfSlot } from '../findings/finding/isGrave';
import { findingsOf } from '../findings/judge';
import { movementLine } from '../findings/remedies/mending';
import { THRESHOLDS } from '../limits/thresholds';
import { type RegionStrain, sessionStrain } from '../load/sessionStrain';

/** What a fitted class asks too much of: regions over their ceiling, and what was not found before it was fitted, or was less. */
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

/** What is grave in a class already, by its key, with how much it is: that is not brought by fitting it, as long as it grows no worse. */
export type GraveBefore = ReadonlyMap<string, Pick<Finding, 'amount' | 'code'>>;

export const graveBefore = (analysed: AnalysedClass): GraveBefore =>
  new Map(
    findingsOf(analysed)
      .filter(counts)
      .map((finding) => [finding.key, finding]),
  );

/** Of these less is worse: seconds that something takes, or lasts. */
const LESS_IS_WORSE: readonly FindingCode[] = [
  'cool-down-short',
  'rising-fast',
  'dropping-fast',
  'section-share',
  'fast-cold',
  'stretch-cold',
];
/** What was grave before and is worse by more than this share counts as brought. Convention. */
const WORSE = 0.05;

function isBrought({ key, code, amount }: Finding, before: GraveBefore): boolean {
  const was = before.get(key);
  if (!was) return true;
  return LESS_IS_WORSE.includes(code) ? amount < was.amount * (1 - WORSE) : amount > was.amount * (1 + WORSE);
}

/** @param before what was found in the class as it was written; null holds it against the ceilings alone, which is many times as quick */
export function breachesOf(analysed: AnalysedClass, before: GraveBefore | null): Breaches {
  const over = sessionStrain(analysed.pieces, analysed.limits.ceilings).filter(
    ({ percent }) => percent > THRESHOLDS.strainWarn,
  );
  const brings = before ? findingsOf(analysed).filter((finding) => counts(finding) && isBrought(finding, before)) : [];
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
