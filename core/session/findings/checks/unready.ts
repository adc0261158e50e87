import type { Region } from '../../../body/written/region';
import { type Movement, usualName } from '../../../movement/schema/movement';
import { warmingOf } from '../../../traits/warmingOf';
import { type LinePlace, placeOf } from '../../edit/editPlan';
import { type ReadinessGap, readinessGaps } from '../../load/sessionReadiness';
import { newMovementItem } from '../../plan/defaults';
import { THRESHOLDS } from '../../report/thresholds';
import type { Check, Finding, Judged, Remedy } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { easierWays, leftOut } from '../remedies/easing';
import { clears, firstThatClears, freshId, movementLine } from '../remedies/mending';

const keyOf = ({ region, itemId }: ReadinessGap) => `not-ready ${itemId} ${region}`;

/** The gaps that matter: the warm-up itself is what makes ready. */
export function gapsOf(judged: Pick<Judged, 'plan' | 'pieces'>): ReadinessGap[] {
  const warming = new Set(
    judged.plan.sections
      .filter(({ kind }) => kind === 'opening' || kind === 'warm-up')
      .flatMap(({ items }) => items.map(({ id }) => id)),
  );
  return readinessGaps(judged.pieces).filter(({ itemId }) => !warming.has(itemId));
}

const look = (judged: Judged): Finding[] =>
  gapsOf(judged).flatMap((gap) => {
    const { region, itemId, startMs, seconds, size, ready, demand, allowed } = gap;
    const key = keyOf(gap);
    const limit = THRESHOLDS.readinessGap;
    const weighed = weigh(judged, key, size, { limit, grave: 3 * limit, severity: ['warn', 'notice'] });
    if (!weighed) return [];
    const word = region.replace('-', ' ');
    return [
      {
        code: 'not-ready',
        key,
        ...weighed,
        itemId,
        atMs: startMs,
        what: `${nameOf(judged, itemId)} asks more of the ${word} than has been warmed up.`,
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
function warmersOf({ offered }: Judged, region: Region, isTaken: (movement: Movement) => boolean): Movement[] {
  return offered
    .filter((movement) => movement.roles.includes('warm-up') && movement.level === 1 && !isTaken(movement))
    .map((movement) => ({ movement, moved: warmingOf(movement)[region].mobilised }))
    .filter(({ moved }) => moved > 0.2)
    .toSorted((a, b) => b.moved - a.moved)
    .slice(0, TRIED)
    .map(({ movement }) => movement);
}

const added = (judged: Judged, movement: Movement, at: LinePlace, where: string): Remedy => {
  const item = newMovementItem(freshId(judged, movement.id, 'warm'), movement, 'warm-up');
  return {
    label: `${usualName(movement)}, ${item.count} ${movement.count.unit}, ${where}`,
    edits: [{ kind: 'add', at, item }],
  };
};

/** A warm-up for the region at the end of the warm-up, one the class does not have yet. */
function warmUps(judged: Judged, region: Region): Remedy[] {
  const section = judged.plan.sections.findIndex(({ kind }) => kind === 'warm-up');
  const passage = judged.plan.sections[section];
  if (!passage) return [];
  const there = new Set(
    judged.plan.sections.flatMap(({ items }) => items.map((item) => ('movementId' in item ? item.movementId : ''))),
  );
  const at = { section, index: passage.items.length };
  return warmersOf(judged, region, ({ id }) => there.has(id)).map((movement) =>
    added(judged, movement, at, 'at the end of the warm-up'),
  );
}

/** What was warmed at the beginning has faded an hour later: moved gently once more right before the line that asks for it. */
function warmedBefore(judged: Judged, region: Region, itemId: string): Remedy[] {
  const at = placeOf(judged.plan, itemId);
  const line = movementLine(judged, itemId);
  if (!at || !line || line.block !== null) return [];
  return warmersOf(judged, region, ({ id }) => id === line.movementId).map((movement) =>
    added(judged, movement, at, `before ${nameOf(judged, itemId)}`),
  );
}

/** The line further up in its section, nearer to the warm-up: half way, then first of all. */
function earlier(judged: Judged, itemId: string): Remedy[] {
  const at = placeOf(judged.plan, itemId);
  if (!at) return [];
  return [...new Set([Math.floor(at.index / 2), 0])]
    .filter((index) => index < at.index)
    .map((index) => ({
      label: `${nameOf(judged, itemId)} ${index === 0 ? 'first in its section' : `${at.index - index} lines earlier`}`,
      edits: [{ kind: 'move', itemId, to: { section: at.section, index } }],
    }));
}

/** A region asked for more than the warm-up has made it ready for. */
export const unready: Check = {
  codes: ['not-ready'],
  look,
  remedies: (judged, finding) => {
    const gap = gapsOf(judged).find((one) => keyOf(one) === finding.key);
    if (!gap) return [];
    const warmed = warmUps(judged, gap.region)
      .filter(({ edits }) => clears(look, judged, finding, edits))
      .slice(0, 2);
    const sooner = finding.itemId === null ? [] : earlier(judged, finding.itemId);
    const eased = finding.itemId === null ? [] : easierWays(judged, finding.itemId);
    const again = warmed.length > 0 || finding.itemId === null ? [] : warmedBefore(judged, gap.region, finding.itemId);
    const remedies = [
      ...warmed,
      ...firstThatClears(look, judged, finding, again),
      ...firstThatClears(look, judged, finding, sooner),
      ...firstThatClears(look, judged, finding, eased),
    ];
    if (remedies.length > 0 || finding.itemId === null) return remedies;
    return firstThatClears(look, judged, finding, leftOut(judged, finding.itemId));
  },
};
