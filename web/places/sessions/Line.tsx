import { CopyOutlined, DeleteOutlined, HolderOutlined } from '@ant-design/icons';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { nanoid } from '@reduxjs/toolkit';
import { Button, InputNumber } from 'antd';
import { memo } from 'react';
import { writtenSide } from '../../../core/movement/cycleFor';
import { type Movement, usualName } from '../../../core/movement/movement';
import { firstSide } from '../../../core/movement/pass';
import { tellingPosture } from '../../../core/movement/tellingPosture';
import { countWords } from '../../../core/session/countWords';
import { placeOf } from '../../../core/session/editPlan';
import type { Segment } from '../../../core/session/segment';
import type { Item, MovementItem } from '../../../core/session/session';
import type { Repertoire } from '../../app/repertoire';
import { useAppDispatch, useAppSelector } from '../../app/store';
import { inWords, minutes } from '../../app/words';
import { BreathLine, type BreathStretch } from '../../drawing/BreathLine';
import { Footprints } from '../../drawing/Footprints';
import { lineAdded, lineChanged, lineRemoved } from './draft';

interface Props {
  readonly item: Item;
  readonly startsAt: string;
  readonly lengthMs: number;
  readonly segments: readonly Segment[];
  readonly repertoire: Repertoire;
  readonly isInHand: boolean;
  /** Whether the Tab key stops here: one line of the order is enough, the arrows do the rest. */
  readonly isReached: boolean;
  readonly onTake: (itemId: string) => void;
}

/** The breath of the first repetition as it will really be led at that point of the class. */
function firstRepetition(segments: readonly Segment[]): BreathStretch[] {
  const first = segments.find(({ kind }) => kind === 'move');
  return segments
    .filter(
      ({ kind, round, pass, repetition }) => kind === 'move' && round === 1 && pass === first?.pass && repetition === 1,
    )
    .map(({ breath, breaths, lengthMs }) => ({ breath, breaths, seconds: lengthMs / 1000 }));
}

function sideNotes(item: MovementItem, movement: Movement): string[] {
  const notes: string[] = [];
  const { sides } = movement.laterality;
  if (sides.kind !== 'even' && !item.sides.endsWith('only')) notes.push(`${firstSide(sides.first, item.sides)} first`);
  if (item.rounds > 1) notes.push(`${item.rounds} rounds${item.roundRest > 0 ? `, ${item.roundRest} s rest` : ''}`);
  if (item.settle.kind === 'still') notes.push(`then ${item.settle.seconds} s still`);
  if (item.pace !== null) notes.push(`own pace ${item.pace}`);
  notes.push(item.manner.replace('-', ' '));
  if (item.note !== '') notes.push(item.note);
  return notes;
}

function MovementBody({ item, movement }: { readonly item: MovementItem; readonly movement: Movement | undefined }) {
  if (!movement)
    return <p className="line-gone">“{item.movementId}” is not in the repertoire; it takes no time here.</p>;
  return (
    <>
      <p className="line-name">
        <span className="name">{usualName(movement)}</span>
        <span className="han" lang="zh-Hant">
          {movement.names.chinese[0]}
        </span>
      </p>
      <p className="line-notes">{sideNotes(item, movement).join(' · ')}</p>
    </>
  );
}

/** How the count reads, so that "each side" is never in doubt. */
function CountNote({ item, movement }: { readonly item: MovementItem; readonly movement: Movement }) {
  const { words, total } = countWords(movement, item);
  return (
    <span className="line-unit">
      {words}
      {total !== item.count && <span className="faded number"> = {total}</span>}
    </span>
  );
}

export const Line = memo(function Line({
  item,
  startsAt,
  lengthMs,
  segments,
  repertoire,
  isInHand,
  isReached,
  onTake,
}: Props) {
  const dispatch = useAppDispatch();
  const session = useAppSelector(({ draft }) => draft.book.present);
  const { setNodeRef, setActivatorNodeRef, listeners, transform, transition, isDragging } = useSortable({
    id: item.id,
  });
  const movement = item.kind === 'movement' ? repertoire.find(item.movementId) : undefined;
  const title = movement ? usualName(movement) : item.kind === 'movement' ? item.movementId : item.kind;
  const amount = item.kind === 'movement' ? item.count : item.seconds;

  const setAmount = (value: number | null) => {
    if (value === null || value <= 0) return;
    dispatch(
      lineChanged({
        id: item.id,
        item: item.kind === 'movement' ? { ...item, count: value } : { ...item, seconds: value },
      }),
    );
  };
  const duplicate = () => {
    const place = session && placeOf(session, item.id);
    if (place) dispatch(lineAdded({ at: { ...place, index: place.index + 1 }, item: { ...item, id: nanoid(8) } }));
  };
  const posture = movement && item.kind === 'movement' ? postureOf(movement, item) : null;

  return (
    <li
      ref={setNodeRef}
      className={`line line--${item.kind}${isInHand ? ' line--in-hand' : ''}${isDragging ? ' line--dragged' : ''}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      data-line={item.id}
      tabIndex={isReached ? 0 : -1}
      aria-label={`${title}, ${amount}, from ${startsAt}, ${inWords(lengthMs)}`}
      onFocus={() => onTake(item.id)}
    >
      <button
        type="button"
        className="bare line-grip"
        ref={setActivatorNodeRef}
        {...listeners}
        tabIndex={-1}
        aria-label={`Move ${title}`}
      >
        <HolderOutlined />
      </button>
      <time className="number line-clock">
        {startsAt.slice(0, 5)}
        <small>{startsAt.slice(5)}</small>
      </time>
      <div className="line-feet">{posture && <Footprints posture={posture} height={42} />}</div>
      <div className="line-body">
        {item.kind === 'movement' ? (
          <MovementBody item={item} movement={movement} />
        ) : (
          <p className="line-name">
            <span className="name">{item.kind === 'rest' ? 'Rest' : 'Talk'}</span>
            <span className="faded">{item.note}</span>
          </p>
        )}
      </div>
      <div className="line-count">
        <InputNumber
          value={amount}
          min={1}
          max={3600}
          step={movement?.count.step ?? 10}
          onChange={setAmount}
          tabIndex={-1}
          aria-label={`Count of ${title}`}
        />
        {item.kind === 'movement' && movement ? (
          <CountNote item={item} movement={movement} />
        ) : (
          <span className="line-unit">seconds</span>
        )}
      </div>
      <div className="line-breath">
        {movement && <BreathLine stretches={firstRepetition(segments)} scale={6} most={92} />}
      </div>
      <button
        type="button"
        className="bare number line-minutes"
        tabIndex={-1}
        onClick={() => onTake(item.id)}
        title="What these minutes are made of"
      >
        {minutes(lengthMs)}
        <span className="line-why">why?</span>
      </button>
      <div className="line-acts">
        <Button
          type="text"
          size="small"
          icon={<CopyOutlined />}
          tabIndex={-1}
          aria-label={`Duplicate ${title}`}
          onClick={duplicate}
        />
        <Button
          type="text"
          size="small"
          icon={<DeleteOutlined />}
          tabIndex={-1}
          aria-label={`Remove ${title}`}
          onClick={() => dispatch(lineRemoved(item.id))}
        />
      </div>
    </li>
  );
});

const postureOf = (movement: Movement, item: MovementItem) => {
  const written = writtenSide(movement);
  return tellingPosture(movement, written === null ? null : firstSide(written, item.sides));
};
