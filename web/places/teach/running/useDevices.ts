import { useCallback, useEffect, useRef, useState } from 'react';
import { Press } from '../../../../core/formats/devices';
import type { Heard } from '../../../../core/record/running/soundsBetween';

/** What each press of a device does. */
export type OnPress = Readonly<Record<Press['press'], () => void>>;

interface Devices {
  /** Whether a press would be heard now. */
  readonly isListening: boolean;
  readonly tell: (heard: Heard) => void;
}

/**
 * Listens to devices around the class and lets them hear it, while that is wanted. A line that breaks is taken up again by itself; a
 * sound nobody hears is nobody's loss.
 */
export function useDevices(isWanted: boolean, onPress: OnPress): Devices {
  const [isListening, setListening] = useState(false);
  const latest = useRef(onPress);
  latest.current = onPress;
  useEffect(() => {
    if (!isWanted) return;
    const line = new EventSource('/api/devices/presses');
    line.onmessage = ({ data }) => {
      const said = Press.safeParse(JSON.parse(String(data)));
      if (said.success) latest.current[said.data.press]();
    };
    line.onopen = () => setListening(true);
    line.onerror = () => setListening(false);
    return () => {
      line.close();
      setListening(false);
    };
  }, [isWanted]);
  const tell = useCallback(
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
  return { isListening, tell };
}
