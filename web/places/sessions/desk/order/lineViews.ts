import { createSelector } from '@reduxjs/toolkit';
import equal from 'fast-deep-equal';
import { goesBelow } from '../../../../../core/movement/adapt/cappedMovement';
import type { Schools } from '../../../../../core/movement/adapt/schools';
import type { Movement } from '../../../../../core/movement/schema/movement';
import { blocksAround } from '../../../../../core/session/plan/block';
import { type Depth, depthsIn } from '../../../../../core/session/plan/line/depth';
import type { Item, Section, Session } from '../../../../../core/session/plan/session';
import { classBegins } from '../../../../../core/session/plan/slotTime';
import { totalCount } from '../../../../../core/session/report/countWords';
import { settleName } from '../../../../../core/session/report/settleWords';
import { settledLines } from '../../../../../core/session/schedule/unrollBlocks';
import { type LineTime, lineTimes, segmentsOf } from '../../../../../core/session/timeline/lineTimes';
import type { Timeline } from '../../../../../core/session/timeline/segment';
import { carriesWords, fitsIn, lineSpeech, scriptRoom } from '../../../../../core/session/words/lineSpeech';
import { clockAt, minutes } from '../../../../../core/words/clockWords';
import { type Repertoire, repertoireIn } from '../../../../app/repertoire';
import type { BreathStretch } from '../../../../drawing/BreathLine';
import { type DeskState, selectSession, selectTimeline } from '../../draft/draftStore';
import { firstRepetition } from './firstRepetition';

/** Everything that a line of the running order shows. */
export interface LineView {
  readonly item: Item;
  /** How the class is done where schools disagree. */
  readonly schools: Schools;
  /** How low the class goes in it, as it was found out before; null where it was not, or where it goes no lower anyway. */
  readonly lowest: Depth | null;
  readonly startsAt: string;
  readonly lengthMs: number;
  /** The breath of its first repetition. */
  readonly breath: readonly BreathStretch[];
  /** In how many blocks it stands. */
  readonly depth: number;
  /** How often it is done in all, every round of its blocks counted in. */
  readonly total: number;
  /** The steps into it; null where there are none. */
  readonly steps: string | null;
  /** What it is settled with; null where it is not. */
  readonly settles: string | null;
  /** What it says besides its calls, and whether there is time for it; null where it says nothing. */
  readonly words: { readonly said: string; readonly fit: boolean } | null;
}

type Views = ReadonlyMap<string, LineView>;

/** How long the steps into a line take, where there are any. */
function stepsNote({ occurrences }: LineTime): string | null {
  const bridge = occurrences[0]?.bridge;
  if (!bridge) return null;
  if (bridge.led === 'missing') return 'no way into it known';
  const seconds = Math.round(bridge.lengthMs / 1000);
  return seconds > 0 ? `${seconds} s of steps first` : null;
}

/** The depth that was found before a line, where it keeps the line higher than it would be. */
function lowestOf(item: Item, sections: readonly Section[], repertoire: Repertoire): Depth | null {
  const depth = depthsIn(sections).get(item.id);
  const movement = movementOf(item, repertoire);
  return depth && movement && goesBelow(movement, depth.deepest) ? depth : null;
}

const movementOf = (item: Item, { find }: Repertoire): Movement | undefined =>
  item.kind === 'movement' ? find(item.movementId) : undefined;

/** What a line says besides its calls, in a few words. */
function wordsNote(item: Item, timeline: Timeline, when: LineTime, repertoire: Repertoire): LineView['words'] {
  if (!carriesWords(item)) return null;
  const speech = lineSpeech(item, movementOf(item, repertoire), timeline, when);
  const { overMs, never } = speech;
  const room = scriptRoom(item, timeline, when);
  const many = item.kind === 'movement' ? item.cues.filter(({ say }) => say.trim() !== '').length : 0;
  const said = [
    room !== null && `reads ${minutes(room.takesMs)}`,
    many > 0 && `says ${many} ${many === 1 ? 'thing' : 'things'} on the way`,
    item.kind === 'movement' && item.focuses.length > 0 && 'a focus each round',
    overMs > 0 && `${minutes(overMs)} too long`,
    never.length > 0 && 'a moment that never comes',
  ];
  const words = said.filter((one) => one !== false).join(', ');
  return words === '' ? null : { said: words, fit: fitsIn(speech) };
}

function totalOf(item: Item, section: Section, repertoire: Repertoire): number {
  const movement = movementOf(item, repertoire);
  return movement ? totalCount(movement, section, item.id) : 0;
}

/** What every line of a class shows, by its id. */
export function lineViewsOf(session: Session, timeline: Timeline, repertoire: Repertoire): Views {
  const times = lineTimes(timeline);
  return new Map(
    session.sections.flatMap((section, index) => {
      const settled = settledLines(section);
      const settling = section.settle && settleName(section.settle, repertoire.find);
      return section.items.map((item): [string, LineView] => {
        const when = times.get(item.id);
        const view: LineView = {
          item,
          schools: session.schools,
          lowest: lowestOf(item, session.sections, repertoire),
          startsAt: clockAt(classBegins(session), when?.startMs ?? timeline.sections[index]?.startMs ?? 0),
          lengthMs: when?.lengthMs ?? 0,
          breath: when ? firstRepetition(segmentsOf(timeline, when), movementOf(item, repertoire)) : [],
          depth: blocksAround(section.blocks, item).length,
          total: totalOf(item, section, repertoire),
          steps: when ? stepsNote(when) : null,
          settles: settled.has(item.id) ? settling : null,
          words: when ? wordsNote(item, timeline, when, repertoire) : null,
        };
        return [item.id, view];
      });
    }),
  );
}

const NONE: Views = new Map();

/** Views that say the same as before are the same objects as before: what hangs on them is not drawn anew for nothing. */
export const sharedViews = (before: Views, now: Views): Views =>
  new Map([...now].map(([id, view]) => [id, equal(before.get(id), view) ? (before.get(id) ?? view) : view]));

let shared: Views = NONE;

const selectLineViews = createSelector(
  [selectSession, selectTimeline, repertoireIn],
  (session, timeline, repertoire): Views => {
    shared = session && timeline && repertoire ? sharedViews(shared, lineViewsOf(session, timeline, repertoire)) : NONE;
    return shared;
  },
);

/** What one line shows; undefined where it is gone. */
export const selectLineView =
  (id: string) =>
  (state: DeskState): LineView | undefined =>
    selectLineViews(state).get(id);
