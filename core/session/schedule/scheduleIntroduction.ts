import { usualName } from '../../movement/schema/movement';
import { phaseSeconds } from '../../timing/phaseSeconds';
import { namingSeconds, showingSeconds } from '../../timing/speech';
import type { LineInTime } from './lineInTime';

/** Whether the class stands and looks before it begins. */
export const isShownFirst = ({ item }: LineInTime): boolean => item.manner === 'explained';

/** Writes what comes before a movement that is explained: its name, and one cycle of it shown. */
export function scheduleIntroduction(line: LineInTime): void {
  if (!isShownFirst(line)) return;
  const { start, movement, pace } = line;
  const name = usualName(movement);
  const naming = namingSeconds(name);
  const cycle = line.phasesOf('cycle', line.opening);
  const from = start.clock.sectionTime + naming;
  const length = cycle.reduce((t, phase) => t + phaseSeconds(phase, start.ratio, pace, t), from) - from;
  const calls = cycle.map(({ call }) => call);
  line.addStretch('naming', naming, name);
  line.addStretch('showing', showingSeconds(length, calls), 'Watch once');
}
