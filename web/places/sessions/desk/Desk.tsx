import { Button } from 'antd';
import type { Session } from '../../../../core/session/plan/session';
import { api } from '../../../app/server/api';
import { SlotBar } from '../../../class/SlotBar';
import { useAsked } from '../../../class/useAsked';
import { useTimeline } from '../../../class/useTimeline';
import { useUndoKeys } from '../draft/undo/useUndoKeys';
import { ConflictDialog } from '../draft/versions/ConflictDialog';
import { LeftVersions } from '../draft/versions/LeftVersions';
import { ClassAtGlance } from './ClassAtGlance';
import { useJudgement } from './findings/useJudgement';
import { ClassHead } from './head/ClassHead';
import { LinePanel } from './line/LinePanel';
import { OrderDrag } from './order/OrderDrag';
import { RunningOrder } from './order/RunningOrder';
import { TidePanel } from './tide/TidePanel';
import { NotWorkedOut } from './who/NotWorkedOut';
import { NeedsBeside, useNeedsBeside } from './who/needsBeside';

interface Props {
  readonly session: Session;
}

/** The class with everything that changes it: its head, its slot, its tide, its running order, and the line in hand. */
export function Desk({ session }: Props) {
  // The name of its group decides how many rows the head has.
  const { isLoading } = api.useGroupsQuery();
  return isLoading ? (
    <ClassAtGlance session={session} />
  ) : (
    <OrderDrag>
      <OpenDesk session={session} />
    </OrderDrag>
  );
}

function OpenDesk({ session }: Props) {
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
