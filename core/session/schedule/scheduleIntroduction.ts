import { sumBy } from 'remeda';
import { usualName } from '../../movement/schema/movement';
import { namingSeconds, showingSeconds } from '../../timing/speech';
import { LAST_WORD, NATURAL_PACE } from '../../timing/timingConstants';
import { secondsAtPace } from '../../timing/trackAtPace';
import type { LineInTime } from './lineInTime';

/** Whether the class stands and looks before it begins. */
export const isShownFirst = ({ item }: LineInTime): boolean => item.manner === 'explained';

/** Writes what comes before a movement: its name where it is said first, and one cycle of it shown where it is explained. */
export function scheduleIntroduction(line: LineInTime): void {
  const { start, item, movement } = line;
  if (item.manner !== 'explained' && item.manner !== 'named') return;
  const name = usualName(movement);
  line.addStretch('naming', namingSeconds(name), name);
  if (!isShownFirst(line)) return;
  const cycle = line.phasesOf('cycle', line.opening);
  const length = sumBy(cycle, (phase) => secondsAtPace(phase, NATURAL_PACE, start.ratio));
  const calls = cycle.map(({ call }) => call);
  line.addStretch('showing', showingSeconds(length, calls), 'Watch once');
}

/** Writes the word that rounds off a movement that was named. */
export function scheduleLastWord(line: LineInTime): void {
  if (line.item.manner === 'named') line.addStretch('last-word', LAST_WORD, 'And let it rest');
}
