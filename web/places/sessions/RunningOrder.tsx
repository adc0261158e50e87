import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { sortableKeyboardCoordinates } from '@dnd-kit/sortable';
import { placeOf } from '../../../core/session/editPlan';
import type { Timeline } from '../../../core/session/segment';
import type { Session } from '../../../core/session/session';
import type { Repertoire } from '../../app/repertoire';
import { useAppDispatch } from '../../app/store';
import { lineMoved } from './draft';
import { SectionPassage } from './SectionPassage';
import { ChosenBar } from './together/ChosenBar';
import { useChosen } from './together/useChosen';
import { useLineKeys } from './useLineKeys';
import './runningOrder.css';

interface Props {
  readonly session: Session;
  readonly timeline: Timeline;
  readonly repertoire: Repertoire;
  readonly inHand: string | null;
  /** The line that is pointed at on the tide. */
  readonly pointed: string | null;
  readonly onTake: (itemId: string | null) => void;
}

/** The list of what is done: clock time down the left, one line per item, sections as passages. */
export function RunningOrder({ session, timeline, repertoire, inHand, pointed, onTake }: Props) {
  const dispatch = useAppDispatch();
  const chosen = useChosen(session);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const onKeyDown = useLineKeys(session, repertoire, onTake, chosen);

  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || over.id === active.id) return;
    const id = String(active.id);
    const section = /^section-(\d+)$/.exec(String(over.id))?.[1];
    const to = section === undefined ? placeOf(session, String(over.id)) : { section: Number(section), index: 0 };
    if (to) dispatch(lineMoved({ id, to }));
  };

  return (
    <section className="order" aria-label="Running order" onKeyDown={onKeyDown}>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        {session.sections.map((section, index) => (
          <SectionPassage
            key={section.kind}
            session={session}
            index={index}
            section={section}
            timeline={timeline}
            repertoire={repertoire}
            inHand={inHand}
            pointed={pointed}
            onTake={onTake}
            chosen={chosen}
          />
        ))}
      </DndContext>
      <ChosenBar session={session} timeline={timeline} chosen={chosen} />
    </section>
  );
}
