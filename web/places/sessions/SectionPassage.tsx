import { useDroppable } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { useMemo } from 'react';
import type { Timeline } from '../../../core/session/segment';
import type { Section, Session } from '../../../core/session/session';
import type { Repertoire } from '../../app/repertoire';
import { clockAt, minutes, sectionWord } from '../../app/words';
import { AddLine } from './AddLine';
import { firstRepetition } from './firstRepetition';
import { Line } from './Line';
import { PaceButton } from './PaceButton';

interface Props {
  readonly session: Session;
  readonly index: number;
  readonly section: Section;
  readonly timeline: Timeline;
  readonly repertoire: Repertoire;
  readonly inHand: string | null;
  readonly onTake: (itemId: string) => void;
}

/** One section as a passage: its minutes, its breath pace, its lines, and a place to add to it. */
export function SectionPassage({ session, index, section, timeline, repertoire, inHand, onTake }: Props) {
  const stretch = timeline.sections[index] ?? { startMs: 0, lengthMs: 0 };
  const { setNodeRef } = useDroppable({ id: `section-${index}`, disabled: section.items.length > 0 });
  const ids = useMemo(() => section.items.map(({ id }) => id), [section.items]);
  const word = sectionWord(section.kind);
  const share = Math.round((100 * stretch.lengthMs) / (session.slotMinutes * 60_000));
  const first = session.sections.flatMap(({ items }) => items)[0]?.id;

  return (
    <section className={`passage passage--${section.kind}`} aria-labelledby={`passage-${index}`} ref={setNodeRef}>
      <header>
        <h2 id={`passage-${index}`}>{word}</h2>
        <span className="number passage-minutes" data-testid={`minutes-${section.kind}`}>
          {minutes(stretch.lengthMs)}
        </span>
        <span className="number faded">{share} % of the slot</span>
        <PaceButton index={index} word={word} pace={section.pace} />
      </header>
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ul>
          {section.items.map((item) => {
            const when = timeline.items.find(({ itemId }) => itemId === item.id);
            return (
              <Line
                key={item.id}
                item={item}
                startsAt={clockAt(session.startsAt, when?.startMs ?? stretch.startMs)}
                lengthMs={when?.lengthMs ?? 0}
                breath={when ? firstRepetition(timeline.segments.slice(when.first, when.end)) : []}
                repertoire={repertoire}
                isInHand={inHand === item.id}
                isReached={inHand === item.id || (inHand === null && item.id === first)}
                onTake={onTake}
              />
            );
          })}
        </ul>
      </SortableContext>
      <AddLine session={session} section={index} repertoire={repertoire} />
    </section>
  );
}
