import { useDroppable } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Fragment } from 'react';
import { SECTION_SHARES } from '../../../../../core/session/limits/thresholds';
import { blocksAround, blocksBegun } from '../../../../../core/session/plan/block';
import type { Item, Section, Session } from '../../../../../core/session/plan/session';
import { totalCount } from '../../../../../core/session/report/countWords';
import { settleName } from '../../../../../core/session/report/settleWords';
import { settledLines } from '../../../../../core/session/schedule/unrollBlocks';
import { type LineTime, lineTimes, segmentsOf } from '../../../../../core/session/timeline/lineTimes';
import type { Timeline } from '../../../../../core/session/timeline/segment';
import { useRepertoire } from '../../../../app/repertoire';
import { useSame } from '../../../../app/useSame';
import { clockAt, minutes, sectionWord } from '../../../../app/words';
import { BlockHead } from '../../blocks/BlockHead';
import { linesWithin } from '../../passages/linesWithin';
import { PutIn } from '../../passages/PutIn';
import type { Chosen } from '../../selection/useChosen';
import { AddLine } from './AddLine';
import { firstRepetition } from './firstRepetition';
import { Line } from './Line';
import { PaceButton } from './PaceButton';
import { SettleButton } from './SettleButton';

interface Props {
  readonly session: Session;
  readonly index: number;
  readonly section: Section;
  readonly timeline: Timeline;
  readonly inHand: string | null;
  /** The line that is pointed at on the tide. */
  readonly pointed: string | null;
  readonly onTake: (itemId: string) => void;
  readonly chosen: Chosen;
}

/** How long the steps into a line take, where there are any. */
function stepsNote({ visits }: LineTime): string | null {
  const bridge = visits[0]?.bridge;
  if (!bridge) return null;
  if (bridge.led === 'missing') return 'no way into it known';
  return `${Math.round(bridge.lengthMs / 1000)} s of steps first`;
}

const depthOf = ({ blocks }: Section, item: Item): 0 | 1 | 2 => blocksAround(blocks, item).length as 0 | 1 | 2;

/** One section as a passage: its minutes, its breath pace, its lines, and a place to add to it. */
export function SectionPassage({ session, index, section, timeline, inHand, pointed, onTake, chosen }: Props) {
  const repertoire = useRepertoire();
  const stretch = timeline.sections[index] ?? { startMs: 0, lengthMs: 0 };
  const { setNodeRef } = useDroppable({ id: `section-${index}`, disabled: section.items.length > 0 });
  const ids = useSame(section.items.map(({ id }) => id));
  const times = lineTimes(timeline);
  const lengthOf = (lines: ReadonlySet<string>) =>
    [...lines].reduce((sum, id) => sum + (times.get(id)?.lengthMs ?? 0), 0);
  const totalOf = (item: Item): number => {
    const movement = item.kind === 'movement' ? repertoire.find(item.movementId) : undefined;
    return movement ? totalCount(movement, section, item.id) : 0;
  };
  const settled = settledLines(section);
  const settling = section.settle && settleName(section.settle, repertoire.find);
  const word = sectionWord(section.kind);
  const share = Math.round((100 * stretch.lengthMs) / (session.slotMinutes * 60_000));
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
          {share} % of the slot
          {share < usual.least || share > usual.most ? ` (usually ${usual.least} to ${usual.most})` : ''}
        </span>
        <SettleButton section={index} word={word} settle={section.settle} />
        <PaceButton index={index} word={word} pace={section.pace} />
      </header>
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ul>
          {section.items.map((item, place) => {
            const when = times.get(item.id);
            const heads = blocksBegun(section.items, section.blocks, place);
            return (
              <Fragment key={item.id}>
                {heads.map((block) => (
                  <BlockHead key={block.id} block={block} lengthMs={lengthOf(linesWithin(session, block.id))} />
                ))}
                <Line
                  depth={depthOf(section, item)}
                  isChosen={chosen.ids.has(item.id)}
                  total={totalOf(item)}
                  onChoose={chosen.toggle}
                  steps={when ? stepsNote(when) : null}
                  settles={settled.has(item.id) ? settling : null}
                  item={item}
                  startsAt={clockAt(session.startsAt, when?.startMs ?? stretch.startMs)}
                  lengthMs={when?.lengthMs ?? 0}
                  breath={when ? firstRepetition(segmentsOf(timeline, when)) : []}
                  schools={session.schools}
                  isInHand={inHand === item.id}
                  isPointed={pointed === item.id}
                  isReached={inHand === item.id || (inHand === null && item.id === first)}
                  onTake={onTake}
                />
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
