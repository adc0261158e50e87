import { z } from 'zod';
import { baseId } from '../../core/movement/schema/version';
import { Observation, observationsOf } from '../../core/record/calibrate';
import type { ClassLog } from '../../core/record/classLog';
import { LogPoint, logPoint } from '../../core/record/logPoint';
import { movementIdsOf } from '../../core/session/schedule/settleItem';
import type { LogStore } from '../store/record/logs';
import { keptFigure, type WorkedOutOf } from './figure';

/** What is worked out of a record, without any words. */
const Figures = z.object({
  point: LogPoint.omit({ title: true, notes: true, attendance: true }),
  observations: z.array(Observation),
  /** The movement of each line that has one, by its base id. */
  lines: z.record(z.string(), z.string()),
});

/** What is worked out of one record. */
export interface RecordFigure extends Omit<z.infer<typeof Figures>, 'point'> {
  /** The record as a point in time, without what is said of it afterwards. */
  readonly point: Omit<LogPoint, 'notes' | 'attendance'>;
}

/** What is worked out of each record once, until it is written in another's place. */
export interface RecordFigures {
  /** Null where there is none that can be read. */
  of(id: string): RecordFigure | null;
  /** Drops what was worked out of a record that was replaced. */
  forget(id: string): void;
}

function linesOf({ plan }: ClassLog): Record<string, string> {
  const lines = plan.sections.flatMap(({ items }) => items);
  return Object.fromEntries(
    lines.flatMap((item) => (item.kind === 'movement' ? [[item.id, baseId(item.movementId)]] : [])),
  );
}

/** @param logs where the records are; their text is read without understanding it where what it says is known already */
export function recordFigures(logs: Pick<LogStore, 'find' | 'text' | 'title'>, from: WorkedOutOf): RecordFigures {
  const known = new Map<string, RecordFigure>();
  const kept = keptFigure('record', Figures, from);
  const workOut = (log: ClassLog): z.infer<typeof Figures> =>
    Figures.parse({ point: logPoint(log, from.find), observations: observationsOf(log), lines: linesOf(log) });
  return {
    of: (id) => {
      const there = known.get(id);
      if (there) return there;
      const text = logs.text(id);
      if (text === null) return null;
      const figure = kept(id, text, () => {
        const log = logs.find(id);
        return log && { figure: workOut(log), movementIds: movementIdsOf(log.plan.sections) };
      });
      if (!figure) return null;
      const whole = { ...figure, point: { ...figure.point, title: logs.title(id) } };
      known.set(id, whole);
      return whole;
    },
    forget: (id) => void known.delete(id),
  };
}
