import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { Session } from '../../../../core/session/plan/session';
import { type Repertoire, useRepertoire } from '../../../app/repertoire';
import { Notice, Waiting } from '../../../app/shell/Notice';
import { SlotBar } from '../../../class/SlotBar';
import { useAsked } from '../../../class/useAsked';
import { useTimeline } from '../../../class/useTimeline';
import { ConflictDialog } from '../draft/ConflictDialog';
import { useDeskSelector } from '../draft/draftStore';
import { useOpenDraft } from '../draft/useOpenDraft';
import { useUndoKeys } from '../draft/useUndoKeys';
import { useJudgement } from './findings/useJudgement';
import { ClassHead } from './head/ClassHead';
import { LinePanel } from './line/LinePanel';
import { OrderDrag } from './order/OrderDrag';
import { RunningOrder } from './order/RunningOrder';
import { TidePanel } from './tide/TidePanel';
import './print.css';
import './session.css';

/** One class on the desk: its head, its slot, its running order, and the line in hand. */
export function SessionPage() {
  const { id = '' } = useParams();
  const opening = useOpenDraft(id);
  const repertoire = useRepertoire();
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
  if (opening === 'opening' || !repertoire || !isOpen) return <Waiting />;
  return (
    <OrderDrag key={id}>
      <OpenDesk repertoire={repertoire} />
    </OrderDrag>
  );
}

function OpenDesk({ repertoire }: { readonly repertoire: Repertoire }) {
  const session = useDeskSelector(({ draft }) => draft.book.present);
  return session && <Desk session={session} repertoire={repertoire} />;
}

function Desk({ session, repertoire }: { readonly session: Session; readonly repertoire: Repertoire }) {
  const timeline = useTimeline(session, repertoire);
  const askedOf = useAsked(session);
  const { findings, tide } = useJudgement(repertoire, askedOf.asked);
  const [inHand, setInHand] = useState<string | null>(null);
  const [pointed, setPointed] = useState<string | null>(null);
  useUndoKeys();
  return (
    <div className="place session">
      <ClassHead session={session} repertoire={repertoire} askedOf={askedOf} timeline={timeline} />
      <SlotBar session={session} timeline={timeline} repertoire={repertoire} />
      <TidePanel
        session={session}
        timeline={timeline}
        repertoire={repertoire}
        tide={tide}
        strength={askedOf.asked.strength}
        inHand={inHand}
        onPoint={setPointed}
      />
      <div className="session-columns">
        <RunningOrder
          session={session}
          timeline={timeline}
          repertoire={repertoire}
          inHand={inHand}
          pointed={pointed}
          onTake={setInHand}
        />
        <LinePanel
          session={session}
          timeline={timeline}
          repertoire={repertoire}
          askedOf={askedOf}
          itemId={inHand}
          findings={findings}
        />
      </div>
      <ConflictDialog />
    </div>
  );
}
