import { InputNumber } from 'antd';
import { memo } from 'react';
import type { Movement } from '../../../../../core/movement/schema/movement';
import { lineAmount } from '../../../../../core/session/plan/lineAmount';
import { matchItem } from '../../../../../core/session/plan/matchItem';
import type { Item, MovementItem } from '../../../../../core/session/plan/session';
import { amountSaid, countWords } from '../../../../../core/session/report/countWords';
import { useEdits } from '../../draft/useEdits';

/** How the count reads, so that "each side" is never in doubt. */
function CountNote({
  item,
  movement,
  total,
}: {
  readonly item: MovementItem;
  readonly movement: Movement;
  readonly total: number;
}) {
  const { words } = countWords(movement, item);
  return (
    <span className="line-unit">
      {words}
      {item.range && <span className="number">, {amountSaid(item)}</span>}
      {item.ends.by !== 'clock' && total !== item.count && <span className="faded number"> = {total}</span>}
    </span>
  );
}

interface Props {
  readonly item: Item;
  readonly movement: Movement | undefined;
  readonly title: string;
  /** How often it is done in all; of no bearing where nothing is counted. */
  readonly total: number;
}

/** The count of a line, changed in place, with what it counts. */
export const LineCount = memo(function LineCount({ item, movement, title, total }: Props) {
  const edit = useEdits();
  const setAmount = (value: number | null) => {
    if (value === null || value <= 0) return;
    edit([{ kind: 'amount', itemId: item.id, amount: value }]);
  };
  return (
    <div className="line-count">
      <InputNumber
        value={lineAmount(item)}
        min={1}
        max={3600}
        step={movement?.count.step ?? 10}
        onChange={setAmount}
        tabIndex={-1}
        aria-label={`Count of ${title}`}
      />
      {matchItem(item, {
        movement: (line) => movement && <CountNote item={line} movement={movement} total={total} />,
        rest: () => <span className="line-unit">seconds</span>,
        talk: () => <span className="line-unit">seconds</span>,
        clock: () => <span className="line-unit">seconds</span>,
      })}
    </div>
  );
});
