import { z } from 'zod';
import { SessionSummary } from '../../core/formats/api/api';
import { classMark } from '../../core/formats/pocket/recordCode';
import type { FindMovement, Movement } from '../../core/movement/schema/movement';
import { Session } from '../../core/session/plan/session';
import { forecastFor } from '../../core/session/report/forecast';
import { movementIdsOf } from '../../core/session/schedule/settleItem';
import { timelineOf } from '../../core/session/schedule/timeline';
import { inSlices } from '../clock/inSlices';
import type { SessionStore } from '../store/sessions';
import { keptFigure, type WorkedOut, type WorkedOutOf } from './figure';

/** Classes in short, each worked out once until it or a movement it names changes. */
export interface Summaries {
  /** Null where there is none, or none that can be read. */
  of(id: string): SessionSummary | null;
  /** The id of the class that a record's code tells by its mark; null where there is none. */
  marked(mark: number): Promise<string | null>;
  /** Some of them, in their order; the server goes on answering while those that are missing are worked out. */
  some(rows: readonly { readonly id: string; readonly revision: number }[]): Promise<SessionSummary[]>;
}

interface Kept {
  readonly revision: number;
  readonly movements: readonly (Movement | undefined)[];
  readonly summary: SessionSummary;
  readonly mark: number;
}

/** What the engine says of a class, which movements stand in it, and by what a record's code tells it. */
const Planned = SessionSummary.pick({ totalMs: true, safeMs: true, lines: true, movementIds: true }).extend({
  mark: z.number().int(),
});
type Planned = z.infer<typeof Planned>;
const { id, title, groupId, date, startsAt, slotMinutes, doors, family, course } = Session.shape;
/** What a class says of itself. */
const Said = z.object({ id, title, groupId, date, startsAt, slotMinutes, doors, family, course });

function plan(session: Session, find: FindMovement): WorkedOut<Planned> {
  const answer = timelineOf(session, find);
  const movementIds = movementIdsOf(session.sections);
  return {
    movementIds,
    figure: {
      totalMs: answer.ok ? answer.timeline.totalMs : 0,
      safeMs: answer.ok ? forecastFor(session, answer.timeline, find).safeMs : 0,
      lines: session.sections.flatMap((section) => section.items).length,
      movementIds,
      mark: classMark(session),
    },
  };
}

export function rememberSummaries(sessions: SessionStore, from: WorkedOutOf): Summaries {
  const { find } = from;
  const planned = keptFigure('planned', Planned, from);
  const kept = new Map<string, Kept>();
  const known = (id: string, revision: number): Kept | null => {
    const there = kept.get(id);
    const isSame =
      there?.revision === revision && there.summary.movementIds.every((name, at) => find(name) === there.movements[at]);
    return isSame ? there : null;
  };
  const worked = (id: string): Kept | null => {
    const written = sessions.text(id);
    if (!written) return null;
    const { document, revision, changedAt } = written;
    const there = known(id, revision);
    if (there) return there;
    const figure = planned(id, document, () => {
      const stored = sessions.find(id);
      return stored && plan(stored.session, find);
    });
    if (!figure) return null;
    const { mark, ...counted } = figure;
    const summary = { ...Said.parse(JSON.parse(document)), ...counted, revision, changedAt };
    const now = { revision, movements: counted.movementIds.map(find), summary, mark };
    kept.set(id, now);
    return now;
  };
  return {
    of: (id) => worked(id)?.summary ?? null,
    async marked(mark) {
      let found: string | null = null;
      await inSlices(sessions.revisions(), ({ id, revision }) => {
        if (found === null && (known(id, revision) ?? worked(id))?.mark === mark) found = id;
      });
      return found;
    },
    async some(rows) {
      const summaries: SessionSummary[] = [];
      await inSlices(rows, ({ id, revision }) => {
        const one = known(id, revision) ?? worked(id);
        if (one) summaries.push(one.summary);
      });
      return summaries;
    },
  };
}
