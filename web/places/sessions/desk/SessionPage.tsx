import { Button } from 'antd';
import { useNavigate, useParams } from 'react-router';
import type { Session } from '../../../../core/session/plan/session';
import { Notice, Waiting } from '../../../app/shell/Notice';
import { SlotBar } from '../../../class/SlotBar';
import { useAsked } from '../../../class/useAsked';
import { useTimeline } from '../../../class/useTimeline';
import { ConflictDialog } from '../draft/ConflictDialog';
import { useDeskSelector } from '../draft/draftStore';
import { LeftVersions } from '../draft/LeftVersions';
import { useOpenDraft } from '../draft/useOpenDraft';
import { useUndoKeys } from '../draft/useUndoKeys';
import { useJudgement } from './findings/useJudgement';
import { ClassHead } from './head/ClassHead';
import { LinePanel } from './line/LinePanel';
import { OrderDrag } from './order/OrderDrag';
import { RunningOrder } from './order/RunningOrder';
import { TidePanel } from './tide/TidePanel';
import { NotWorkedOut } from './who/NotWorkedOut';
import { NeedsBeside, useNeedsBeside } from './who/needsBeside';
import './print.css';
import './session.css';

/** One class on the desk: its head, its slot, its running order, and the line in hand. */
export function SessionPage() {
  const { id = '' } = useParams();
  const opening = useOpenDraft(id);
  const isOpen = useDeskSelector(({ draft }) => draft.book.present !== null);
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
  return (
    <OrderDrag key={id}>
      <OpenDesk />
    </OrderDrag>
  );
}

function OpenDesk() {
  const session = useDeskSelector(({ draft }) => draft.book.present);
  return session && <Desk session={session} />;
}

function Desk({ session }: { readonly session: Session }) {
  const timeline = useTimeline(session);
  const askedOf = useAsked(session);
  const { findings, tide, failure } = useJudgement(askedOf.asked, askedOf.isKnown);
  const needs = useNeedsBeside(session, askedOf);
  useUndoKeys();
  return (
    <div className="place session">
      <ClassHead session={session} askedOf={askedOf} timeline={timeline} />
      <LeftVersions />
      <SlotBar session={session} timeline={timeline} />
      {failure && (
        <p role="alert" className="session-failure">
          What there is to notice, and the tide, could not be worked out. {failure.reason}{' '}
          <Button size="small" onClick={failure.tryAgain}>
            Try again
          </Button>
        </p>
      )}
      {needs.failure && (
        <NotWorkedOut
          what="Who needs what could not be worked out."
          failure={needs.failure}
          onTryAgain={needs.tryAgain}
        />
      )}
      <TidePanel session={session} timeline={timeline} tide={tide} strength={askedOf.asked.strength} />
      <div className="session-columns">
        <NeedsBeside value={needs.answer}>
          <RunningOrder session={session} timeline={timeline} />
        </NeedsBeside>
        <LinePanel session={session} timeline={timeline} askedOf={askedOf} findings={findings} />
      </div>
      <ConflictDialog />
    </div>
  );
}
