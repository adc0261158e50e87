import type { ReactNode } from 'react';
import type { ShownNow } from '../../core/record/running/shownNow';
import type { Teaching } from '../../core/record/standing/teaching';
import type { Session } from '../../core/session/plan/session';
import type { Timeline } from '../../core/session/timeline/segment';
import { ClockAgainstPlan } from './shown/ClockAgainstPlan';
import { ClockCrib } from './shown/ClockCrib';
import { CountLeft } from './shown/CountLeft';
import { FigureShown, type FigureView } from './shown/FigureShown';
import { Horizon } from './shown/Horizon';
import { SideShown } from './shown/SideShown';
import { WordsSaid } from './shown/WordsSaid';

/** A call of more letters than this is written smaller, so that it stays on two lines. */
const LONG_CALL = 30;

interface Props {
  readonly shown: ShownNow;
  readonly session: Session;
  readonly timeline: Timeline;
  readonly teaching: Teaching;
  readonly startedAt: string;
  /** Whether the class is led by the clock rather than by the breath. */
  readonly isCrib: boolean;
  readonly mirrored: boolean;
  readonly figure: FigureView;
  /** What stands between the breath and the words. */
  readonly children?: ReactNode;
}

/** What is read while a class is taught: the line, the call, the breath, the words, the count, the figure and the side. */
export function StageShown(props: Props) {
  const { shown, session, timeline, teaching, startedAt, isCrib, mirrored, figure, children } = props;
  const { moment, segment, movement, call } = shown;
  const facesClass = shown.facesClass ?? mirrored;
  const classes = [
    'teach-call',
    'name',
    !shown.isSaid && 'teach-call--silent',
    call.length > LONG_CALL && 'teach-call--long',
  ];
  return (
    <>
      <header className="teach-top">
        <p className="teach-name">
          <span className="name">{shown.name}</span>
          <span className="han" lang="zh-Hant">
            {movement?.names.chinese[0]}
          </span>
          {shown.stands !== '' && <span className="teach-stands">{shown.stands}</span>}
        </p>
        <ClockAgainstPlan session={session} startedAt={startedAt} timeline={timeline} teaching={teaching} />
      </header>
      {isCrib ? (
        <>
          <ClockCrib
            session={session}
            timeline={timeline}
            teaching={teaching}
            startedAt={startedAt}
            segment={segment}
            name={shown.name}
            next={shown.next}
          />
          <div />
        </>
      ) : (
        <>
          <p className={classes.filter(Boolean).join(' ')} aria-live="polite">
            {teaching.paused ? 'Paused' : call}
          </p>
          <Horizon fullness={moment.fullness} breathes={segment.breaths !== null} isIn={segment.breath === 'in'} />
        </>
      )}
      {children}
      <WordsSaid now={shown.said} script={shown.script} atMs={teaching.planMs} beside={shown.beside} />
      <div className="teach-middle">
        <CountLeft shown={shown} />
        {figure !== 'none' && !isCrib && (
          <FigureShown moment={moment} movement={movement} view={figure} mirrored={facesClass} />
        )}
        <SideShown segment={segment} movement={movement} mirrored={facesClass} />
      </div>
    </>
  );
}

/** What comes next, large enough to be read from the side. */
export const NextShown = ({ next, children }: { readonly next: ShownNow['next']; readonly children?: ReactNode }) => (
  <p className="teach-next">
    {next ? (
      <>
        Next: <strong className="name">{next.name}</strong>
      </>
    ) : (
      'This is the last one'
    )}
    {children}
  </p>
);
