import { newMovementItem, newPause } from '../../session/plan/defaults';
import type { MovementItem } from '../../session/plan/session';
import { warmingOf } from '../../traits/warmingOf';
import { AGAIN_MINUTES, LINGER, STRETCH } from '../schema/rules';
import { contentOf } from '../schema/topicContent';
import { topicKind } from '../schema/topicKinds';
import { secondsOfLines } from '../syllabus/lineMinutes';
import { type ClassCell, isIntroduction } from './classCells';
import { formPlaces, runForm } from './formInClass';
import { lineLasting, secondsToWalkBack } from './lineLasting';
import {
  type Lines,
  type MainRequest,
  MUCH_OF_LEGS,
  NOTHING,
  originOf,
  REST_AFTER_LEGS,
  settleAt,
} from './mainRequest';
import { mannerFor } from './mannerFor';
import { stretchFor } from './stretchFor';

/** A stretch of introducing lasts at most so long, seconds. */
const LONGEST_INTRODUCTION = 480;
/** What works the legs is shown for less at a time, seconds, and a gentle group rests after it. Conventions. */
const LONGEST_ON_LEGS = { gentle: 150, steady: 360, strong: LONGEST_INTRODUCTION } as const;
/** Less than this is not lingered for, seconds. */
const LEAST_LINGERING = 60;

/** A movement as far as some layer of its thread: its teaching step, or the whole. */
function movementLine(id: string, cell: ClassCell, layers: number, { find }: MainRequest): MovementItem[] {
  const movement = find(contentOf(cell.thread).movementId ?? '');
  if (!movement) return [];
  // What is kept up, by turns or by the minute, is done whole.
  const isWhole = !topicKind(cell.thread).isInStages || layers >= movement.layers.length;
  return [{ ...newMovementItem(id, movement, 'main'), layer: isWhole ? null : layers - 1 }];
}

/** @param times so many times as long as usual, where there is time for it */
function introduce(cell: ClassCell, request: MainRequest, times: number): Lines {
  const { thread, before, layers } = cell;
  const origin = originOf(thread, 'introduce', before + 1);
  const planned = 60 * thread.layers.slice(before, layers).reduce((sum, one) => sum + one.minutes, 0);
  const seconds = Math.min(
    asksMuchOfLegs(cell, request) ? LONGEST_ON_LEGS[request.strength] : LONGEST_INTRODUCTION,
    times * planned,
  );
  const id = `new-${thread.id}`.slice(0, 56);
  const { isSaid, isDoneAgain } = contentOf(thread);
  if (isSaid) {
    // A principle is said once; it is not said again and again because there is time.
    const said = Math.min(LONGEST_INTRODUCTION, planned);
    return said < 1 ? NOTHING : { items: [{ ...newPause('talk', id, said, thread.title), origin }], blocks: [] };
  }
  if (isDoneAgain) {
    const lines = movementLine(id, cell, layers, request).map((line) =>
      lineLasting(
        { ...line, manner: 'explained', origin, settle: settleAt(request.rules, 0) },
        seconds,
        request.find,
        request.schools,
      ),
    );
    return { items: lines, blocks: [] };
  }
  // The first time a set is followed whole, that is all.
  return topicKind(thread).isFollowedWhole && before === 0 ? NOTHING : formPlaces(cell, request, origin, id);
}

function review(cell: ClassCell, request: MainRequest, seconds: number, focus: string | null): Lines {
  const { thread, layers, practised } = cell;
  const id = `do-${thread.id}`.slice(0, 56);
  const origin = originOf(thread, 'review', layers);
  const { isSaid, isRun } = contentOf(thread);
  if (isSaid) return NOTHING;
  if (isRun) return runForm(cell, request, seconds);
  const lines = movementLine(id, cell, layers, request).map((line): MovementItem => {
    const led = mannerFor(Math.max(1, practised), request.strength === 'strong', request.rules);
    const focuses = focus === null ? [] : [focus];
    const whole = { ...line, manner: led, origin, focuses, settle: settleAt(request.rules, request.share) };
    return lineLasting(whole, seconds, request.find, request.schools);
  });
  return { items: lines, blocks: [] };
}

/** What was introduced, done again later in the class. */
const again = (cell: ClassCell, request: MainRequest, times: number): Lines => ({
  items: movementLine(`again-${cell.thread.id}`.slice(0, 56), cell, cell.layers, request).map((line) =>
    lineLasting(
      { ...line, manner: 'follow-along', origin: originOf(cell.thread, 'again', cell.layers) },
      times * 60 * AGAIN_MINUTES,
      request.find,
      request.schools,
    ),
  ),
  blocks: [],
});

/** What works the legs is stretched less than the rest: they give out before the time is filled. Conventions. */
const LEGS_MOST = { gentle: 0.7, steady: 2.2, strong: STRETCH.most } as const;

function asksMuchOfLegs({ thread }: ClassCell, { find }: MainRequest): boolean {
  const movement = find(contentOf(thread).movementId ?? '');
  return movement !== undefined && warmingOf(movement).thighs.peak >= MUCH_OF_LEGS;
}

/** What is new, shown and done again for as much longer as there is time. */
function lingering(
  over: number,
  shownFor: (times: number) => Lines,
  repeatedFor: (times: number) => Lines,
  request: MainRequest,
): { readonly shown: Lines; readonly repeated: Lines } {
  const [shown, repeated] = [shownFor(1), repeatedFor(1)];
  const seconds = { shown: secondsOf(shown, request), again: secondsOf(repeated, request) };
  const spare = (LINGER.shown - 1) * seconds.shown + (LINGER.again - 1) * seconds.again;
  if (over < LEAST_LINGERING || spare <= 0) return { shown, repeated };
  const share = Math.min(1, over / spare);
  return {
    shown: shownFor(1 + share * (LINGER.shown - 1)),
    repeated: repeatedFor(1 + share * (LINGER.again - 1)),
  };
}

const joined = (parts: readonly Lines[]): Lines => ({
  items: parts.flatMap(({ items }) => items),
  blocks: parts.flatMap(({ blocks }) => blocks),
});

const secondsOf = ({ items }: Lines, { find, schools }: MainRequest): number => secondsOfLines(items, find, schools);

/**
 * The main part of a class of a course: something known to begin with, then what is new while heads are fresh, then what is practised,
 * what was new once more, the run of the form, and what grows by the minute. What is practised is stretched to fill the time.
 */
export function mainLines(request: MainRequest): Lines {
  const { cells, minutes } = request;
  const introductions = cells.filter(isIntroduction);
  const kept = cells.filter((cell) => !isIntroduction(cell));
  const isAmount = ({ thread }: ClassCell) => topicKind(thread).isByMinutes;
  const isRun = ({ thread }: ClassCell) => contentOf(thread).isRun;
  const isSaid = ({ thread }: ClassCell) => contentOf(thread).isSaid;
  const practised = kept.filter((cell) => !isAmount(cell) && !isRun(cell));
  const focus = practised.map(({ thread }) => contentOf(thread).focus).find((one) => one !== null) ?? null;

  const rested = (cell: ClassCell, lines: Lines): Lines => {
    const last = lines.items.at(-1);
    if (last?.kind !== 'movement') return lines;
    const legs = asksMuchOfLegs(cell, request) ? REST_AFTER_LEGS[request.strength] : 0;
    const seconds = Math.max(legs, secondsToWalkBack(last, request.find));
    if (seconds === 0) return lines;
    const rest = newPause('rest', `rest-${last.id}`.slice(0, 56), seconds);
    return { ...lines, items: [...lines.items, rest] };
  };
  const shownFor = (times: number) =>
    joined(introductions.map((cell) => rested(cell, introduce(cell, request, times))));
  const repeatedFor = (times: number) => joined(introductions.map((cell) => rested(cell, again(cell, request, times))));
  const amounts = joined(
    kept.filter(isAmount).map((cell) => review(cell, request, 60 * request.amountOf(cell.thread), null)),
  );
  const runs = [
    ...kept,
    ...introductions.filter(({ thread, layers }) => topicKind(thread).isFollowedWhole || layers > 1),
  ].filter(isRun);
  const usual = (cell: ClassCell) => 60 * (cell.thread.practise[cell.layers - 1] ?? 1);
  const flexible = [...practised.filter((cell) => !isSaid(cell)), ...runs];
  const fixed = [shownFor(1), repeatedFor(1), amounts];
  const left = minutes * 60 - fixed.reduce((sum, part) => sum + secondsOf(part, request), 0);
  const most = (cell: ClassCell) => (asksMuchOfLegs(cell, request) ? LEGS_MOST[request.strength] : STRETCH.most);
  const stretch = stretchFor(
    left,
    flexible.map((cell) => ({ seconds: usual(cell), most: most(cell) })),
  );
  const lasting = (cell: ClassCell) => usual(cell) * Math.min(stretch, most(cell));
  // Where that does not fill the class, it lingers on what is new.
  const over = left - flexible.reduce((sum, cell) => sum + lasting(cell), 0);
  const { shown, repeated } = lingering(over, shownFor, repeatedFor, request);
  const [first, ...others] = practised
    .filter((cell) => !isSaid(cell))
    .toSorted((a, b) => b.practised - a.practised)
    .map((cell) => rested(cell, review(cell, request, lasting(cell), focus)));
  return joined([
    first ?? NOTHING,
    shown,
    ...others,
    repeated,
    ...runs.map((cell) => runForm(cell, request, lasting(cell))),
    amounts,
  ]);
}
