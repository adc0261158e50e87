import { useLayoutEffect, useMemo, useState } from 'react';
import type { PocketClass } from '../../core/formats/pocket/pocketClass';
import { takeUp } from '../../core/record/running/resume';
import { beginTeaching, type Teaching } from '../../core/record/standing/teaching';
import { mayLastMs } from '../../core/session/plan/slotTime';
import { timelineOf } from '../../core/session/schedule/timeline';
import { type LightName, putOn } from '../app/lights';
import { nowMs, timestamp } from '../app/machine/clock';
import { inWords } from '../app/words';
import { useKeptChoice } from '../teaching/running/useKeptChoice';
import '../teaching/teach.css';
import '../teaching/threshold.css';
import { foundHere, type KeptHere, keepsHere } from './keptHere';
import { PocketEnd } from './PocketEnd';
import { PocketFace } from './PocketFace';
import { TallyHere } from './TallyHere';

interface Props {
  readonly carried: PocketClass;
  /** The card that stands in the file as plain text and pictures. */
  readonly card: HTMLElement;
}

type Doing =
  | { readonly kind: 'threshold' }
  | { readonly kind: 'card' }
  | { readonly kind: 'taught'; readonly kept: KeptHere }
  | { readonly kind: 'ended'; readonly startedAt: string; readonly teaching: Teaching };

/** A class in a file: the moment before, teaching, and giving back what was done. The card is one press away. */
export function Pocket({ carried, card }: Props) {
  const { session, movements } = carried;
  const [doing, setDoing] = useState<Doing>({ kind: 'threshold' });
  const [light, nextLight] = useKeptChoice<LightName>('vesperum.teach-light', ['dusk', 'day', 'lamp']);
  const find = useMemo(() => {
    const known = new Map(movements.map((movement) => [movement.id, movement]));
    return (id: string) => known.get(id);
  }, [movements]);
  const answer = useMemo(() => timelineOf(session, find), [session, find]);
  const isCard = doing.kind === 'card' || !answer.ok;
  useLayoutEffect(() => {
    putOn(isCard ? 'day' : light);
    card.hidden = !isCard;
  }, [card, isCard, light]);
  if (!answer.ok) return null;
  const { timeline } = answer;
  switch (doing.kind) {
    case 'card':
      return (
        <button type="button" className="pocket-back" onClick={() => setDoing({ kind: 'threshold' })}>
          Back to teaching
        </button>
      );
    case 'taught':
      return (
        <PocketFace
          carried={carried}
          timeline={timeline}
          find={find}
          kept={doing.kept}
          onLight={nextLight}
          onEnd={(teaching) => setDoing({ kind: 'ended', startedAt: doing.kept.startedAt, teaching })}
        />
      );
    case 'ended':
      return (
        <PocketEnd
          carried={carried}
          timeline={timeline}
          find={find}
          startedAt={doing.startedAt}
          teaching={doing.teaching}
          onBack={() => setDoing({ kind: 'threshold' })}
        />
      );
    case 'threshold':
      return (
        <Before
          carried={carried}
          totalMs={timeline.totalMs}
          onBegin={() =>
            setDoing({
              kind: 'taught',
              kept: {
                startedAt: timestamp(),
                teaching: beginTeaching(mayLastMs(session)),
                seenAt: nowMs(),
              },
            })
          }
          onGoOn={(kept) => setDoing({ kind: 'taught', kept: takeUp(timeline, kept, nowMs()) })}
          onGiveBack={({ startedAt, teaching }) => setDoing({ kind: 'ended', startedAt, teaching })}
          onCard={() => setDoing({ kind: 'card' })}
        />
      );
  }
}

interface BeforeProps {
  readonly carried: PocketClass;
  readonly totalMs: number;
  readonly onBegin: () => void;
  readonly onGoOn: (kept: KeptHere) => void;
  readonly onGiveBack: (kept: KeptHere) => void;
  readonly onCard: () => void;
}

/** The moment before: how long it is, whether this device keeps what is done, and what was begun here. */
function Before({ carried: { kind, session }, totalMs, onBegin, onGoOn, onGiveBack, onCard }: BeforeProps) {
  const [keeps] = useState(keepsHere);
  const [kept] = useState(() => foundHere(session));
  return (
    <main className="teach teach-threshold pocket-threshold">
      <h1>{session.title}</h1>
      <p>
        {inWords(totalMs)}.{' '}
        {keeps
          ? 'This device keeps how far you are: closed and opened again, it goes on from there.'
          : 'This device keeps nothing: do not close this page while you teach.'}
      </p>
      {kept && (
        <button type="button" className="teach-begin" onClick={() => onGoOn(kept)}>
          Go on, {inWords(kept.teaching.wallMs)} in
        </button>
      )}
      <button type="button" className={kept ? 'bare teach-quiet' : 'teach-begin'} onClick={onBegin}>
        {kept ? 'Begin anew' : 'Begin'}
      </button>
      {kept && kind === 'class' && (
        <button type="button" className="bare teach-quiet" onClick={() => onGiveBack(kept)}>
          End that one, and give back what was done
        </button>
      )}
      <button type="button" className="bare teach-quiet" onClick={onCard}>
        Read it as a card
      </button>
      {kind === 'practice' && <TallyHere session={session} />}
      <p className="teach-quiet">
        Pain is a stop sign. Keep breathing, sit when you like. A chair or wall within reach for balance work.
      </p>
    </main>
  );
}
