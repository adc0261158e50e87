import type { Strength } from '../../demand/ceilings';
import type { Schools } from '../../movement/adapt/schools';
import type { Form } from '../../movement/schema/form';
import type { FindMovement } from '../../movement/schema/movement';
import { formLines } from '../../session/edit/formLines';
import { Block } from '../../session/plan/block';
import { newMovementItem, newPause } from '../../session/plan/defaults';
import type { Item, LineOrigin, MovementItem } from '../../session/plan/session';
import { warmingOf } from '../../traits/warmingOf';
import { interpolate } from '../plan/interpolate';
import { AGAIN_MINUTES, type CourseRules, LINGER, STRETCH } from '../schema/rules';
import type { CourseThread } from '../schema/thread';
import { secondsOfLines } from '../syllabus/lineMinutes';
import { type ClassCell, isIntroduction } from './classCells';
import { lineLasting, secondsToWalkBack } from './lineLasting';
import { mannerFor } from './mannerFor';

/** What the main part of a class of a course is made from. */
export interface MainRequest {
  readonly cells: readonly ClassCell[];
  /** Minutes it has. */
  readonly minutes: number;
  /** How far the course has come, 0 to 1. */
  readonly share: number;
  /** Minutes of each thread by amount in this class. */
  readonly amountOf: (thread: CourseThread) => number;
  readonly strength: Strength;
  readonly rules: CourseRules;
  readonly schools: Schools;
  readonly find: FindMovement;
  readonly forms: readonly Form[];
}

/** A stretch of introducing lasts at most so long, seconds. */
const LONGEST_INTRODUCTION = 480;
/** What works the legs is shown for less at a time, seconds, and a gentle group rests after it. Conventions. */
const LONGEST_ON_LEGS = { gentle: 150, steady: 360, strong: LONGEST_INTRODUCTION } as const;
const REST_AFTER_LEGS = { gentle: 40, steady: 0, strong: 0 } as const;
const PRINCIPLE = 75;
/** Less than this is not lingered for, seconds. */
const LEAST_LINGERING = 60;

type Lines = { readonly items: Item[]; readonly blocks: Block[] };
const NOTHING: Lines = { items: [], blocks: [] };

const originOf = ({ id }: CourseThread, role: LineOrigin['role'], step: number): LineOrigin => ({
  thread: id,
  role,
  step,
});

/** A movement as far as some layer of its thread: its teaching step, or the whole. */
function movementLine(id: string, cell: ClassCell, layers: number, { find }: MainRequest): MovementItem[] {
  const { taught } = cell.thread;
  const movement = taught.kind === 'movement' ? find(taught.id) : undefined;
  if (!movement) return [];
  // What is kept up, by turns or by the minute, is done whole.
  const isWhole = cell.thread.kind !== 'steps' || layers >= movement.layers.length;
  return [{ ...newMovementItem(id, movement, 'main'), layer: isWhole ? null : layers - 1 }];
}

/** A rest shorter than this is none: pieces are chained. */
const LEAST_REST = 2;

/** After a piece the class comes to rest: after each for a newer group, hardly any more towards the end of a course. */
function settleAt({ settleFrom, settleTo }: CourseRules, share: number): MovementItem['settle'] {
  const seconds = Math.round(interpolate(settleFrom, settleTo, share));
  return seconds <= LEAST_REST ? { kind: 'none' } : { kind: 'still', seconds };
}

/** @param times so many times as long as usual, where there is time for it */
function introduce(cell: ClassCell, request: MainRequest, times: number): Lines {
  const { thread, before, layers } = cell;
  const origin = originOf(thread, 'introduce', before + 1);
  const seconds = Math.min(
    asksMuchOfLegs(cell, request) ? LONGEST_ON_LEGS[request.strength] : LONGEST_INTRODUCTION,
    times * 60 * thread.layers.slice(before, layers).reduce((sum, one) => sum + one.minutes, 0),
  );
  const id = `new-${thread.id}`.slice(0, 56);
  if (thread.taught.kind === 'words') {
    return { items: [{ ...newPause('talk', id, PRINCIPLE, thread.title), origin }], blocks: [] };
  }
  if (thread.taught.kind === 'movement') {
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
  return thread.kind === 'whole' && before === 0 ? NOTHING : formPlaces(cell, request, origin, id);
}

/** The places of a form that are new, or looked at closely in a set that is followed whole: explained one by one. */
function formPlaces(
  { thread, before, layers }: ClassCell,
  request: MainRequest,
  origin: LineOrigin,
  id: string,
): Lines {
  const { taught } = thread;
  const form = taught.kind === 'form' ? request.forms.find((one) => one.id === taught.id) : undefined;
  if (!form || taught.kind !== 'form') return NOTHING;
  const isWhole = thread.kind === 'whole';
  const each = isWhole ? Math.ceil(taught.places / Math.max(1, thread.layers.length - 1)) : 1;
  // The first layer of a set that is followed whole has no places of its own.
  const [first, last] = isWhole ? [before - 1, layers - 1] : [before, layers];
  const [from, upTo] = [first * each + 1, Math.min(taught.places, last * each)];
  const lines = formLines(form, request.find, (place) => `${id}-${place}`, upTo, from);
  return {
    items: lines.map((line) => ({ ...line, manner: 'explained', origin, settle: settleAt(request.rules, 0) })),
    blocks: [],
  };
}

/** Between the places of a form a gentle group rests after each that asks much of the legs. */
function withRests(lines: readonly Item[], { find, strength }: MainRequest): Item[] {
  const seconds = REST_AFTER_LEGS[strength];
  return lines.flatMap((line, place): Item[] => {
    const movement = line.kind === 'movement' ? find(line.movementId) : undefined;
    const isHard = movement !== undefined && warmingOf(movement).thighs.peak >= MUCH_OF_LEGS;
    if (seconds === 0 || !isHard || place === lines.length - 1) return [line];
    const rest = newPause('rest', `rest-${line.id}`.slice(0, 56), seconds);
    return [line, { ...rest, block: line.block, origin: line.origin }];
  });
}

/** A form from its beginning, as far as it is known. */
function run({ thread, layers, practised }: ClassCell, request: MainRequest, seconds: number): Lines {
  const { taught } = thread;
  const form = taught.kind === 'form' ? request.forms.find((one) => one.id === taught.id) : undefined;
  if (!form || taught.kind !== 'form') return NOTHING;
  const upTo = thread.kind === 'whole' ? taught.places : layers;
  const id = `run-${thread.id}`.slice(0, 50);
  const origin = originOf(thread, 'run', layers);
  const lines = formLines(form, request.find, (place) => `${id}-${place}`, upTo);
  const once = Math.max(1, secondsOfLines(lines, request.find, request.schools));
  const rounds = thread.kind === 'whole' ? 1 : Math.max(1, Math.min(4, Math.round(seconds / once)));
  const manner =
    practised === 0 ? 'follow-along' : mannerFor(Math.max(3, practised), request.strength === 'strong', request.rules);
  const isOneWay = lines.some(({ sides }) => sides.endsWith('-only'));
  const isBlock = lines.length > 1 && (rounds > 1 || isOneWay);
  const block = Block.parse({ id, name: thread.title, rounds, roundRest: rounds > 1 ? 20 : 0, oneWay: isOneWay });
  const items = lines.map(
    (line): Item => ({
      ...line,
      manner,
      origin,
      block: isBlock ? block.id : null,
      rounds: lines.length > 1 ? 1 : rounds,
    }),
  );
  return { items: withRests(items, request), blocks: isBlock ? [block] : [] };
}

function review(cell: ClassCell, request: MainRequest, seconds: number, focus: string | null): Lines {
  const { thread, layers, practised } = cell;
  const id = `do-${thread.id}`.slice(0, 56);
  const origin = originOf(thread, 'review', layers);
  if (thread.taught.kind === 'words') return NOTHING;
  if (thread.taught.kind === 'form') return run(cell, request, seconds);
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
const MUCH_OF_LEGS = 0.45;

function asksMuchOfLegs({ thread: { taught } }: ClassCell, { find }: MainRequest): boolean {
  const movement = taught.kind === 'movement' ? find(taught.id) : undefined;
  return movement !== undefined && warmingOf(movement).thighs.peak >= MUCH_OF_LEGS;
}

/** How many times its usual length each thing is done, where none goes beyond its own most, so that all last so many seconds. */
export function stretchFor(
  seconds: number,
  things: readonly { readonly seconds: number; readonly most: number }[],
): number {
  const lasting = (times: number) => things.reduce((sum, one) => sum + one.seconds * Math.min(times, one.most), 0);
  if (things.length === 0) return 1;
  let [least, most]: [number, number] = [STRETCH.least, STRETCH.most];
  if (lasting(most) <= seconds) return most;
  if (lasting(least) >= seconds) return least;
  for (let look = 0; look < 30; look += 1) {
    const times = (least + most) / 2;
    if (lasting(times) < seconds) least = times;
    else most = times;
  }
  return most;
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
  const isAmount = ({ thread }: ClassCell) => thread.kind === 'amount';
  const isRun = ({ thread }: ClassCell) => thread.taught.kind === 'form';
  const practised = kept.filter((cell) => !isAmount(cell) && !isRun(cell));
  const focus =
    practised
      .map(({ thread }) => (thread.taught.kind === 'words' ? thread.taught.focus : null))
      .find((one) => one !== null) ?? null;

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
  const runs = [...kept, ...introductions.filter(({ thread, layers }) => thread.kind === 'whole' || layers > 1)].filter(
    isRun,
  );
  const usual = (cell: ClassCell) => 60 * (cell.thread.practise[cell.layers - 1] ?? 1);
  const flexible = [...practised.filter(({ thread }) => thread.taught.kind !== 'words'), ...runs];
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
    .filter(({ thread }) => thread.taught.kind !== 'words')
    .toSorted((a, b) => b.practised - a.practised)
    .map((cell) => rested(cell, review(cell, request, lasting(cell), focus)));
  return joined([
    first ?? NOTHING,
    shown,
    ...others,
    repeated,
    ...runs.map((cell) => run(cell, request, lasting(cell))),
    amounts,
  ]);
}
