import { unique } from 'remeda';
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
import { easierWays, leftOut } from '../remedies/easing';
import { clears, firstThatClears, freshId, movementLine } from '../remedies/mending';

const keyOf = ({ region, itemId }: ReadinessGap) => `not-ready ${itemId} ${region}`;

/** The gaps that matter: the warm-up itself is what makes ready. */
export function gapsOf(analysed: Pick<AnalysedClass, 'plan' | 'pieces'>): ReadinessGap[] {
  const warming = new Set(
    analysed.plan.sections
      .filter(({ kind }) => kind === 'opening' || kind === 'warm-up')
      .flatMap(({ items }) => items.map(({ id }) => id)),
  );
  return readinessGaps(analysed.pieces).filter(({ itemId }) => !warming.has(itemId));
}

const look = (analysed: AnalysedClass): FindingOf<'not-ready'>[] =>
  gapsOf(analysed).flatMap((gap) => {
    const { region, itemId, startMs, seconds, size, ready, demand, allowed } = gap;
    const key = keyOf(gap);
    const limit = THRESHOLDS.readinessGap;
    const weighed = weigh(analysed, key, size, { limit, grave: 3 * limit, severity: ['warn', 'notice'] });
    if (!weighed) return [];
    const word = spaced(region);
    return [
      {
        code: 'not-ready',
        evidence: { region },
        key,
        ...weighed,
        itemId,
        atMs: startMs,
        what: `${nameOf(analysed, itemId)} asks more of the ${word} than has been warmed up.`,
        why: [
          `Asked ${demand.toFixed(2)}, allowed ${allowed.toFixed(2)} with ${Math.round(ready * 100)} % readiness, for ${Math.round(seconds)} s.`,
          `Move the ${word} gently before it.`,
        ],
      },
    ];
  });

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
    const { region } = finding.evidence;
    const warmed = warmUps(analysed, region)
      .filter(({ edits }) => clears(look, analysed, finding, edits))
      .slice(0, 2);
    const sooner = finding.itemId === null ? [] : earlier(analysed, finding.itemId);
    const eased = finding.itemId === null ? [] : easierWays(analysed, finding.itemId);
    const again = warmed.length > 0 || finding.itemId === null ? [] : warmedBefore(analysed, region, finding.itemId);
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
