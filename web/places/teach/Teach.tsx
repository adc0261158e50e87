import { useLayoutEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { beginTeaching } from '../../../core/record/teaching';
import type { Session } from '../../../core/session/plan/session';
import { api } from '../../app/api';
import { type LightName, putOn } from '../../app/lights';
import { type Repertoire, useRepertoire } from '../../app/repertoire';
import { useLight } from '../../app/shell/LightContext';
import { Notice, Waiting } from '../../app/shell/Notice';
import { inWords } from '../../app/words';
import { keptDrafts } from '../../class/keptDraft';
import { useTimeline } from '../../class/useTimeline';
import { type KeptClass, keptClasses } from './keptClass';
import { TeachingFace } from './TeachingFace';
import './teach.css';

/** The room for teaching one class: full screen, in its own light, resuming what a reload interrupted. */
export function Teach() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const { light } = useLight();
  const [teachLight, setTeachLight] = useState<LightName>('dusk');
  const [kept, setKept] = useState(() => keptClasses.find(id));
  const repertoire = useRepertoire();
  // An edit that is still on its way to the server is already part of the class.
  const [draft] = useState(() => keptDrafts.find(id));
  const { data, isError } = api.useSessionQuery(id, { skip: kept !== null || draft !== null });
  const session = draft?.session ?? data?.session;

  useLayoutEffect(() => {
    putOn(teachLight);
    return () => putOn(light);
  }, [teachLight, light]);

  if (isError && !kept) {
    return (
      <Notice action={{ label: 'To the sessions', onPress: () => navigate('/sessions') }}>
        This class cannot be opened. It is not here, or the server does not answer.
      </Notice>
    );
  }
  if (!repertoire || (!kept && !session)) return <Waiting />;
  if (kept) {
    return (
      <TeachingFace
        kept={kept}
        repertoire={repertoire}
        onLight={() => setTeachLight(teachLight === 'dusk' ? 'lamp' : 'dusk')}
      />
    );
  }
  return session ? <Threshold session={session} repertoire={repertoire} onBegin={setKept} /> : null;
}

interface ThresholdProps {
  readonly session: Session;
  readonly repertoire: Repertoire;
  readonly onBegin: (kept: KeptClass) => void;
}

/** The moment before: the class, its length, and one press to begin. */
function Threshold({ session, repertoire, onBegin }: ThresholdProps) {
  const timeline = useTimeline(session, repertoire);
  const navigate = useNavigate();
  const begin = () => {
    const kept = { session, teaching: beginTeaching(), startedAt: new Date().toISOString() };
    keptClasses.keep(session.id, kept);
    document.documentElement.requestFullscreen?.().catch(() => undefined);
    onBegin(kept);
  };
  return (
    <main className="teach teach-threshold">
      <h1>{session.title}</h1>
      <p>
        {session.sections.flatMap(({ items }) => items).length} lines, {inWords(timeline.totalMs)} in a slot of{' '}
        {session.slotMinutes} minutes.
      </p>
      {timeline.totalMs === 0 ? (
        <p>There is nothing in it yet.</p>
      ) : (
        <button type="button" className="teach-begin" onClick={begin} ref={(button) => button?.focus()}>
          Begin
        </button>
      )}
      <button type="button" className="bare teach-quiet" onClick={() => navigate(`/sessions/${session.id}`)}>
        Back to planning
      </button>
      <p className="teach-quiet">
        Pain is a stop sign. Keep breathing, sit when you like. A chair or wall within reach for balance work.
      </p>
    </main>
  );
}
