import { useMemo, useRef, useState } from 'react';
import { goesBelow } from '../../../core/movement/adapt/cappedMovement';
import { comesNext } from '../../../core/record/running/comesNext';
import { markNow, stopNow } from '../../../core/record/running/marks';
import { momentOf } from '../../../core/record/running/moment';
import { back, changeTempo, onceMore, skip, togglePause } from '../../../core/record/running/steer';
import type { Teaching } from '../../../core/record/running/teaching';
import { adaptedMovements } from '../../../core/session/plan/adaptMovement';
import { depthsIn } from '../../../core/session/plan/line/depth';
import type { MovementItem, Session } from '../../../core/session/plan/session';
import { doneIn, isRoutine } from '../../../core/session/schedule/settleItem';
import { lineTimes, segmentsOf } from '../../../core/session/timeline/lineTimes';
import type { Segment } from '../../../core/session/timeline/segment';
import { besideCall } from '../../../core/session/words/besideCall';
import { type Spoken, spokenAt, spokenIn } from '../../../core/session/words/lineSpeech';
import { placedWords } from '../../../core/session/words/wordsSaid';
import { useRepertoire } from '../../app/repertoire';
import type { KeptClass } from '../../class/kept/keptClass';
import { useTimeline } from '../../class/useTimeline';
import { type BesideOpen, BesideTheClass } from './BesideTheClass';
import { EndOfClass } from './EndOfClass';
import { useComers } from './running/useComers';
import { useKeeping } from './running/useKeeping';
import { useKeptChoice } from './running/useKeptChoice';
import { useShorten } from './running/useShorten';
import { useTeaching } from './running/useTeaching';
import { useWakeLock } from './running/useWakeLock';
import { ClockAgainstPlan } from './shown/ClockAgainstPlan';
import { ClockCrib } from './shown/ClockCrib';
import { ClocksParted } from './shown/ClocksParted';
import { CountLeft } from './shown/CountLeft';
import { FIGURE_VIEWS, FigureShown } from './shown/FigureShown';
import { Horizon } from './shown/Horizon';
import { ShortenOffer } from './shown/ShortenOffer';
import { SideShown } from './shown/SideShown';
import { TouchAreas } from './shown/TouchAreas';
import { WaysTaken } from './shown/WaysTaken';
import { WordsSaid } from './shown/WordsSaid';
import { useMixer } from './sound/mixer';
import { useBell } from './sound/useBell';
import { type Steering, TeachControls } from './TeachControls';
import { callShown, lineName } from './teachWords';

interface Props {
  readonly kept: KeptClass;
  /** Whether it is only to be ended, and written down. */
  readonly isEnding: boolean;
  readonly onLight: () => void;
}

/** A call of more letters than this is written smaller, so that it stays on two lines. */
const LONG_CALL = 30;
const NOBODY_ELSE = () => undefined;

/** Teaching: the horizon, the call, the count left, the side, the clock against the plan, what comes next. */
export function TeachingFace({ kept, isEnding, onLight }: Props) {
  const repertoire = useRepertoire();
  const { logId, startedAt } = kept;
  // Taught is what is left of it since it was shortened; its record is of the class as it was planned.
  const [session, setTaught] = useState(kept.shortened ?? kept.session);
  const planned = useTimeline(kept.session);
  const timeline = useTimeline(session);
  const { running, act, parted, say } = useTeaching(timeline, kept.teaching);
  const { teaching, clock } = running;
  const [facing, turnRound] = useKeptChoice('vesperum.teach-facing', ['class', 'front']);
  const [figure, changeFigure] = useKeptChoice('vesperum.teach-figure', FIGURE_VIEWS);
  const [leads, changeLead] = useKeptChoice('vesperum.teach-leads', ['breath', 'clock']);
  const mixer = useMixer();
  const mirrored = facing === 'class';
  const isCrib = leads === 'clock';
  const [ending, setEnding] = useState<Teaching | null>(isEnding ? kept.teaching : null);
  const latest = useRef(teaching);
  latest.current = teaching;
  const [beside, setBeside] = useState<BesideOpen>(null);
  const comers = useComers(session, teaching);
  const { shortening, shorten, dropNew, letGo } = useShorten(session, setTaught, comers.asked);
  const moment = momentOf(timeline, teaching);
  useWakeLock();
  useBell(timeline, teaching, mixer.mix, NOBODY_ELSE);
  const shortened = session === kept.session ? null : session;
  const isKept = useKeeping(
    { logId, session: kept.session, shortened, startedAt, teaching },
    ending === null && !teaching.finished,
  );

  const steering: Steering = useMemo(
    () => ({
      back: () => act((now) => back(timeline, now)),
      // What was offered or taken is let go first; then it stays.
      pause: () => {
        if (!letGo()) act(togglePause);
      },
      skip: () => act((now) => skip(timeline, now)),
      once: () => act((now) => onceMore(timeline, now)),
      slower: () => act((now) => changeTempo(now, -1)),
      faster: () => act((now) => changeTempo(now, 1)),
      end: () => setEnding(latest.current),
      who: () => setBeside((open) => (open === 'who' ? null : 'who')),
      sheet: () => {
        act((now) => stopNow(timeline, now));
        setBeside('sheet');
      },
      more: () => setBeside((open) => (open === 'more' ? null : 'more')),
      shorten: () => shorten(timeline, latest.current),
      mark: () => act((now) => markNow(timeline, now)),
      notTonight: () => dropNew(timeline, latest.current),
    }),
    [act, timeline, shorten, dropNew, letGo],
  );
  const movements = useMemo(() => adaptedMovements(session, repertoire.find), [session, repertoire]);
  const spoken = useMemo(() => spokenIn(session, timeline, repertoire.find), [session, timeline, repertoire]);

  if (ending || teaching.finished || !moment) {
    return (
      <EndOfClass
        logId={logId}
        session={kept.session}
        startedAt={startedAt}
        timeline={planned}
        teaching={ending ?? teaching}
        onBack={teaching.finished ? null : () => setEnding(null)}
      />
    );
  }

  const { segment } = moment;
  const movement = doneIn(segment, movements, repertoire.find, session.schools);
  const next = comesNext(timeline, moment.index);
  const breathes = segment.breaths !== null;
  const line = lineTimes(timeline).get(segment.itemId);
  const inHand = lineInHand(segment, session);
  const faces = inHand?.stands.faces ?? 'usual';
  const facesClass = faces === 'usual' ? mirrored : faces === 'class';
  const written = inHand && repertoire.find(inHand.movementId);
  const found = depthsIn(session.sections).get(segment.itemId);
  const depth = written && found && goesBelow(written, found.deepest) ? found : undefined;
  // With somebody new there, every first repetition is said.
  const isSaid = segment.call !== '' || (teaching.walkIns > 0 && segment.repetition === 1);
  const call = teaching.welcomeMs > 0 ? 'Welcome' : callShown(segment, movement);
  const stands = inHand ? placedWords(inHand) : '';
  // What settles a line is done once, however many rounds the line has.
  const rounds = line && !isRoutine(segment) ? Math.max(...segmentsOf(timeline, line).map(({ round }) => round)) : 1;

  return (
    <main
      className="teach"
      data-plan-ms={teaching.planMs.toFixed(1)}
      data-clock={clock.toFixed(1)}
      data-segment={moment.index}
      data-breath={segment.breath ?? 'none'}
    >
      <header className="teach-top">
        <p className="teach-name">
          <span className="name">{lineName(segment, session, repertoire)}</span>
          <span className="han" lang="zh-Hant">
            {movement?.names.chinese[0]}
          </span>
          {stands !== '' && <span className="teach-stands">{stands}</span>}
        </p>
        <ClockAgainstPlan session={session} startedAt={startedAt} timeline={timeline} teaching={teaching} />
      </header>
      {isCrib ? (
        <ClockCrib
          session={session}
          timeline={timeline}
          teaching={teaching}
          startedAt={startedAt}
          segment={segment}
          name={lineName(segment, session, repertoire)}
          next={next && { name: lineName(next, session, repertoire), startMs: next.startMs }}
        />
      ) : (
        <p
          className={`teach-call name${isSaid ? '' : ' teach-call--silent'}${call.length > LONG_CALL ? ' teach-call--long' : ''}`}
          aria-live="polite"
        >
          {teaching.paused ? 'Paused' : call}
        </p>
      )}
      {isCrib ? <div /> : <Horizon fullness={moment.fullness} breathes={breathes} isIn={segment.breath === 'in'} />}
      {shortening && <ShortenOffer shortening={shortening} startedAt={startedAt} />}
      <WaysTaken
        counts={isRoutine(segment) ? [] : comers.countsOf(segment.itemId)}
        offersHold={teaching.walkIns > 0 && comers.isUnsteady(segment.itemId)}
      />
      <WordsSaid
        now={spokenAt(
          spoken.filter(({ from }) => from !== 'script'),
          teaching.planMs,
        )}
        script={scriptFrom(spoken, segment.itemId, teaching.planMs)}
        atMs={teaching.planMs}
        beside={besideCall(segment, movement, isRoutine(segment) ? undefined : inHand, depth)}
      />
      <div className="teach-middle">
        <CountLeft
          moment={moment}
          movement={movement}
          rounds={rounds}
          range={isRoutine(segment) ? null : (inHand?.range ?? null)}
        />
        {figure !== 'none' && !isCrib && (
          <FigureShown moment={moment} movement={movement} view={figure} mirrored={facesClass} />
        )}
        <SideShown segment={segment} movement={movement} mirrored={facesClass} />
      </div>
      <footer className="teach-bottom">
        <p className="teach-next">
          {next ? (
            <>
              Next: <strong className="name">{lineName(next, session, repertoire)}</strong>
            </>
          ) : (
            'This is the last one'
          )}
          {!isKept && <span className="teach-unkept">This browser keeps nothing: do not load this page again.</span>}
        </p>
        <TeachControls
          steering={steering}
          teaching={teaching}
          pace={moment.pace}
          mirrored={mirrored}
          onMirror={turnRound}
          onMute={mixer.mute}
          onLight={onLight}
          onCrib={changeLead}
          onFigure={changeFigure}
        />
      </footer>
      <TouchAreas onStay={steering.pause} onShorten={steering.shorten} onNext={steering.skip} />
      <BesideTheClass
        open={beside}
        session={session}
        teaching={teaching}
        comers={comers}
        act={act}
        onClose={() => setBeside(null)}
        more={{
          steering,
          mixer,
          isCrib,
          mirrored,
          onMirror: turnRound,
          figure,
          onLight,
          onCrib: changeLead,
          onFigure: changeFigure,
        }}
      />
      {parted && <ClocksParted by={parted.by} onSay={say} />}
    </main>
  );
}

/** The movement's line that is being taught; undefined for rests and talks. */
const lineInHand = ({ itemId }: Segment, { sections }: Session): MovementItem | undefined =>
  sections
    .flatMap(({ items }) => items)
    .find((item): item is MovementItem => item.kind === 'movement' && item.id === itemId);

/** The paragraphs of what is read out in a line, from the one that is being read on; all that is left of the last once it was. */
function scriptFrom(spoken: readonly Spoken[], itemId: string, atMs: number): Spoken[] {
  const all = spoken.filter((one) => one.from === 'script' && one.itemId === itemId);
  const begun = all.findLastIndex(({ startMs }) => startMs <= atMs);
  return all.slice(Math.max(0, begun));
}
