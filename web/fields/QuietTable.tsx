import type { ReactNode } from 'react';
import { lazyPart } from '../app/shell/lazyPart';
import './quietTable.css';

const Pages = lazyPart(async () => (await import('./Pages')).Pages, { what: 'The pages of this list' });

/** One column of a list: what it is called, whether it holds numbers, and what stands in it. */
export interface Column<Row> {
  readonly title: ReactNode;
  /** What tells it from the others. */
  readonly key: string;
  readonly isNumber?: boolean;
  readonly render: (row: Row) => ReactNode;
}

interface Props<Row> {
  readonly rows: readonly Row[];
  readonly idOf: (row: Row) => string;
  readonly columns: readonly Column<Row>[];
  /** What is said where there is none. */
  readonly none: string;
  /** Which part of a longer list this is; null where it is all of it. */
  readonly pages: {
    readonly current: number;
    readonly size: number;
    readonly total: number;
    readonly onChange: (page: number) => void;
  } | null;
}

/** A list as a table that lies on the paper as the rest of the page does. */
export function QuietTable<Row>({ rows, idOf, columns, none, pages }: Props<Row>) {
  return (
    <div className="quiet-table">
      <table>
        <thead>
          <tr>
            {columns.map(({ key, title, isNumber }) => (
              <th key={key} scope="col" className={isNumber ? 'quiet-right' : ''}>
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={idOf(row)}>
              {columns.map(({ key, isNumber, render }) => (
                <td key={key} className={isNumber ? 'number quiet-right' : ''}>
                  {render(row)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length === 0 && <p className="faded">{none}</p>}
      {pages && pages.total > pages.size && <Pages {...pages} />}
    </div>
  );
}
