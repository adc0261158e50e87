import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseSync } from '@swc/core';

/** Vesperum gives no clearance: nothing it shows, prints or writes calls anything safe for anybody. */

const root = join(import.meta.dirname, '..');
const CLEARANCE = /\b(safe|safely|cleared for|medically)\b/i;

function filesIn(folder: string, ending: RegExp): string[] {
  return readdirSync(join(root, folder), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && ending.test(entry.name) && !entry.name.includes('.test.'))
    .map(({ parentPath, name }) => join(parentPath, name));
}

/** What a source file may put before somebody's eyes: its strings and the text between its tags. */
function wordsIn(file: string): string[] {
  const words: string[] = [];
  const look = (node: unknown): void => {
    if (typeof node !== 'object' || node === null) return;
    const { type, value, cooked } = node as { type?: string; value?: unknown; cooked?: unknown };
    if ((type === 'StringLiteral' || type === 'JSXText') && typeof value === 'string') words.push(value);
    if (type === 'TemplateElement' && typeof cooked === 'string') words.push(cooked);
    for (const part of Object.values(node)) look(part);
  };
  look(parseSync(readFileSync(file, 'utf8'), { syntax: 'typescript', tsx: file.endsWith('.tsx') }).body);
  return words;
}

test('the words of the product are found, so that a clearance among them would be', () => {
  const words = wordsIn(join(root, 'web/places/groups/NeedsDialog.tsx')).join(' ');
  expect(words).toMatch(/Nothing is written down/);
  expect(words).toMatch(/was asked today/);
});

test.each(['web', 'core', 'demo', 'server'])(
  'nothing that %s shows, prints or writes says that anything is safe',
  (floor) => {
    const said = filesIn(floor, /\.tsx?$/).flatMap((file) =>
      wordsIn(file)
        .filter((words) => CLEARANCE.test(words))
        .map((words) => `${file.slice(root.length + 1)}: ${words.trim()}`),
    );
    expect(said).toEqual([]);
  },
);

test('nor do the movements, in what they tell of themselves', () => {
  const said = filesIn('repertoire', /\.json$/).filter((file) => CLEARANCE.test(readFileSync(file, 'utf8')));
  expect(said).toEqual([]);
});
