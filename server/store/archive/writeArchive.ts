import type { Database } from 'better-sqlite3';
import { strToU8, Zip, ZipDeflate } from 'fflate';
import Papa from 'papaparse';
import type { z } from 'zod';
import { FORMULAE } from '../../../core/formats/formulaGuard';
import { newestMigration } from '../file/migrate';
import { type Row, rowsIn, rowsOf, type Table, tablesOf } from '../keeping/contents';
import { countRows, type OnProgress } from '../keeping/progress';
import { FORMAT, MANIFEST_FILE, type Manifest, rowsFile } from './archiveForm';

const README = `Everything you keep in Vesperum.

tables/*.json   every row as it is kept; this is what is read again
*.csv           the same for a spreadsheet, to look at

To bring it back: Settings, "Bring back from an archive".
`;

/** So much text is put together before it is packed, characters. */
const PIECE = 1 << 18;

/** A value of a row as JSON, and what it says: a text that is JSON is written as what it says, where that comes back to the letter. */
function opened(value: unknown): { readonly json: string; readonly says: unknown } {
  if (typeof value === 'string' && /^[[{]/.test(value)) {
    try {
      const says: unknown = JSON.parse(value);
      if (JSON.stringify(says) === value) return { json: value, says };
    } catch {
      // A text that only looks like JSON.
    }
  }
  return { json: JSON.stringify(value), says: value };
}

/** What a row has for a spreadsheet: its plain columns, and what is plain in its document. */
function plainCells(row: Readonly<Record<string, unknown>>): Row {
  const cells = Object.entries(row).flatMap(([column, value]): [string, unknown][] =>
    typeof value === 'object' && value !== null && !Array.isArray(value) ? Object.entries(value) : [[column, value]],
  );
  return Object.fromEntries(cells.filter(([, value]) => typeof value !== 'object'));
}

/** A zip that is packed piece by piece, so that no table is in memory as a whole. */
function packing() {
  const packed: Uint8Array[] = [];
  const zip = new Zip((error, piece) => {
    if (error) throw error;
    packed.push(piece);
  });
  return {
    /** Adds a file; its text comes in pieces. */
    add: (name: string, pieces: Iterable<string>) => {
      const file = new ZipDeflate(name, { level: 6 });
      zip.add(file);
      let waiting = '';
      for (const piece of pieces) {
        waiting += piece;
        if (waiting.length < PIECE) continue;
        file.push(strToU8(waiting));
        waiting = '';
      }
      file.push(strToU8(waiting), true);
    },
    end: (): Uint8Array => {
      zip.end();
      return Buffer.concat(packed);
    },
  };
}

/** The rows of a table as JSON, one in a line; what is plain of each is gathered for the spreadsheet. */
function* jsonOf(database: Database, table: Table, plain: Row[], onRow: () => void): Generator<string> {
  let between = '[';
  for (const row of rowsOf(database, table)) {
    const cells = Object.entries(row).map(([column, value]) => [column, opened(value)] as const);
    plain.push(plainCells(Object.fromEntries(cells.map(([column, { says }]) => [column, says]))));
    yield `${between}\n{${cells.map(([column, { json }]) => `${JSON.stringify(column)}:${json}`).join(',')}}`;
    between = ',';
    onRow();
  }
  yield between === '[' ? '[]\n' : '\n]\n';
}

function sheetOf({ columns: own }: Table, plain: readonly Row[]): string {
  const found = [...new Set(plain.flatMap((row) => Object.keys(row)))];
  const columns = found.length > 0 ? found : [...own];
  return Papa.unparse([...plain], { columns, newline: '\r\n', escapeFormulae: FORMULAE });
}

/** Everything a database holds, as a zip. */
export function writeArchive(database: Database, onProgress: OnProgress = () => undefined): Uint8Array {
  const tables = tablesOf(database);
  const zip = packing();
  const manifest: z.infer<typeof Manifest> = {
    format: FORMAT,
    version: 1,
    migration: newestMigration(),
    tables: tables.map(({ name }) => name),
  };
  zip.add(MANIFEST_FILE, [JSON.stringify(manifest, null, 2)]);
  zip.add('README.txt', [README]);
  const onRow = countRows(rowsIn(database, tables), onProgress);
  for (const table of tables) {
    const plain: Row[] = [];
    zip.add(rowsFile(table.name), jsonOf(database, table, plain, onRow));
    zip.add(`${table.name}.csv`, [sheetOf(table, plain)]);
  }
  return zip.end();
}
