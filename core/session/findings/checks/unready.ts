import { sumBy, unique, uniqueBy } from 'remeda';
import type { Region } from '../../../body/written/region';
import { type Movement, usualName } from '../../../movement/schema/movement';
import { warmingOf } from '../../../traits/warmingOf';
import { spaced } from '../../../words/spaced';
import { type LinePlace, placeOf } from '../../edit/editPlan';
import { THRESHOLDS } from '../../limits/thresholds';
import { type ReadinessGap, readinessGaps } from '../../load/sessionReadiness';
import { newMovementItem } from '../../plan/defaults';
import { type AnalysedClass, type Check, checkFor, type FindingOf, type Remedy } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { easierWays, joined, leftOut } from '../remedies/easing';
import { clears, firstThatClears, freshId, movementLine } from '../remedies/mending';

const keyOf = (itemId: string) => `not-ready ${itemId}`;

/** The gaps that matter: the warm-up itself is what makes ready. */
export function gapsOf(analysed: Pick<AnalysedClass, 'plan' | 'pieces'>): ReadinessGap[] {
  const warming = new Set(
    analysed.plan.sections
      .filter(({ kind }) => kind === 'opening' || kind === 'warm-up')
      .flatMap(({ items }) => items.map(({ id }) => id)),
  );
  return readinessGaps(analysed.pieces).filter(({ itemId }) => !warming.has(itemId));
}

/** The gaps of each line that are worth a word, the worst first. */
function gapsByLine(analysed: AnalysedClass): ReadonlyMap<string, readonly [ReadinessGap, ...ReadinessGap[]]> {
  const lines = new Map<string, [ReadinessGap, ...ReadinessGap[]]>();
  for (const gap of gapsOf(analysed).toSorted((a, b) => b.size - a.size)) {
    const known = lines.get(gap.itemId);
    if (known) known.push(gap);
    else lines.set(gap.itemId, [gap]);
  }
  return lines;
}

const isCoolDown = ({ plan }: AnalysedClass, itemId: string): boolean =>
  plan.sections.some(
    ({ kind, items }) => (kind === 'cool-down' || kind === 'closing') && items.some(({ id }) => id === itemId),
  );

const look = (analysed: AnalysedClass): FindingOf<'not-ready'>[] =>
  [...gapsByLine(analysed)].flatMap(([itemId, gaps]) => {
    const key = keyOf(itemId);
    const limit = THRESHOLDS.readinessGap;
    const said = gaps.filter(({ size }, place) => place === 0 || size >= limit / 2);
    // What one region alone would not be told for is not told because others are cold too.
    const weighed = weigh(analysed, key, gaps[0].size, { limit, severity: ['warn', 'notice'] });
    if (!weighed) return [];
    const size = sumBy(said, (gap) => gap.size);
    const regions = unique(said.map(({ region }) => region)) as [Region, ...Region[]];
    const words = inWords(regions.map(spaced));
    return [
      {
        code: 'not-ready',
        evidence: { regions },
        key,
        ...weighed,
        // In the cool-down it comes after everything that was done: it is warm enough for what is asked there.
        severity: size > 3 * limit && !isCoolDown(analysed, itemId) ? 'warn' : 'notice',
        itemId,
        atMs: Math.min(...said.map(({ startMs }) => startMs)),
        what: `${nameOf(analysed, itemId)} asks more of the ${words} than has been warmed up.`,
        why: [
          ...said.map(
            ({ region, demand, allowed, ready, seconds }) =>
              `${spaced(region)}: asked ${demand.toFixed(2)}, allowed ${allowed.toFixed(2)} with ${Math.round(ready * 100)} % readiness, for ${Math.round(seconds)} s.`,
          ),
          `Move the ${words} gently before it.`,
        ],
      },
    ];
  });

/** "hips", "hips and ankles", "hips, ankles and neck". */
function inWords(words: readonly string[]): string {
  const last = words.at(-1) ?? '';
  return words.length < 2 ? last : `${words.slice(0, -1).join(', ')} and ${last}`;
}

/** How many of the offered warm-ups are tried for a gap. */
const TRIED = 8;

/** What moves a region without asking much, those that move it most first. */
function warmersOf({ offered }: AnalysedClass, region: Region, isTaken: (movement: Movement) => boolean): Movement[] {
  return offered
    .filter((movement) => movement.roles.includes('warm-up') && movement.level === 1 && !isTaken(movement))
    .map((movement) => ({ movement, moved: warmingOf(movement)[region].mobilised }))
    .filter(({ moved }) => moved > 0.2)
    .toSorted((a, b) => b.moved - a.moved)
    .slice(0, TRIED)
    .map(({ movement }) => movement);
}

const added = (analysed: AnalysedClass, movement: Movement, at: LinePlace, where: string): Remedy => {
  const item = newMovementItem(freshId(analysed, movement.id, 'warm'), movement, 'warm-up');
  return {
    label: `${usualName(movement)}, ${item.count} ${movement.count.unit}, ${where}`,
    edits: [{ kind: 'add', at, item }],
  };
};

/** A warm-up for the region at the end of the warm-up, one the class does not have yet. */
function warmUps(analysed: AnalysedClass, region: Region): Remedy[] {
  const section = analysed.plan.sections.findIndex(({ kind }) => kind === 'warm-up');
  const passage = analysed.plan.sections[section];
  if (!passage) return [];
  const there = new Set(
    analysed.plan.sections.flatMap(({ items }) => items.map((item) => ('movementId' in item ? item.movementId : ''))),
  );
  const at = { section, index: passage.items.length };
  return warmersOf(analysed, region, ({ id }) => there.has(id)).map((movement) =>
    added(analysed, movement, at, 'at the end of the warm-up'),
  );
}

/** What was warmed at the beginning has faded an hour later: moved gently once more right before the line that asks for it. */
function warmedBefore(analysed: AnalysedClass, region: Region, itemId: string): Remedy[] {
  const at = placeOf(analysed.plan, itemId);
  const line = movementLine(analysed, itemId);
  if (!at || !line || line.block !== null) return [];
  return warmersOf(analysed, region, ({ id }) => id === line.movementId).map((movement) =>
    added(analysed, movement, at, `before ${nameOf(analysed, itemId)}`),
  );
}

/** The line further up in its section, nearer to the warm-up: half way, then first of all. */
function earlier(analysed: AnalysedClass, itemId: string): Remedy[] {
  const at = placeOf(analysed.plan, itemId);
  if (!at) return [];
  return unique([Math.floor(at.index / 2), 0])
    .filter((index) => index < at.index)
    .map((index) => ({
      label: `${nameOf(analysed, itemId)} ${index === 0 ? 'first in its section' : `${at.index - index} lines earlier`}`,
      edits: [{ kind: 'move', itemId, to: { section: at.section, index } }],
    }));
}

/** A region asked for more than the warm-up has made it ready for. */
export const unready: Check = checkFor({
  codes: ['not-ready'],
  look,
  remedies: (analysed, finding) => {
    const { regions } = finding.evidence;
    const { itemId } = finding;
    const byRegion = regions.map((region) => warmUps(analysed, region));
    const alone = byRegion
      .flat()
      .filter(({ edits }) => clears(look, analysed, finding, edits))
      .slice(0, 2);
    // Where no single movement readies all of it, one for each region does.
    const together = uniqueBy(
      byRegion.flatMap(([best]) => best ?? []),
      ({ label }) => label,
    );
    const warmed =
      alone.length > 0 || together.length < 2 ? alone : firstThatClears(look, analysed, finding, [joined(together)]);
    const sooner = itemId === null ? [] : earlier(analysed, itemId);
    const eased = itemId === null ? [] : easierWays(analysed, itemId);
    const again = warmed.length > 0 || itemId === null ? [] : warmedBefore(analysed, regions[0], itemId);
    const remedies = [
      ...warmed,
      ...firstThatClears(look, analysed, finding, again),
      ...firstThatClears(look, analysed, finding, sooner),
      ...firstThatClears(look, analysed, finding, eased),
    ];
    if (remedies.length > 0 || finding.itemId === null) return remedies;
    return firstThatClears(look, analysed, finding, leftOut(analysed, finding.itemId));
  },
});
