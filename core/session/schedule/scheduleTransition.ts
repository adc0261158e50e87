import { firstPose } from '../../movement/walk/cachedWalk';
import { phaseBreaths } from '../../timing/phaseSeconds';
import type { ScheduledBridge } from '../timeline/segment';
import { chainChange } from './changeOfSide';
import { type LineInTime, UNCOUNTED } from './lineInTime';
import { type StepsInto, stepsInto } from './scheduleBridge';
import { isShownFirst } from './scheduleIntroduction';

/** The steps into a line from where the class stands; null where it stands there already. */
function stepsOf(line: LineInTime): StepsInto {
  const { start, item, movement, opening } = line;
  const goal = firstPose(movement, opening.side, opening.direction);
  if (!goal) return null;
  const begins = line.phasesOf(movement.parts.entry ? 'entry' : 'cycle', opening)[0]?.breath ?? 'natural';
  const arrival = isShownFirst(line) ? { ...start.arrival, breath: null } : start.arrival;
  return stepsInto(arrival, goal, begins, start.before > 0 ? null : item.bridge);
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
  // Steps taken freely on the way to a chain's other side are in its own seconds already.
  const taken = steps && !(start.isOtherSide && steps.led === 'free') ? addSteps(line, steps) : null;
  line.addPart('entry', 'entry', opening);
  return taken;
}

function addSteps(line: LineInTime, steps: NonNullable<StepsInto>): ScheduledBridge {
  const { clock, ratio } = line.start;
  const before = clock.ms;
  const place = { ...UNCOUNTED, side: line.opening.side };
  if (steps.seconds > 0) line.addStretch('bridge', steps.seconds, steps.call, place);
  for (const phase of steps.phases) {
    const breath = { breath: phase.breath, breaths: phaseBreaths(phase, ratio) };
    line.addStretch('bridge', line.secondsOf(phase), phase.call, place, breath);
  }
  return { led: steps.led, halves: steps.halves, call: steps.call, lengthMs: clock.ms - before };
}
