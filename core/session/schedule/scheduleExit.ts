import { lastPose } from '../../movement/walk/cachedWalk';
import { facedPose } from '../../movement/walk/facedPose';
import { type LineInTime, UNCOUNTED } from './lineInTime';
import type { Arrival } from './scheduleBridge';
import { scheduleLastWord } from './scheduleIntroduction';

/**
 * Writes how a movement is left, with a moment of standing still where the line says so, and answers how the class then stands.
 * @param repetitions how often its last pass repeated its cycle
 */
export function scheduleExit(line: LineInTime, repetitions: number): Arrival {
  const { start, item, movement, passes } = line;
  const closing = passes.at(-1) ?? passes[0];
  const last = line.sidesOf(closing, repetitions).at(-1) ?? null;
  const place = { ...UNCOUNTED, round: item.rounds, side: last };
  const isStill = item.settle.kind === 'still';
  line.addPart('exit', 'exit', place);
  scheduleLastWord(line);
  if (item.settle.kind === 'still') line.addStretch('settle', item.settle.seconds, 'Settle');
  const ending = line.phasesOf(movement.parts.exit ? 'exit' : 'cycle', { ...place, direction: closing.direction });
  const pose = lastPose(line.movementIn(item.rounds), last, closing.direction);
  return {
    pose: pose ? facedPose(pose, item.facing) : start.arrival.pose,
    breath: isStill ? null : (ending.at(-1)?.breath ?? null),
  };
}
