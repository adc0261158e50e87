import { useCallback, useMemo, useRef, useState } from 'react';
import { markNow, stopNow } from '../../../core/record/running/marks';
import { shownNow, toShow } from '../../../core/record/running/shownNow';
import { back, changeTempo, onceMore, skip, togglePause } from '../../../core/record/running/steer';
import type { Teaching } from '../../../core/record/standing/teaching';
import { isRoutine } from '../../../core/session/schedule/settleItem';
import { useRepertoire } from '../../app/repertoire';
import type { KeptClass } from '../../class/kept/keptClass';
import { useTimeline } from '../../class/useTimeline';
import { useKeptChoice } from '../../teaching/running/useKeptChoice';
import { useTeaching } from '../../teaching/running/useTeaching';
import { useWakeLock } from '../../teaching/running/useWakeLock';
import { NextShown, StageShown } from '../../teaching/StageShown';
import { ClocksParted } from '../../teaching/shown/ClocksParted';
import { FIGURE_VIEWS } from '../../teaching/shown/FigureShown';
import { useMixer } from '../../teaching/sound/mixer';
import { useBell } from '../../teaching/sound/useBell';
import { type BesideOpen, BesideTheClass } from './BesideTheClass';
import { EndOfClass } from './end/EndOfClass';
import { LEADS } from './MoreControls';
import { useComers } from './running/useComers';
import { useDevices } from './running/useDevices';
import { useKeeping } from './running/useKeeping';
import { useShorten } from './running/useShorten';
import { ShortenOffer } from './shown/ShortenOffer';
import { TouchAreas } from './shown/TouchAreas';
import { WaysTaken } from './shown/WaysTaken';
import { type Steering, TeachControls } from './TeachControls';

interface Props {
  readonly kept: KeptClass;
  /** Back to where it was asked about; null unless it is only to be ended, and written down. */
  readonly onAsked: (() => void) | null;
  readonly onLight: () => void;
}

/** Teaching: the horizon, the call, the count left, the side, the clock against the plan, what comes next. */
export function TeachingFace({ kept, onAsked, onLight }: Props) {
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
  const [leads, changeLead] = useKeptChoice('vesperum.teach-leads', LEADS);
  const [around, turnAround] = useKeptChoice('vesperum.teach-devices', ['off', 'on']);
  const mixer = useMixer();
  const mirrored = facing === 'class';
  const [ending, setEnding] = useState<Teaching | null>(onAsked ? kept.teaching : null);
  const latest = useRef(teaching);
  latest.current = teaching;
  const [beside, setBeside] = useState<BesideOpen>(null);
  const comers = useComers(session, teaching);
  const { shortening, shorten, dropNew, letGo } = useShorten(session, timeline, setTaught, comers.asked);
  useWakeLock();
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
      shorten: () => shorten(latest.current),
      mark: () => act((now) => markNow(timeline, now)),
      notTonight: () => dropNew(latest.current),
    }),
    [act, timeline, shorten, dropNew, letGo],
  );
  const { isListening, tell } = useDevices(around === 'on', {
    next: steering.skip,
    stay: steering.pause,
    shorten: steering.shorten,
  });
  const show = useMemo(() => toShow(session, timeline, repertoire.find), [session, timeline, repertoire]);
  const shown = useMemo(() => shownNow(show, teaching), [show, teaching]);
  const led = leads === 'planned' ? (shown?.ledBy ?? 'breath') : leads;
  const isCrib = led === 'clock';
  const isSilent = useBell(timeline, teaching, led, mixer.mix, tell);
  const goBack = useCallback(() => setEnding(null), []);

  if (ending || teaching.finished || !shown) {
    return (
      <EndOfClass
        logId={logId}
        session={kept.session}
        startedAt={startedAt}
        timeline={planned}
        teaching={ending ?? teaching}
        onBack={onAsked ?? (teaching.finished ? null : goBack)}
      />
    );
  }

  const { moment, segment } = shown;
  return (
    <main
      className="teach"
      data-plan-ms={teaching.planMs.toFixed(1)}
      data-clock={clock.toFixed(1)}
      data-segment={moment.index}
      data-devices={isListening ? 'listening' : undefined}
      data-breath={segment.breath ?? 'none'}
    >
      <StageShown
        shown={shown}
        session={session}
        timeline={timeline}
        teaching={teaching}
        startedAt={startedAt}
        isCrib={isCrib}
        mirrored={mirrored}
        figure={figure}
      >
        {shortening && <ShortenOffer shortening={shortening} startedAt={startedAt} />}
        <WaysTaken
          counts={isRoutine(segment) ? [] : comers.countsOf(segment.itemId)}
          offersHold={teaching.walkIns > 0 && comers.isUnsteady(segment.itemId)}
        />
      </StageShown>
      <footer className="teach-bottom">
        <NextShown next={shown.next}>
          {isSilent && <span className="teach-unkept">No sound yet: tap the screen.</span>}
          {!isKept && <span className="teach-unkept">This browser keeps nothing: do not load this page again.</span>}
        </NextShown>
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
        startedAt={startedAt}
        comers={comers}
        act={act}
        onClose={() => setBeside(null)}
        more={{
          steering,
          mixer,
          leads,
          hasDevices: around === 'on',
          onDevices: turnAround,
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
