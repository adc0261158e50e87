import type { ComponentType } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { Session } from '../../../../core/session/plan/session';
import { lazyPart } from '../../../app/shell/lazyPart';
import { Notice, Waiting } from '../../../app/shell/Notice';
import { selectSession, useDeskSelector } from '../draft/draftStore';
import { useOpenDraft } from '../draft/useOpenDraft';
import { ClassAtGlance } from './ClassAtGlance';
import './print.css';
import './session.css';

const Desk = lazyPart(async () => (await import('./Desk')).Desk, {
  what: 'The desk',
  waiting: <OpenClass of={ClassAtGlance} />,
  whenIdle: true,
});

/** One class on the desk: its head, its slot, its running order, and the line in hand. */
export function SessionPage() {
  const { id = '' } = useParams();
  const opening = useOpenDraft(id);
  const isOpen = useDeskSelector((state) => selectSession(state) !== null);
  const navigate = useNavigate();

  if (opening === 'missing') {
    return (
      <Notice action={{ label: 'To the sessions', onPress: () => navigate('/sessions') }}>
        This class is not here any more.
      </Notice>
    );
  }
  if (opening === 'away') {
    return (
      <Notice action={{ label: 'Try again', onPress: () => window.location.reload() }}>
        Vesperum’s server does not answer. Start it again, then open this class.
      </Notice>
    );
  }
  if (opening === 'failing') {
    return (
      <Notice action={{ label: 'Try again', onPress: () => window.location.reload() }}>
        Vesperum’s server answers, but it cannot read this class. What it says in its own window tells more.
      </Notice>
    );
  }
  if (opening === 'opening' || !isOpen) return <Waiting />;
  return <OpenClass key={id} of={Desk} />;
}

/** The class that lies open, shown in one way or another. */
function OpenClass({ of: Shown }: { readonly of: ComponentType<{ readonly session: Session }> }) {
  const session = useDeskSelector(selectSession);
  return session && <Shown session={session} />;
}
