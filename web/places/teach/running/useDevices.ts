import { useCallback, useEffect, useRef } from 'react';
import { Press } from '../../../../core/formats/devices';
import type { Heard } from '../../../../core/record/running/soundsBetween';

/** What each press of a device does. */
export type OnPress = Readonly<Record<Press['press'], () => void>>;

/**
 * Listens to devices around the class and lets them hear it, while that is wanted. A line that breaks is taken up again by itself; a
 * sound nobody hears is nobody's loss.
 */
export function useDevices(isWanted: boolean, onPress: OnPress): (heard: Heard) => void {
  const latest = useRef(onPress);
  latest.current = onPress;
  useEffect(() => {
    if (!isWanted) return;
    const line = new EventSource('/api/devices/presses');
    line.onmessage = ({ data }) => {
      const said = Press.safeParse(JSON.parse(String(data)));
      if (said.success) latest.current[said.data.press]();
    };
    return () => line.close();
  }, [isWanted]);
  return useCallback(
    (heard: Heard) => {
      if (!isWanted) return;
      void fetch('/api/devices/sounds', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(heard),
      }).catch(() => undefined);
    },
    [isWanted],
  );
}
