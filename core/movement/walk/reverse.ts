import { changePosture } from '../../body/written/changePosture';
import type { Posture } from '../../body/written/posture';
import { retraceOverlay } from '../schema/overlay';
import type { Phase, Windows } from '../schema/phase';

/** What came late comes early. */
const backwards = (windows: Windows): Windows =>
  Object.fromEntries(
    Object.entries(windows).flatMap(([channel, during]) => (during ? [[channel, [1 - during[1], 1 - during[0]]]] : [])),
  );

/**
 * A cycle run backwards along the same path: each phase now ends where it used to begin.
 * With `keeps-place` the breath belongs to the stretch of path (in when back, out when away);
 * with `keeps-order` the breaths come in the order they had before.
 * @param start the posture the cycle begins in
 */
export function retraceCycle(cycle: readonly Phase[], start: Posture, breath: 'keeps-place' | 'keeps-order'): Phase[] {
  const stations = [start];
  for (const phase of cycle) stations.push(changePosture(stations.at(-1) ?? start, phase.to));
  return cycle.map((_, index) => {
    const from = cycle.length - 1 - index;
    const path = cycle[from] as Phase;
    const timed = breath === 'keeps-place' ? path : (cycle[index] as Phase);
    return {
      ...path,
      breath: timed.breath,
      length: timed.length,
      to: stations[from] as Posture,
      windows: backwards(path.windows),
      overlays: path.overlays.map(retraceOverlay).toReversed(),
    };
  });
}
