import { firstPose } from '../../movement/walk/cachedWalk';
import { facedPose } from '../../movement/walk/facedPose';
import { phaseBreaths } from '../../timing/phaseSeconds';
import type { ScheduledBridge } from '../timeline/segment';
import { chainChange } from './changeOfSide';
import { type LineInTime, UNCOUNTED } from './lineInTime';
import { linkSeconds } from './linkSeconds';
import { type StepsInto, stepsInto } from './scheduleBridge';
import { isShownFirst } from './scheduleIntroduction';

/** The steps into a line from where the class stands; null where it stands there already. */
function stepsOf(line: LineInTime): StepsInto {
  const { start, item, movement, opening } = line;
  const written = firstPose(movement, opening.side, opening.direction);
  if (!written) return null;
  const goal = facedPose(written, item.facing);
  const part = movement.parts.entry ? 'entry' : 'cycle';
  const breath = line.phasesOf(part, opening)[0]?.breath ?? 'natural';
  const arrival = isShownFirst(line) ? { ...start.arrival, breath: null } : start.arrival;
  const { side, direction } = opening;
  return stepsInto(arrival, { movement, part, side, direction, goal, breath }, start.before > 0 ? null : item.bridge);
}

/**
 * Writes what leads from where the class stands into a movement: a chain being taken on its other side, the steps, the entry.
 * @returns the steps as they were taken; null where there were none
 */
export function scheduleTransition(line: LineInTime): ScheduledBridge | null {
  const { start, opening } = line;
  const steps = stepsOf(line);
  if (start.isOtherSide) {
    const { seconds, call } = chainChange(steps);
    line.addStretch('side-change', seconds, call);
  }
  // The steps to a chain's other side are in its own seconds already.
  const taken = steps && !(start.isOtherSide && steps.phases.length === 0) ? addSteps(line, steps) : null;
  line.addPart('entry', 'entry', opening);
  return taken;
}

function addSteps(line: LineInTime, steps: NonNullable<StepsInto>): ScheduledBridge {
  const { clock, ratio } = line.start;
  const before = clock.ms;
  const place = { ...UNCOUNTED, side: line.opening.side };
  const seconds = linkSeconds(steps.feet, steps.isTakenIn ? line.openingSeconds : 0, line.breathSeconds);
  if (seconds > 0) line.addStretch('bridge', seconds, steps.call, place, { breath: 'natural' });
  for (const phase of steps.phases) {
    const breath = { breath: phase.breath, breaths: phaseBreaths(phase, ratio) };
    line.addStretch('bridge', line.secondsOf(phase), phase.call, place, breath);
  }
  return { led: steps.led, halves: steps.halves, call: steps.call, lengthMs: clock.ms - before };
}
