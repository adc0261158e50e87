import Papa from 'papaparse';
import { FORMULAE } from './formulaGuard';

/** A table as CSV: one row of names, then the rows; what a spreadsheet would take for a formula is guarded. */
export const tableCsv = ({
  columns,
  rows,
}: {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly (string | number | null)[])[];
}): string => {
  const text = rows.map((row) => row.map((cell) => cell ?? ''));
  // A number below nothing begins with a sign as well, and is no formula.
  const guarded = (cell: string) => (FORMULAE.test(cell) ? `'${cell}` : cell);
  const data = text.map((row) => row.map((cell) => (typeof cell === 'string' ? guarded(cell) : cell)));
  return `${Papa.unparse({ fields: columns.map(guarded), data }, { newline: '\n' })}\n`;
};
