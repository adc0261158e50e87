import { sumBy } from 'remeda';
import type { Movement } from '../../../movement/schema/movement';
import { isSwung } from '../../../traits/ballistic';
import { mainJoint } from '../../../traits/mainJoint';
import { placeOf } from '../../edit/editPlan';
import { THRESHOLDS } from '../../limits/thresholds';
import { lineTimes } from '../../timeline/lineTimes';
import { type AnalysedClass, type Check, checkFor, type FindingOf, type Remedy } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { leftOut } from '../remedies/easing';
import { firstThatClears, movementLine } from '../remedies/mending';

type ColdCode = 'fast-cold' | 'stretch-cold';

/** A piece in which something is moved gently: what counts as getting warm. */
const MOVES = 0.12;

const WORDS: Readonly<Record<ColdCode, (name: string, seconds: number) => string>> = {
  'fast-cold': (name, seconds) => `${name} swings after ${seconds} s of easy moving.`,
  'stretch-cold': (name, seconds) => `${name} holds a stretch after ${seconds} s of easy moving.`,
};
const HELP: Readonly<Record<ColdCode, string>> = {
  'fast-cold': 'Joints first move slowly, then swing.',
  'stretch-cold': 'A stretch is held once the body is warm; before that, move in and out of it.',
};

/** How long one line moves, seconds. */
const secondsOf = ({ pieces }: AnalysedClass, itemId: string): number =>
  sumBy(
    pieces.filter((piece) => piece.itemId === itemId),
    ({ seconds }) => seconds,
  );

/** A stretch that is held: a preparation, counted in seconds, done to come down; what shakes or flicks is none. */
const isHeldStretch = ({ count, roles, tradition, parts: { cycle } }: Movement): boolean =>
  count.unit === 'seconds' &&
  tradition === 'preparation' &&
  roles.includes('cool-down') &&
  cycle.every(({ overlays }) => overlays.length === 0);

/** What a line does that wants a warm body; null where it does nothing of the kind, or only a little. */
function coldCode(analysed: AnalysedClass, itemId: string, movement: Movement): ColdCode | null {
  if (isSwung(movement)) {
    const least = mainJoint(movement) === 'shoulders' ? THRESHOLDS.armsSwung : THRESHOLDS.legSwung;
    return secondsOf(analysed, itemId) >= least ? 'fast-cold' : null;
  }
  const count = movementLine(analysed, itemId)?.count ?? 0;
  return isHeldStretch(movement) && count >= THRESHOLDS.stretchHeld ? 'stretch-cold' : null;
}

function look(analysed: AnalysedClass): FindingOf<ColdCode>[] {
  let moved = 0;
  const found: FindingOf<ColdCode>[] = [];
  for (const { itemId, startMs } of lineTimes(analysed.timeline).values()) {
    const movement = analysed.movements.get(itemId);
    if (!movement) continue;
    const code = coldCode(analysed, itemId, movement);
    if (code === null) {
      moved += sumBy(
        analysed.pieces.filter((piece) => piece.itemId === itemId && piece.mobilised.some((much) => much > MOVES)),
        ({ seconds }) => seconds,
      );
      continue;
    }
    const key = `${code} ${itemId}`;
    const weighed = weigh(analysed, key, moved, { limit: THRESHOLDS.movedFirst, under: true });
    if (!weighed) continue;
    found.push({
      code,
      evidence: null,
      key,
      ...weighed,
      itemId,
      atMs: startMs,
      what: WORDS[code](nameOf(analysed, itemId), Math.round(moved)),
      why: [`${THRESHOLDS.movedFirst} s of easy moving come first.`, HELP[code]],
    });
  }
  return found;
}

/** The line further down in its section, where the body is warm; or in a later section, where it is done to come down. */
function later(analysed: AnalysedClass, itemId: string): Remedy[] {
  const at = placeOf(analysed.plan, itemId);
  const length = at ? (analysed.plan.sections[at.section]?.items.length ?? 0) : 0;
  if (!at) return [];
  return Array.from({ length: Math.max(0, length - at.index - 1) }, (_, more) => ({
    label: `${nameOf(analysed, itemId)} ${more + 1} ${more === 0 ? 'line' : 'lines'} later`,
    edits: [{ kind: 'move', itemId, to: { section: at.section, index: at.index + more + 2 } }],
  }));
}

/** Swung, or held in a stretch, before anything is warm. */
export const cold: Check = checkFor<ColdCode>({
  codes: ['fast-cold', 'stretch-cold'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    const tried = (ways: readonly Remedy[]) => firstThatClears(look, analysed, finding, ways);
    return [...tried(later(analysed, itemId)), ...tried(leftOut(analysed, itemId))];
  },
});
