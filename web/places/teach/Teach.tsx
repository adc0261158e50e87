import { useLayoutEffect, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { goesOnByItself, takeUp } from '../../../core/record/running/resume';
import { beginTeaching } from '../../../core/record/standing/teaching';
import type { Session } from '../../../core/session/plan/session';
import { mayLastMs } from '../../../core/session/plan/slotTime';
import { type LightName, putOn } from '../../app/lights';
import { nowMs, timestamp } from '../../app/machine/clock';
import { freshId } from '../../app/machine/freshId';
import { api } from '../../app/server/api';
import { useLight } from '../../app/shell/LightContext';
import { Notice, Waiting } from '../../app/shell/Notice';
import { classesInHand, forgetClass, type KeptClass, keepClass } from '../../class/kept/keptClass';
import { draftsOf, versionNow } from '../../class/kept/keptDraft';
import { useTimeline } from '../../class/useTimeline';
import { useKeptChoice } from '../../teaching/running/useKeptChoice';
import { StillOpen } from './StillOpen';
import { TeachingFace } from './TeachingFace';
import { Threshold } from './Threshold';
import '../../teaching/teach.css';
import '../../teaching/threshold.css';

/** The room for teaching one class: full screen, in its own light, resuming what a reload interrupted. */
export function Teach() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const { light } = useLight();
  const [teachLight, nextLight] = useKeptChoice<LightName>('vesperum.teach-light', ['dusk', 'day', 'lamp']);
  const [query] = useSearchParams();
  const asked = query.get('open');
  const [kept] = useState(
    () =>
      classesInHand().find(({ session, logId }) => session.id === id && (asked === null || logId === asked)) ?? null,
  );
  // An edit that is still on its way to the server is already part of the class.
  const [drafts] = useState(() => draftsOf(id));
  const { data = null, isError } = api.useSessionQuery(id);
  const current = data || isError ? versionNow(data, drafts) : null;

  useLayoutEffect(() => {
    putOn(teachLight);
    return () => putOn(light);
  }, [teachLight, light]);

  if (isError && !kept && !current) {
    return (
      <Notice action={{ label: 'To the sessions', onPress: () => navigate('/sessions') }}>
        This class cannot be opened. It is not here, or the server does not answer.
      </Notice>
    );
  }
  if (!current && !isError) return <Waiting />;
  return <Room kept={kept} isAsked={asked !== null} current={current} onLight={nextLight} />;
}

interface RoomProps {
  /** What was in hand when the room was entered. */
  readonly kept: KeptClass | null;
  /** Whether it was asked for by name: then nothing is done with it unasked. */
  readonly isAsked: boolean;
  readonly current: Session | null;
  readonly onLight: () => void;
}

/** What is done with the class that is in hand. */
type Doing =
  | { readonly kind: 'threshold' }
  | { readonly kind: 'asks'; readonly kept: KeptClass }
  | { readonly kind: 'taught'; readonly kept: KeptClass; readonly isEnding: boolean };

function Room({ kept, isAsked, current, onLight }: RoomProps) {
  const [doing, setDoing] = useState<Doing>(() => {
    if (!kept) return { kind: 'threshold' };
    const { session: plan, seenAt } = kept;
    return !isAsked && goesOnByItself({ plan, seenAt }, nowMs(), current)
      ? { kind: 'taught', kept, isEnding: false }
      : { kind: 'asks', kept };
  });
  const begin = (session: Session) => {
    const startedAt = timestamp();
    const begun = {
      logId: freshId('log'),
      session,
      teaching: beginTeaching(mayLastMs(session)),
      startedAt,
      shortened: null,
      seenAt: nowMs(),
    };
    keepClass(begun);
    setDoing({ kind: 'taught', kept: begun, isEnding: false });
  };
  switch (doing.kind) {
    case 'threshold':
      return current && <Threshold session={current} onBegin={() => begin(current)} />;
    case 'asks':
      return (
        <StillOpen
          kept={doing.kept}
          current={current}
          onGoOn={() => setDoing({ kind: 'taught', kept: doing.kept, isEnding: false })}
          onWrite={() => setDoing({ kind: 'taught', kept: doing.kept, isEnding: true })}
          onAnew={() => setDoing({ kind: 'threshold' })}
          onLetGo={() => {
            forgetClass(doing.kept);
            setDoing({ kind: 'threshold' });
          }}
        />
      );
    case 'taught':
      return (
        <Taught
          kept={doing.kept}
          isEnding={doing.isEnding}
          onLight={onLight}
          onAsked={() => setDoing({ kind: 'asks', kept: doing.kept })}
        />
      );
  }
}

interface TaughtProps extends Pick<RoomProps, 'onLight'> {
  readonly kept: KeptClass;
  readonly isEnding: boolean;
  /** Back to what was asked of it. */
  readonly onAsked: () => void;
}

/** Takes a class up where it was left, to teach it or only to end it. */
function Taught({ kept, isEnding, onLight, onAsked }: TaughtProps) {
  const timeline = useTimeline(kept.shortened ?? kept.session);
  const [resumed] = useState(() => (isEnding ? kept : takeUp(timeline, kept, nowMs())));
  return <TeachingFace kept={resumed} onAsked={isEnding ? onAsked : null} onLight={onLight} />;
}
