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
import type { ReactNode } from 'react';
import { placeOf } from '../../../../../core/session/edit/editPlan';
import { selectSession, useDeskStore } from '../../draft/draftStore';
import { useEdits } from '../../draft/useEdits';

const BY_POINTER = { activationConstraint: { distance: 4 } };
const BY_KEYS = { coordinateGetter: sortableKeyboardCoordinates };

/**
 * Where lines are dragged. It stands outside of all that changes with the class: whenever it is drawn, everything within it
 * is gone through.
 */
export function OrderDrag({ children }: { readonly children: ReactNode }) {
  const store = useDeskStore();
  const edit = useEdits();
  const sensors = useSensors(useSensor(PointerSensor, BY_POINTER), useSensor(KeyboardSensor, BY_KEYS));
  const drop = ({ active, over }: DragEndEvent) => {
    const session = selectSession(store.getState());
    if (!session || !over || over.id === active.id) return;
    const section = /^section-(\d+)$/.exec(String(over.id))?.[1];
    const to = section === undefined ? placeOf(session, String(over.id)) : { section: Number(section), index: 0 };
    if (to) edit([{ kind: 'move', itemId: String(active.id), to }]);
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      {children}
    </DndContext>
  );
}
