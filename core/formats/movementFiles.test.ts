import Papa from 'papaparse';
import type { Movement } from '../movement/schema/movement';
import { fc } from '../testing/properties';
import { movement } from '../testing/sample';
import { times } from '../testing/sweep';
import { movementsFromCsv, movementsToCsv } from './movementCsv';
import { movementsFromJson, movementsToJson } from './movementJson';

/** Files of movements that are hostile, or large, or meant for a spreadsheet. */

const lift = movement();
const find = (id: string): Movement | undefined => (id === 'sample' ? lift : undefined);

test('no cell that leaves is taken for a formula, and what comes back is what left', () => {
  const words = fc.string({ minLength: 1, maxLength: 30 }).map((text) => text.replaceAll(/[|\r\n]/g, ' '));
  const begins = fc.constantFrom('=', '+', '-', '@', "'=", "''-", '', "'");
  fc.assert(
    fc.property(begins, words, (begin, rest) => {
      const about = `${begin}${rest} and ten letters more`.trim();
      const named = { ...lift, about };
      const csv = movementsToCsv([named]);
      for (const cell of Papa.parse<string[]>(csv).data.flat()) expect(cell).not.toMatch(/^[=+\-@\t\r]/);
      const read = movementsFromCsv(csv, find);
      expect(read.ok ? read.movements[0]?.about : read.faults).toBe(about);
    }),
    { numRuns: times(3000, 300) },
  );
});

test('the same row again and again is refused with its line, and a table of 65,000 rows is not read', () => {
  const [heading = '', row = ''] = movementsToCsv([lift]).split('\n');
  const twice = movementsFromCsv([heading, row, row].join('\n'), find);
  expect(twice).toEqual({ ok: false, faults: [{ line: 3, field: 'id', message: expect.stringContaining('twice') }] });
  const many = movementsFromCsv([heading, ...Array.from({ length: 65_000 }, () => row)].join('\n'), find);
  expect(many).toEqual({ ok: false, faults: [{ line: 2002, field: '', message: 'at most 2000 rows are read' }] });
});

test('two thousand faulty movements are refused by the first of their faults, each with the line of its id', () => {
  const faulty = Array.from({ length: 2000 }, (_, i) => ({ ...lift, id: `faulty-${i}`, level: 9 }));
  const text = movementsToJson(faulty);
  const read = movementsFromJson(text);
  if (read.ok) throw new Error('they are wrong');
  expect(read.faults.length).toBeLessThan(60);
  const lines = text.split('\n');
  for (const { line } of read.faults) expect(lines[line - 1]).toMatch(/"id": "faulty-/);
});
