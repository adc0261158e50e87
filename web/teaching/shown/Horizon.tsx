import { useEffect, useRef } from 'react';
import { isMotionReduced } from '../../app/machine/reducedMotion';
import './horizon.css';

interface Props {
  /** How full the breath is, 0 to 1. */
  readonly fullness: number;
  /** Whether this stretch goes by breath at all. */
  readonly breathes: boolean;
  readonly isIn: boolean;
}

/** Where the horizon stands when the breath is empty and when it is full, in percent of its own stretch of the screen. */
const LOW = 96;
const HIGH = 4;

/** The horizon: it rises with the in-breath and sinks with the out-breath, from side to side, and crosses nothing that is read. */
export function Horizon({ fullness, breathes, isIn }: Props) {
  const way = useRef<HTMLDivElement>(null);
  // With motion reduced it only changes place at the turn of the breath.
  const shown = isMotionReduced() ? (breathes ? Number(isIn) : 0.5) : fullness;
  const level = LOW + (HIGH - LOW) * shown;
  useEffect(() => {
    way.current?.style.setProperty('transform', `translateY(${level}%)`);
  }, [level]);
  return (
    <div className={`horizon${breathes ? '' : ' horizon--resting'}`} aria-hidden>
      <div className="horizon-way" ref={way}>
        <div className="horizon-land" data-level={level.toFixed(3)} />
      </div>
    </div>
  );
}
