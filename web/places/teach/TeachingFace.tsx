import { useMemo, useRef, useState } from 'react';
import { goesBelow } from '../../../core/movement/adapt/cappedMovement';
import { markPresent, unwelcomeNewcomer, welcomeNewcomer } from '../../../core/record/comers';
import { comesNext } from '../../../core/record/comesNext';
import { goOnFromStop, markNow, stopNow } from '../../../core/record/marks';
import { momentOf } from '../../../core/record/moment';
import { back, changeTempo, onceMore, skip, togglePause } from '../../../core/record/steer';
import type { Teaching } from '../../../core/record/teaching';
import { adaptedMovements } from '../../../core/session/plan/adaptMovement';
import { depthsIn } from '../../../core/session/plan/line/depth';
import type { MovementItem, Session } from '../../../core/session/plan/session';
import { doneIn, isRoutine } from '../../../core/session/schedule/settleItem';
import { lineTimes, segmentsOf } from '../../../core/session/timeline/lineTimes';
import type { Segment } from '../../../core/session/timeline/segment';
import { besideCall } from '../../../core/session/words/besideCall';
import { type Spoken, spokenAt, spokenIn } from '../../../core/session/words/lineSpeech';
import { placedWords } from '../../../core/session/words/wordsSaid';
import { machineShelf } from '../../app/machine/storage';
import { useRepertoire } from '../../app/repertoire';
import type { KeptClass } from '../../class/kept/keptClass';
import { useTimeline } from '../../class/useTimeline';
import { EndOfClass } from './EndOfClass';
import { MoreControls } from './MoreControls';
import { ClockAgainstPlan } from './shown/ClockAgainstPlan';
import { ClockCrib } from './shown/ClockCrib';
import { CountLeft } from './shown/CountLeft';
import { HallSheetShown } from './shown/HallSheetShown';
import { Horizon } from './shown/Horizon';
import { ShortenOffer } from './shown/ShortenOffer';
import { SideShown } from './shown/SideShown';
import { WaysTaken } from './shown/WaysTaken';
import { WhoIsHere } from './shown/WhoIsHere';
import { WordsSaid } from './shown/WordsSaid';
import { type Steering, TeachControls } from './TeachControls';
import { callShown, lineName, titleOf } from './teachWords';
import { useBell } from './useBell';
import { useComers } from './useComers';
import { useKeeping } from './useKeeping';
import { useShorten } from './useShorten';
import { useTeaching } from './useTeaching';
import { useWakeLock } from './useWakeLock';

interface Props {
  readonly kept: KeptClass;
  /** Whether it is only to be ended, and written down. */
  readonly isEnding: boolean;
  readonly onLight: () => void;
}

const SETTING = {
  mirrored: 'vesperum.teach-mirrored',
  muted: 'vesperum.teach-muted',
  crib: 'vesperum.teach-by-the-clock',
} as const;

/** A yes or no that this machine remembers. */
function useSetting(key: string, usual: boolean): [boolean, () => void] {
  const [value, setValue] = useState(() => (machineShelf.find(key) ?? String(usual)) === 'true');
  const toggle = () => {
    machineShelf.keep(key, String(!value));
    setValue(!value);
  };
  return [value, toggle];
}

/** Teaching: the horizon, the call, the count left, the side, the clock against the plan, what comes next. */
export function TeachingFace({ kept, isEnding, onLight }: Props) {
  const repertoire = useRepertoire();
  const { logId, startedAt } = kept;
  // Taught is what is left of it since it was shortened; its record is of the class as it was planned.
  const [session, setTaught] = useState(kept.shortened ?? kept.session);
  const planned = useTimeline(kept.session);
  const timeline = useTimeline(session);
  const { running, act } = useTeaching(timeline, kept.teaching);
  const { teaching, clock } = running;
  const [mirrored, toggleMirrored] = useSetting(SETTING.mirrored, true);
  const [muted, toggleMuted] = useSetting(SETTING.muted, false);
  const [ending, setEnding] = useState<Teaching | null>(isEnding ? kept.teaching : null);
  const latest = useRef(teaching);
  latest.current = teaching;
  const [isCrib, toggleCrib] = useSetting(SETTING.crib, false);
  const [beside, setBeside] = useState<'who' | 'sheet' | 'more' | null>(null);
  const comers = useComers(session, teaching);
  const { shortening, shorten, dropNew, letGo } = useShorten(session, setTaught, comers.asked);
  const moment = momentOf(timeline, teaching);
  useWakeLock();
  useBell(moment?.segment, muted || teaching.paused || teaching.finished);
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
      {!isCrib && <Horizon fullness={moment.fullness} breathes={breathes} isIn={segment.breath === 'in'} />}
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
        <p className={`teach-call name${isSaid ? '' : ' teach-call--silent'}`} aria-live="polite">
          {teaching.paused ? 'Paused' : call}
        </p>
      )}
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
        beside={besideCall(segment, movement, isRoutine(segment) ? undefined : inHand, depth)}
      />
      <div className="teach-middle">
        <CountLeft
          moment={moment}
          movement={movement}
          rounds={rounds}
          range={isRoutine(segment) ? null : (inHand?.range ?? null)}
        />
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
          onMirror={toggleMirrored}
          onMute={toggleMuted}
          onLight={onLight}
          onCrib={toggleCrib}
        />
      </footer>
      {beside === 'who' && (
        <WhoIsHere
          groupId={comers.groupId}
          teaching={teaching}
          onMark={(id) => act((now) => markPresent(now, id))}
          onNewcomer={() => act(welcomeNewcomer)}
          onNoNewcomer={() => act(unwelcomeNewcomer)}
          late={comers.late}
          lines={comers.lines}
          nameOf={(itemId) => titleOf(session, itemId, repertoire)}
          onClose={() => setBeside(null)}
        />
      )}
      {beside === 'sheet' && (
        <HallSheetShown
          hall={comers.hall}
          onClose={() => setBeside(null)}
          onNothing={() => {
            act(goOnFromStop);
            setBeside(null);
          }}
        />
      )}
      {beside === 'more' && (
        <MoreControls
          steering={steering}
          muted={muted}
          isCrib={isCrib}
          onMute={toggleMuted}
          onLight={onLight}
          onCrib={toggleCrib}
          onClose={() => setBeside(null)}
        />
      )}
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
