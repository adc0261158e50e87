import { memo } from 'react';
import type { Session } from '../../../../../core/session/plan/session';
import type { Timeline } from '../../../../../core/session/timeline/segment';
import { useRepertoire } from '../../../../app/repertoire';
import { ChosenBar } from '../../selection/ChosenBar';
import { useChosen } from '../../selection/useChosen';
import { SectionPassage } from './SectionPassage';
import { useLineKeys } from './useLineKeys';
import './runningOrder.css';

interface Props {
  readonly session: Session;
  readonly timeline: Timeline;
  readonly inHand: string | null;
  /** The line that is pointed at on the tide. */
  readonly pointed: string | null;
  readonly onTake: (itemId: string | null) => void;
}

/** The list of what is done: clock time down the left, one line per item, sections as passages. */
export const RunningOrder = memo(function RunningOrder({ session, timeline, inHand, pointed, onTake }: Props) {
  const repertoire = useRepertoire();
  const chosen = useChosen(session);
  const onKeyDown = useLineKeys(session, repertoire, onTake, chosen);

  return (
    <section className="order" aria-label="Running order" onKeyDown={onKeyDown}>
      {session.sections.map((section, index) => (
        <SectionPassage
          key={section.kind}
          session={session}
          index={index}
          section={section}
          timeline={timeline}
          inHand={inHand}
          pointed={pointed}
          onTake={onTake}
          chosen={chosen}
        />
      ))}
      <ChosenBar session={session} timeline={timeline} chosen={chosen} />
    </section>
  );
});
