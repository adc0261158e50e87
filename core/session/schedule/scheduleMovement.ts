import type { Movement } from '../../movement/schema/movement';
import type { MovementItem } from '../plan/session';
import type { LineStretch } from '../timeline/segment';
import { LineInTime, type LineStart } from './lineInTime';
import type { Arrival } from './scheduleBridge';
import { scheduleExit } from './scheduleExit';
import { scheduleIntroduction } from './scheduleIntroduction';
import { scheduleRounds } from './scheduleRounds';
import { scheduleTransition } from './scheduleTransition';

/** What a line leaves behind: how the class stands, the steps that led into it, and how it waits to be ended. */
export interface ScheduledLine extends Pick<LineStretch, 'bridge' | 'waits'> {
  readonly arrival: Arrival;
}

/** Writes one movement's line into the timeline: what comes before it, the way into it, its rounds, the way out. */
export function scheduleMovement(start: LineStart, item: MovementItem, written: Movement): ScheduledLine {
  const line = new LineInTime(start, item, written);
  scheduleIntroduction(line);
  const bridge = scheduleTransition(line);
  const repetitions = scheduleRounds(line);
  return { bridge, waits: line.waits, arrival: scheduleExit(line, repetitions) };
}
