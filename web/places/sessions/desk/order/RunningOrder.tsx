import { memo } from 'react';
import type { Session } from '../../../../../core/session/plan/session';
import type { Timeline } from '../../../../../core/session/timeline/segment';
import { useDeskSelector } from '../../draft/draftStore';
import { ChosenBar } from '../../selection/ChosenBar';
import { SectionPassage } from './SectionPassage';
import { useLineKeys } from './useLineKeys';
import './runningOrder.css';

interface Props {
  readonly session: Session;
  readonly timeline: Timeline;
}

/** The list of what is done: clock time down the left, one line per item, sections as passages. */
export const RunningOrder = memo(function RunningOrder({ session, timeline }: Props) {
  const onKeyDown = useLineKeys();
  const isNeedsBeside = useDeskSelector(({ hand }) => hand.isNeedsBeside);
  return (
    <section
      className={isNeedsBeside ? 'order order--needs' : 'order'}
      aria-label="Running order"
      onKeyDown={onKeyDown}
    >
      {session.sections.map((section, index) => (
        <SectionPassage key={section.kind} session={session} index={index} section={section} timeline={timeline} />
      ))}
      <ChosenBar session={session} timeline={timeline} />
    </section>
  );
});
