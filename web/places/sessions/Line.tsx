import { CopyOutlined, DeleteOutlined, HolderOutlined } from '@ant-design/icons';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Button, InputNumber } from 'antd';
import { memo } from 'react';
import { writtenSide } from '../../../core/movement/cycleFor';
import { type Movement, usualName } from '../../../core/movement/movement';
import { firstSide } from '../../../core/movement/pass';
import { tellingPosture } from '../../../core/movement/tellingPosture';
import { countWords } from '../../../core/session/countWords';
import type { Item, MovementItem } from '../../../core/session/session';
import type { Repertoire } from '../../app/repertoire';
import { useAppDispatch } from '../../app/store';
import { inWords, minutes } from '../../app/words';
import { BreathLine, type BreathStretch } from '../../drawing/BreathLine';
import { Footprints } from '../../drawing/Footprints';
import { lineChanged, lineDoubled, lineRemoved } from './draft';

interface Props {
  readonly item: Item;
  readonly startsAt: string;
  readonly lengthMs: number;
  /** The breath of its first repetition. */
  readonly breath: readonly BreathStretch[];
  readonly repertoire: Repertoire;
  readonly isInHand: boolean;
  /** Whether the Tab key stops here: one line of the order is enough, the arrows do the rest. */
  readonly isReached: boolean;
  readonly onTake: (itemId: string) => void;
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

/** Whether a line would look the same: its breath is reckoned anew with every change of the class, and mostly comes out alike. */
function isSameLine(before: Props, after: Props): boolean {
  const { breath: a, ...rest } = before;
  const { breath: b, ...others } = after;
  const alike = (Object.keys(rest) as (keyof typeof rest)[]).every((key) => Object.is(rest[key], others[key]));
  return alike && a.length === b.length && a.every((stretch, index) => stretch.seconds === b[index]?.seconds);
}

export const Line = memo(function Line({
  item,
  startsAt,
  lengthMs,
  breath,
  repertoire,
  isInHand,
  isReached,
  onTake,
}: Props) {
  const dispatch = useAppDispatch();
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
      <div className="line-breath">{movement && <BreathLine stretches={breath} scale={6} most={92} />}</div>
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
          onClick={() => dispatch(lineDoubled(item.id))}
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
}, isSameLine);

const postureOf = (movement: Movement, item: MovementItem) => {
  const written = writtenSide(movement);
  return tellingPosture(movement, written === null ? null : firstSide(written, item.sides));
};
