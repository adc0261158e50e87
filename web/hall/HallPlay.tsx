import { Button } from 'antd';
import { useEffect, useState } from 'react';
import type { HallReport } from '../../core/hall/layClass';
import { stationAt } from '../../core/hall/track';
import { minutes } from '../../core/words/clockWords';
import { HallPlan } from './HallPlan';

interface Props {
  readonly report: HallReport;
  readonly totalMs: number;
  /** What is done at a moment. */
  readonly nameAt: (atMs: number) => string;
  readonly atMs: number;
  readonly onMove: (atMs: number) => void;
}

/** A class is gone through so many times faster than it is taught. */
const FASTER = 30;
const FRAME_MS = 60;

/** The class laid over the hall and gone through: the rows travel and turn as they will. */
export function HallPlay({ report, totalMs, nameAt, atMs, onMove }: Props) {
  const [plays, setPlays] = useState(false);
  useEffect(() => {
    if (!plays) return;
    const timer = setInterval(() => {
      const next = atMs + FRAME_MS * FASTER;
      if (next >= totalMs) setPlays(false);
      onMove(Math.min(totalMs, next));
    }, FRAME_MS);
    return () => clearInterval(timer);
  }, [plays, atMs, totalMs, onMove]);
  const station = stationAt(report.track, atMs);
  const heading = report.headed.findLast((one) => one.atMs <= atMs)?.heading ?? 0;
  const front = report.fronts.find((one) => one.heading === heading);
  const name = nameAt(atMs);
  return (
    <>
      <HallPlan
        report={report}
        at={{ x: station?.x ?? 0, y: station?.y ?? 0, heading }}
        foremost={front?.foremost ?? []}
        anchors={report.anchors ?? []}
        label={`The hall from above at ${minutes(atMs)}: ${name}, ${report.spots.length} people`}
      />
      <div className="hall-play">
        <Button size="small" onClick={() => setPlays(!plays)} disabled={totalMs === 0}>
          {plays ? 'Stand still' : 'Go through it'}
        </Button>
        <input
          type="range"
          min={0}
          max={totalMs}
          step={1000}
          value={atMs}
          onChange={({ target }) => onMove(Number(target.value))}
          aria-label="Moment of the class"
          aria-valuetext={`${minutes(atMs)}, ${name}`}
        />
        <span className="number">{minutes(atMs)}</span>
      </div>
      <p className="faded">{name}</p>
    </>
  );
}
