import { CloseOutlined, PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import type { ReactNode } from 'react';
import './rows.css';

interface Props<Row> {
  /** What the rows are, as a heading. */
  readonly label: string;
  readonly rows: readonly Row[];
  /** How many there may be. */
  readonly most: number;
  /** What a new row begins as, and the key that adds it. */
  readonly fresh: () => Row;
  readonly add: string;
  readonly onRows: (rows: Row[]) => void;
  readonly children: (row: Row, change: (to: Row) => void, place: number) => ReactNode;
}

/** A short list that is written row by row. */
export function Rows<Row>({ label, rows, most, fresh, add, onRows, children }: Props<Row>) {
  return (
    <fieldset className="rows">
      <legend>{label}</legend>
      {rows.map((row, place) => (
        <div key={place} className="rows-row">
          {children(row, (to) => onRows(rows.map((one, at) => (at === place ? to : one))), place)}
          <Button
            type="text"
            size="small"
            icon={<CloseOutlined />}
            aria-label={`Take out ${label.toLowerCase()} ${place + 1}`}
            onClick={() => onRows(rows.filter((_, at) => at !== place))}
          />
        </div>
      ))}
      {rows.length < most && (
        <Button size="small" type="text" icon={<PlusOutlined />} onClick={() => onRows([...rows, fresh()])}>
          {add}
        </Button>
      )}
    </fieldset>
  );
}
