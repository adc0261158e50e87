import { useDroppable } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { createSelector } from '@reduxjs/toolkit';
import equal from 'fast-deep-equal';
import { Fragment, useMemo } from 'react';
import { sumBy } from 'remeda';
import { SECTION_SHARES } from '../../../../../core/session/limits/thresholds';
import { blocksBegun } from '../../../../../core/session/plan/block';
import { ledBy } from '../../../../../core/session/plan/line/ledBy';
import type { Section, Session } from '../../../../../core/session/plan/session';
import { classSeconds } from '../../../../../core/session/plan/slotTime';
import { lineTimes } from '../../../../../core/session/timeline/lineTimes';
import type { Timeline } from '../../../../../core/session/timeline/segment';
import { minutes } from '../../../../../core/words/clockWords';
import { sectionWord } from '../../../../../core/words/sectionWord';
import { BlockHead } from '../../blocks/BlockHead';
import { type DeskState, selectSession, useDeskSelector } from '../../draft/draftStore';
import { linesWithin } from '../../passages/linesWithin';
import { PutIn } from '../../passages/PutIn';
import { AddLine } from './AddLine';
import { Line } from './Line';
import { PaceButton } from './PaceButton';
import { SettleButton } from './SettleButton';

/** The ids of a section's lines: the same list as long as it is the same lines. */
const selectIdsOf = (index: number) =>
  createSelector(
    [(state: DeskState) => selectSession(state)?.sections[index]?.items],
    (items): readonly string[] => items?.map(({ id }) => id) ?? [],
    { memoizeOptions: { resultEqualityCheck: equal } },
  );

interface Props {
  readonly session: Session;
  readonly index: number;
  readonly section: Section;
  readonly timeline: Timeline;
}

/** One section as a passage: its minutes, its breath pace, its lines, and a place to add to it. */
export function SectionPassage({ session, index, section, timeline }: Props) {
  const stretch = timeline.sections[index] ?? { startMs: 0, lengthMs: 0 };
  const { setNodeRef } = useDroppable({ id: `section-${index}`, disabled: section.items.length > 0 });
  const ids = useDeskSelector(useMemo(() => selectIdsOf(index), [index]));
  const times = lineTimes(timeline);
  const lengthOf = (lines: ReadonlySet<string>) => sumBy([...lines], (id) => times.get(id)?.lengthMs ?? 0);
  const word = sectionWord(section.kind);
  const share = Math.round((100 * stretch.lengthMs) / (classSeconds(session) * 1000));
  const usual = SECTION_SHARES[section.kind];
  const first = session.sections.flatMap(({ items }) => items)[0]?.id;

  return (
    <section className={`passage passage--${section.kind}`} aria-labelledby={`passage-${index}`} ref={setNodeRef}>
      <header>
        <h2 id={`passage-${index}`}>{word}</h2>
        <span className="number passage-minutes" data-testid={`minutes-${section.kind}`}>
          {minutes(stretch.lengthMs)}
        </span>
        <span className="number faded" title={`${usual.least} to ${usual.most} % is usual`}>
          {share} % of the class
          {share < usual.least || share > usual.most ? ` (usually ${usual.least} to ${usual.most})` : ''}
        </span>
        <SettleButton section={index} word={word} settle={section.settle} />
        <PaceButton index={index} word={word} pace={section.pace} led={ledBy(section, undefined)} />
      </header>
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        <ul>
          {section.items.map((item, place) => {
            const heads = blocksBegun(section.items, section.blocks, place);
            return (
              <Fragment key={item.id}>
                {heads.map((block) => (
                  <BlockHead key={block.id} block={block} lengthMs={lengthOf(linesWithin(session, block.id))} />
                ))}
                <Line id={item.id} isFirst={item.id === first} />
              </Fragment>
            );
          })}
        </ul>
      </SortableContext>
      <div className="section-foot">
        <AddLine section={index} kind={section.kind} />
        <PutIn section={index} kind={section.kind} lines={section.items.length} />
      </div>
    </section>
  );
}
