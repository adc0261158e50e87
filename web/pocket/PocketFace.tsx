import { useEffect, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { PocketClass } from '../../core/formats/pocket/pocketClass';
import type { FindMovement } from '../../core/movement/schema/movement';
import { goOnFromStop, markNow, stopNow } from '../../core/record/running/marks';
import { shownNow, toShow } from '../../core/record/running/shownNow';
import { back, changeTempo, onceMore, skip, togglePause } from '../../core/record/running/steer';
import type { Teaching } from '../../core/record/standing/teaching';
import type { Timeline } from '../../core/session/timeline/segment';
import { nowMs } from '../app/machine/clock';
import { Beside } from '../teaching/Beside';
import { keepOn } from '../teaching/running/keepOn';
import { useKeptChoice } from '../teaching/running/useKeptChoice';
import { useTeaching } from '../teaching/running/useTeaching';
import { useWakeLock } from '../teaching/running/useWakeLock';
import { NextShown, StageShown } from '../teaching/StageShown';
import { ClocksParted } from '../teaching/shown/ClocksParted';
import { FIGURE_VIEWS } from '../teaching/shown/FigureShown';
import { useMixer } from '../teaching/sound/mixer';
import { useBell } from '../teaching/sound/useBell';
import { forgetHere, type KeptHere, keepHere } from './keptHere';

interface Props {
  readonly carried: PocketClass;
  readonly timeline: Timeline;
  readonly find: FindMovement;
  readonly kept: KeptHere;
  readonly onLight: () => void;
  readonly onEnd: (teaching: Teaching) => void;
}

/** How often the class in hand is written down, milliseconds. */
const KEEP_EVERY = 500;
const NOBODY_ELSE = () => undefined;

/** Teaching from the file: the same screen, by the same reckoning, with what a device by itself can do. */
export function PocketFace({ carried, timeline, find, kept, onLight, onEnd }: Props) {
  const { session, kind } = carried;
  const { startedAt } = kept;
  const { running, act, parted, say } = useTeaching(timeline, kept.teaching);
  const { teaching } = running;
  const [facing, turnRound] = useKeptChoice('vesperum.teach-facing', ['class', 'front']);
  const [figure, changeFigure] = useKeptChoice('vesperum.teach-figure', FIGURE_VIEWS);
  const [isSheet, setSheet] = useState(false);
  const mixer = useMixer();
  const show = useMemo(() => toShow(session, timeline, find), [session, timeline, find]);
  const shown = useMemo(() => shownNow(show, teaching), [show, teaching]);
  const latest = useRef(teaching);
  latest.current = teaching;
  const isKept = useKept(carried, startedAt, latest);
  useWakeLock();
  useBell(timeline, teaching, shown?.ledBy ?? 'breath', mixer.mix, NOBODY_ELSE);

  const end = () => {
    if (kind === 'practice') forgetHere(session);
    onEnd(latest.current);
  };
  const steer = {
    back: () => act((now) => back(timeline, now)),
    stay: () => act(togglePause),
    next: () => act((now) => skip(timeline, now)),
    once: () => act((now) => onceMore(timeline, now)),
  };
  const keys = { preventDefault: true } as const;
  const onPage = { ...keys, ignoreEventWhen: (event: KeyboardEvent) => event.target instanceof HTMLButtonElement };
  useHotkeys('space', steer.stay, onPage);
  useHotkeys(['left', 'pageup'], steer.back, keys);
  useHotkeys(['right', 'pagedown'], steer.next, keys);
  useHotkeys('o', steer.once, keys);
  useHotkeys('x', () => act((now) => markNow(timeline, now)), keys);

  useEffect(() => {
    if (teaching.finished) onEnd(latest.current);
  }, [teaching.finished, onEnd]);
  if (!shown) return null;
  return (
    <main
      className="teach"
      data-plan-ms={teaching.planMs.toFixed(1)}
      data-segment={shown.moment.index}
      data-breath={shown.segment.breath ?? 'none'}
    >
      <StageShown
        shown={shown}
        session={session}
        timeline={timeline}
        teaching={teaching}
        startedAt={startedAt}
        isCrib={shown.ledBy === 'clock'}
        mirrored={facing === 'class'}
        figure={figure}
      />
      <footer className="teach-bottom">
        <NextShown next={shown.next}>
          {!isKept && <span className="teach-unkept">This device keeps nothing: do not close this page.</span>}
        </NextShown>
        <div className="teach-controls" role="toolbar" aria-label="Steering the class">
          <Plain label="Back" onPress={steer.back} />
          <Plain label={teaching.paused ? 'Go on' : 'Stay'} onPress={steer.stay} />
          <Plain label="Next" onPress={steer.next} />
          <Plain label="Once more" onPress={steer.once} />
          <Plain label="Slower" onPress={() => act((now) => changeTempo(now, -1))} />
          <Plain label="Faster" onPress={() => act((now) => changeTempo(now, 1))} />
          <Plain label={facing === 'class' ? 'Facing them' : 'Back to them'} onPress={turnRound} />
          <Plain label="Figure" onPress={changeFigure} />
          <Plain label={mixer.mix.muted ? 'Sound off' : 'Sound on'} onPress={mixer.mute} />
          <Plain label="Light" onPress={onLight} />
          {kind === 'class' && <Plain label="Mark" onPress={() => act((now) => markNow(timeline, now))} />}
          {carried.sheet.length > 0 && (
            <Plain
              label="Hall"
              onPress={() => {
                act((now) => stopNow(timeline, now));
                setSheet(true);
              }}
            />
          )}
          <Plain label="End" onPress={end} />
        </div>
      </footer>
      {isSheet && (
        <Beside title="Hall sheet" onClose={() => setSheet(false)}>
          <dl className="teach-sheet">
            {carried.sheet.map(({ label, words }) => (
              <div key={label}>
                <dt>{label}</dt>
                <dd>{words}</dd>
              </div>
            ))}
          </dl>
          <div className="teach-people">
            <Plain
              label="It was nothing: go on"
              onPress={() => {
                act(goOnFromStop);
                setSheet(false);
              }}
            />
          </div>
        </Beside>
      )}
      {parted && <ClocksParted by={parted.by} onSay={say} />}
    </main>
  );
}

const Plain = ({ label, onPress }: { readonly label: string; readonly onPress: () => void }) => (
  <button
    type="button"
    className="teach-press"
    onClick={(event) => {
      onPress();
      // After a tap the keys belong to the class again.
      if (event.detail > 0) event.currentTarget.blur();
    }}
  >
    {label}
  </button>
);

/** Writes the class down as it goes on, and when the page goes away. Answers whether the device keeps it. */
function useKept({ session }: PocketClass, startedAt: string, latest: { readonly current: Teaching }): boolean {
  const [isKept, setKept] = useState(true);
  useEffect(() => {
    const keep = () => setKept(keepHere(session, { startedAt, teaching: latest.current, seenAt: nowMs() }));
    return keepOn(keep, KEEP_EVERY);
  }, [session, startedAt, latest]);
  return isKept;
}
