import type { FindMovement, Movement } from '../../movement/schema/movement';
import { speechSeconds } from '../../timing/speech';
import { NATURAL_PACE } from '../../timing/timingConstants';
import type { LineCue } from '../plan/line/lineWords';
import type { Item, MovementItem, Plan } from '../plan/session';
import { type LineTime, lineTimes } from '../timeline/lineTimes';
import type { LineStretch, Segment, Timeline } from '../timeline/segment';
import { readScript, scriptMs } from './readScript';

/** Words at their time in the class. Whole milliseconds from its start. */
export interface Spoken {
  readonly itemId: string;
  readonly from: 'focus' | 'cue' | 'script';
  readonly say: string;
  readonly startMs: number;
  readonly lengthMs: number;
}

/** What is said in a line besides its calls, and whether there is time for it. */
export interface LineSpeech {
  readonly spoken: readonly Spoken[];
  /** Cues that never come: the line has no such moment. */
  readonly never: readonly LineCue[];
  /** How much of it is said after the line has ended, milliseconds. */
  readonly overMs: number;
  /** How many cues begin while other words are still being said. */
  readonly clashes: number;
}

const SILENT: LineSpeech = { spoken: [], never: [], overMs: 0, clashes: 0 };

/** Whether a line says anything besides its calls. */
export const carriesWords = (item: Item): boolean =>
  item.script !== '' || (item.kind === 'movement' && (item.cues.length > 0 || item.focuses.length > 0));

const speakMs = (say: string): number => Math.round(speechSeconds(say) * 1000);

/** The segments of one time that a line comes round, from where it begins to move. */
function movingFrom({ segments }: Timeline, { first, end }: LineStretch): Segment[] {
  const all = segments.slice(first, end);
  const from = all.findIndex(({ kind }) => ['move', 'rest', 'talk', 'clock'].includes(kind));
  return from < 0 ? [] : all.slice(from);
}

/** When so many breaths have been taken; undefined where there are not so many. */
function afterBreaths(segments: readonly Segment[], wanted: number): number | undefined {
  let taken = 0;
  for (const { startMs, lengthMs, breaths } of segments) {
    const here = breaths ?? 0;
    if (here > 0 && taken + here > wanted) return Math.round(startMs + (lengthMs * (wanted - taken)) / here);
    taken += here;
  }
  return undefined;
}

/** When a cue is said, in one time that its line comes round. */
function momentsOf({ at }: LineCue, segments: readonly Segment[]): number[] {
  const begin = segments[0]?.startMs;
  const last = segments.at(-1);
  if (begin === undefined || !last) return [];
  switch (at.unit) {
    case 'seconds': {
      const when = begin + Math.round(at.after * 1000);
      return when < last.startMs + last.lengthMs ? [when] : [];
    }
    case 'breaths': {
      const when = afterBreaths(segments, at.after);
      return when === undefined ? [] : [when];
    }
    case 'repetitions':
      return segments
        .filter((one, place) => {
          const before = segments[place - 1];
          const isNew = before?.repetition !== one.repetition || before.pass !== one.pass || before.round !== one.round;
          return one.kind === 'move' && one.repetition === at.at && isNew;
        })
        .map(({ startMs }) => startMs);
    case 'rounds':
      return segments
        .filter(({ round }) => round === at.at)
        .map(({ startMs }) => startMs)
        .slice(0, 1);
  }
}

/** What each round looks at: the line's own, or the movement's where there is more than one round. */
export const focusesOf = (item: MovementItem, movement: Movement): readonly string[] =>
  item.focuses.some((focus) => focus.trim() !== '') ? item.focuses : item.rounds > 1 ? movement.focuses : [];

function focusSpoken(item: MovementItem, movement: Movement, segments: readonly Segment[]): Spoken[] {
  return focusesOf(item, movement).flatMap((say, index): Spoken[] => {
    if (say.trim() === '') return [];
    const begins = segments.find(({ round, kind }) => kind === 'move' && round === index + 1);
    return begins ? [{ itemId: item.id, from: 'focus', say, startMs: begins.startMs, lengthMs: speakMs(say) }] : [];
  });
}

function cuesSpoken(item: MovementItem, rounds: readonly (readonly Segment[])[]): Pick<LineSpeech, 'spoken' | 'never'> {
  const [spoken, never]: [Spoken[], LineCue[]] = [[], []];
  for (const cue of item.cues.filter(({ say }) => say.trim() !== '')) {
    const moments = rounds.flatMap((segments) => momentsOf(cue, segments));
    if (moments.length === 0) never.push(cue);
    for (const startMs of moments)
      spoken.push({ itemId: item.id, from: 'cue', say: cue.say, startMs, lengthMs: speakMs(cue.say) });
  }
  return { spoken, never };
}

/** How long a breath takes where a line begins; as people breathe by themselves where it goes by the clock. Milliseconds. */
function breathMsIn(segments: readonly Segment[]): number {
  const breathes = segments.find(({ breaths, lengthMs }) => breaths !== null && breaths > 0 && lengthMs > 0);
  return breathes?.breaths ? breathes.lengthMs / breathes.breaths : 60_000 / NATURAL_PACE;
}

/** A script is read out once, the first time its line comes round. */
function scriptSpoken(item: Item, segments: readonly Segment[]): Spoken[] {
  let startMs = segments[0]?.startMs ?? 0;
  return readScript(item.script, breathMsIn(segments)).flatMap(({ say, speakMs: lengthMs, pauseMs }): Spoken[] => {
    const part: Spoken = { itemId: item.id, from: 'script', say, startMs, lengthMs };
    startMs += lengthMs + pauseMs;
    return say === '' ? [] : [part];
  });
}

/**
 * What is said in a line besides its calls, each at its time.
 * @param time when the line comes; a script is read the first time, cues are said each time
 */
export function lineSpeech(item: Item, movement: Movement | undefined, timeline: Timeline, time: LineTime): LineSpeech {
  if (!carriesWords(item) && (item.kind !== 'movement' || item.rounds === 1)) return SILENT;
  const rounds = time.occurrences.map((occurrence) => movingFrom(timeline, occurrence));
  const cues = item.kind === 'movement' ? cuesSpoken(item, rounds) : { spoken: [], never: [] };
  const focus = item.kind === 'movement' && movement ? focusSpoken(item, movement, rounds.flat()) : [];
  const spoken = [...focus, ...scriptSpoken(item, rounds[0] ?? []), ...cues.spoken].toSorted(
    (a, b) => a.startMs - b.startMs,
  );
  const ends = time.occurrences.map(({ startMs, lengthMs }) => startMs + lengthMs);
  const endOf = (one: Spoken): number =>
    (one.from === 'script' ? ends[0] : ends.find((end) => one.startMs < end)) ?? one.startMs;
  const overMs = spoken.reduce((most, one) => Math.max(most, one.startMs + one.lengthMs - endOf(one)), 0);
  const clashes = spoken.filter((one, place) =>
    spoken.slice(0, place).some((before) => before.startMs + before.lengthMs > one.startMs),
  ).length;
  return { spoken, never: cues.never, overMs, clashes };
}

/** Whether everything a line says has its time. */
export const fitsIn = ({ never, overMs, clashes }: LineSpeech): boolean =>
  never.length === 0 && overMs === 0 && clashes === 0;

/** How long the text of a line takes to read out, and how long there is for it; milliseconds. */
export interface ScriptRoom {
  readonly takesMs: number;
  readonly lastsMs: number;
}

/**
 * How much room there is for the text of a line, from where it begins to move, with pauses in the line's own breaths. Null where nothing
 * is read.
 */
export function scriptRoom(item: Item, timeline: Timeline, { occurrences }: LineTime): ScriptRoom | null {
  const [first] = occurrences;
  if (!first || item.script.trim() === '') return null;
  const segments = movingFrom(timeline, first);
  const begin = segments[0]?.startMs ?? first.startMs;
  return {
    takesMs: scriptMs(readScript(item.script, breathMsIn(segments))),
    lastsMs: first.startMs + first.lengthMs - begin,
  };
}

/** Everything that is said in a class besides its calls, in its order. */
export function spokenIn({ sections }: Pick<Plan, 'sections'>, timeline: Timeline, find: FindMovement): Spoken[] {
  const times = lineTimes(timeline);
  return sections
    .flatMap(({ items }) => items)
    .flatMap((item) => {
      const time = times.get(item.id);
      const movement = item.kind === 'movement' ? find(item.movementId) : undefined;
      return time ? lineSpeech(item, movement, timeline, time).spoken : [];
    })
    .toSorted((a, b) => a.startMs - b.startMs);
}

/** How long words stay up once they have been said, milliseconds. */
const LINGERS = 2500;

/** What is being said at a moment, or was said just now; null in silence. Of two, the one that began later. */
export const spokenAt = (spoken: readonly Spoken[], atMs: number): Spoken | null =>
  spoken.findLast(({ startMs, lengthMs }) => startMs <= atMs && atMs < startMs + lengthMs + LINGERS) ?? null;
