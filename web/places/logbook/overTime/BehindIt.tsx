import { Button } from 'antd';
import { tableCsv } from '../../../../core/formats/tableCsv';
import type { Table } from '../../../../core/record/overTime';
import { download } from '../../../app/machine/download';

interface Props {
  readonly table: Table;
  /** What the file is called, without its ending. */
  readonly file: string;
}

/** The table behind a picture, folded away, and the same as CSV. */
export const BehindIt = ({ table, file }: Props) => (
  <details className="over-time-table">
    <summary>The figures</summary>
    <TableShown table={table} />
    <SaveCsv table={table} file={file} />
  </details>
);

const SaveCsv = ({ table, file }: Props) => (
  <Button size="small" onClick={() => download(new Blob([tableCsv(table)], { type: 'text/csv' }), `${file}.csv`)}>
    Save as CSV
  </Button>
);

const TableShown = ({ table: { columns, rows } }: { readonly table: Table }) => (
  <table className="over-time-rows">
    <thead>
      <tr>
        {columns.map((column) => (
          <th key={column} scope="col">
            {column}
          </th>
        ))}
      </tr>
    </thead>
    <tbody>
      {rows.map((row) => (
        <tr key={row.slice(0, 3).join(' ')}>
          {row.map((cell, place) => (
            <td key={columns[place]} className={typeof cell === 'number' ? 'number log-right' : ''}>
              {cell ?? 'not noted'}
            </td>
          ))}
        </tr>
      ))}
    </tbody>
  </table>
);
