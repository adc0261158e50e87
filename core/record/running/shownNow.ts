import { goesBelow } from '../../movement/adapt/cappedMovement';
import type { FindMovement, Movement } from '../../movement/schema/movement';
import { usualName } from '../../movement/schema/movement';
import { phasesFor } from '../../movement/walk/cycleFor';
import { adaptedMovements } from '../../session/plan/adaptMovement';
import { depthsIn } from '../../session/plan/line/depth';
import { type LedBy, ledBy } from '../../session/plan/line/ledBy';
import type { LineRange } from '../../session/plan/line/lineEnds';
import { isPauseKind, notedTitle, PAUSE_WORDS } from '../../session/plan/lineTitle';
import type { MovementItem, Session } from '../../session/plan/session';
import { doneIn, isRoutine } from '../../session/schedule/settleItem';
import { lineTimes, segmentsOf } from '../../session/timeline/lineTimes';
import type { Segment, Timeline } from '../../session/timeline/segment';
import { type BesideCall, besideCall } from '../../session/words/besideCall';
import { type Spoken, spokenAt, spokenIn } from '../../session/words/lineSpeech';
import { placedWords } from '../../session/words/wordsSaid';
import { type OpenNow, openNow, talkWaits } from '../standing/openLine';
import type { Teaching } from '../standing/teaching';
import { comesNext } from './comesNext';
import { type Moment, momentOf } from './moment';

/** A class ready to be shown at any of its moments: what of it does not change while it is taught. */
export interface ToShow {
  readonly session: Session;
  readonly timeline: Timeline;
  readonly find: FindMovement;
  readonly movements: ReadonlyMap<string, Movement>;
  readonly spoken: readonly Spoken[];
}

/** Everything that stands on a teaching screen at one moment. */
export interface ShownNow {
  readonly moment: Moment;
  readonly segment: Segment;
  /** The movement that is done, as it is done; undefined in rests and talks. */
  readonly movement: Movement | undefined;
  /** What the line is called, and where the instructor stands in it; empty where that is as usual. */
  readonly name: string;
  readonly stands: string;
  /** What is called, and in silence still the shape; and whether it is said aloud. */
  readonly call: string;
  readonly isSaid: boolean;
  readonly next: { readonly name: string; readonly startMs: number } | null;
  readonly rounds: number;
  readonly range: LineRange | null;
  /** How the line stands when it is open; and for how long a talk whose time is over still waits, milliseconds, 0 in any other line. */
  readonly open: OpenNow | null;
  readonly waitsMs: number;
  /** Whether the breath or the clock leads it, as it is planned. */
  readonly ledBy: LedBy;
  /** What is said just now, what is read out from here on, and what stands small beside it. */
  readonly said: Spoken | null;
  readonly script: readonly Spoken[];
  readonly beside: BesideCall;
  /** Which way the instructor looks in this line; null where as usual. */
  readonly facesClass: boolean | null;
}

export const toShow = (session: Session, timeline: Timeline, find: FindMovement): ToShow => ({
  session,
  timeline,
  find,
  movements: adaptedMovements(session, find),
  spoken: spokenIn(session, timeline, find),
});

/** What a line is called, by its id. */
export function titleOf({ sections }: Session, itemId: string, find: FindMovement): string {
  const item = sections.flatMap(({ items }) => items).find(({ id }) => id === itemId);
  return item ? notedTitle(item, find) : itemId;
}

function nameIn({ movementId, itemId }: Segment, session: Session, find: FindMovement): string {
  const movement = movementId === null ? undefined : find(movementId);
  return movement ? usualName(movement) : titleOf(session, itemId, find);
}

/** What is said now, and in silence still the shape, for the instructor's own eye. */
function callIn(segment: Segment, movement: Movement | undefined): string {
  if (segment.call !== '') return segment.call;
  if (!movement || segment.part === null || segment.phase === null)
    return isPauseKind(segment.kind) ? PAUSE_WORDS[segment.kind] : '';
  return phasesFor(movement, segment.part, segment.side, segment.direction)[segment.phase]?.call ?? '';
}

/** The movement's line that is being taught; undefined for rests and talks. */
const lineIn = ({ itemId }: Segment, { sections }: Session): MovementItem | undefined =>
  sections
    .flatMap(({ items }) => items)
    .find((item): item is MovementItem => item.kind === 'movement' && item.id === itemId);

const leadIn = ({ section, itemId }: Segment, { sections }: Session): LedBy =>
  ledBy(
    sections[section],
    sections[section]?.items.find(({ id }) => id === itemId),
  );

/** The paragraphs of what is read out in a line, from the one that is being read on; all that is left of the last once it was. */
function scriptFrom(spoken: readonly Spoken[], itemId: string, atMs: number): Spoken[] {
  const all = spoken.filter((one) => one.from === 'script' && one.itemId === itemId);
  const begun = all.findLastIndex(({ startMs }) => startMs <= atMs);
  return all.slice(Math.max(0, begun));
}

/** What stands on the screen at this moment; null once the class is over, or where there is nothing in it. */
export function shownNow({ session, timeline, find, movements, spoken }: ToShow, teaching: Teaching): ShownNow | null {
  const moment = momentOf(timeline, teaching);
  if (!moment) return null;
  const { segment } = moment;
  const movement = doneIn(segment, movements, find, session.schools);
  const next = comesNext(timeline, moment.index);
  const line = lineTimes(timeline).get(segment.itemId);
  const item = lineIn(segment, session);
  const written = item && find(item.movementId);
  const found = depthsIn(session.sections).get(segment.itemId);
  const depth = written && found && goesBelow(written, found.deepest) ? found : undefined;
  const routine = isRoutine(segment);
  const faces = item?.stands.faces ?? 'usual';
  return {
    moment,
    segment,
    movement,
    name: nameIn(segment, session, find),
    stands: item
      ? [placedWords(item), item.meanwhile && `meanwhile ${item.meanwhile}`].filter(Boolean).join(' · ')
      : '',
    call: teaching.welcomeMs > 0 ? 'Welcome' : callIn(segment, movement),
    // With somebody new there, every first repetition is said.
    isSaid: segment.call !== '' || (teaching.walkIns > 0 && segment.repetition === 1),
    next: next && { name: nameIn(next, session, find), startMs: next.startMs },
    // What settles a line is done once, however many rounds the line has.
    rounds: line && !routine ? Math.max(...segmentsOf(timeline, line).map(({ round }) => round)) : 1,
    range: routine ? null : (item?.range ?? null),
    open: openNow(timeline, teaching, moment.index),
    waitsMs: talkWaits(timeline, teaching, moment.index),
    ledBy: leadIn(segment, session),
    said: spokenAt(
      spoken.filter(({ from }) => from !== 'script'),
      teaching.planMs,
    ),
    script: scriptFrom(spoken, segment.itemId, teaching.planMs),
    beside: besideCall(segment, movement, routine ? undefined : item, depth),
    facesClass: faces === 'usual' ? null : faces === 'class',
  };
}
