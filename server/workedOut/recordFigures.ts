import { z } from 'zod';
import { baseId } from '../../core/movement/schema/version';
import { Observation, observationsOf } from '../../core/record/calibrate';
import type { ClassLog } from '../../core/record/classLog';
import { LogPoint, logPoint } from '../../core/record/logPoint';
import { movementIdsOf } from '../../core/session/schedule/settleItem';
import type { LogStore } from '../store/record/logs';
import { keptFigure, type WorkedOut, type WorkedOutOf } from './figure';

/** What was taught, without the words that may be changed afterwards. */
const TaughtPoint = LogPoint.omit({ title: true, notes: true, attendance: true });
type TaughtPoint = z.infer<typeof TaughtPoint>;
/** The movement of each line that has one, by its base id. */
const Lines = z.record(z.string(), z.string());

/** What is worked out of each record once, until it is written in another's place. Each answers null where there is none to read. */
export interface RecordFigures {
  /** The record as a point in time. */
  point(id: string): TaughtPoint | null;
  observations(id: string): readonly Observation[] | null;
  /** The movements of its lines, by line. */
  lines(id: string): Readonly<Record<string, string>> | null;
  /** What was worked out of a record that is written anew is not so any more. */
  forget(id: string): void;
}

function linesOf({ plan }: ClassLog): Record<string, string> {
  const lines = plan.sections.flatMap(({ items }) => items);
  return Object.fromEntries(
    lines.flatMap((item) => (item.kind === 'movement' ? [[item.id, baseId(item.movementId)]] : [])),
  );
}

/** @param logs where the records are; their text is read without understanding it where what it says is known already */
export function recordFigures(logs: Pick<LogStore, 'find' | 'text'>, of: WorkedOutOf): RecordFigures {
  const known: Map<string, unknown>[] = [];
  const remembered = <Figure>(kind: string, schema: z.ZodType<Figure>, work: (log: ClassLog) => WorkedOut<Figure>) => {
    const kept = keptFigure(kind, schema, of);
    const byId = new Map<string, Figure>();
    known.push(byId);
    return (id: string): Figure | null => {
      const there = byId.get(id);
      if (there !== undefined) return there;
      const text = logs.text(id);
      const figure =
        text === null
          ? null
          : kept(id, text, () => {
              const log = logs.find(id);
              return log && work(log);
            });
      if (figure !== null) byId.set(id, figure);
      return figure;
    };
  };
  return {
    point: remembered('point', TaughtPoint, (log) => {
      const { title: _, notes: __, attendance: ___, ...figure } = logPoint(log, of.find);
      return { figure, movementIds: movementIdsOf(log.plan.sections) };
    }),
    observations: remembered('observations', z.array(Observation), (log) => ({
      figure: observationsOf(log),
      movementIds: [],
    })),
    lines: remembered('lines', Lines, (log) => ({ figure: linesOf(log), movementIds: [] })),
    forget: (id) => {
      for (const byId of known) byId.delete(id);
    },
  };
}
