import { useEffect, useState } from 'react';
import type { TallyAct } from '../../core/practice/ownPractice';
import { aimOn, TALLY_STEPS, type Tally, type TallyAim } from '../../core/practice/tally';
import { minutes } from '../../core/words/clockWords';
import { nowMs, today } from '../app/machine/clock';
import './tally.css';

interface Props {
  readonly aim: TallyAim;
  readonly tally: Tally;
  readonly onAct: (act: TallyAct) => void;
}

/** One large area to tap: it counts, or begins and ends a time. How much is meant for today stands in it, without praise or blame. */
export function TallyTap({ aim, tally, onAct }: Props) {
  const [step, setStep] = useState<number>(1);
  const day = today();
  const meant = aimOn(aim, tally, day);
  const isTimed = aim.by === 'minutes';
  const running = useRunning(tally.since);
  const now = (tally.days[day] ?? 0) + running;
  const tap = () => {
    if (!isTimed) onAct({ do: 'add', day, many: step });
    else onAct(tally.since === null ? { do: 'begin', at: nowMs() } : { do: 'stop', day, at: nowMs() });
  };
  return (
    <>
      <button type="button" className="tally-tap" onClick={tap}>
        <span className="tally-number number">{isTimed ? minutes(now * 1000) : now}</span>
        <span>
          {isTimed
            ? `of ${minutes(meant * 1000)} today; a tap ${tally.since === null ? 'begins' : 'ends it'}`
            : `of ${meant} today, a tap for ${step}`}
        </span>
      </button>
      <div className="tally-row">
        {!isTimed &&
          TALLY_STEPS.map((many) => (
            <button
              key={many}
              type="button"
              className="tally-press"
              aria-pressed={step === many}
              onClick={() => setStep(many)}
            >
              by {many}
            </button>
          ))}
        <button
          type="button"
          className="tally-press"
          disabled={tally.added.length === 0}
          onClick={() => onAct({ do: 'undo' })}
        >
          Take back
        </button>
      </div>
    </>
  );
}

/** The whole seconds since something began, looked at several times a second; 0 while nothing runs. */
function useRunning(since: number | null): number {
  const [now, setNow] = useState(() => nowMs());
  useEffect(() => {
    if (since === null) return;
    const timer = setInterval(() => setNow(nowMs()), 250);
    return () => clearInterval(timer);
  }, [since]);
  return since === null ? 0 : Math.max(0, Math.floor((now - since) / 1000));
}
