import { problem } from './problem';

/** What the database says when it cannot write, in words that say what to do. All of them changed nothing. */
const WORDS: readonly (readonly [code: RegExp, status: number, title: string])[] = [
  [/^SQLITE_FULL/, 507, 'There is no room left on the disk. Make some, then save again.'],
  [
    /^SQLITE_(READONLY|PERM|CANTOPEN)/,
    500,
    'The file with your data cannot be written. Look at who may write its folder.',
  ],
  [/^SQLITE_(BUSY|LOCKED)/, 503, 'Another program holds the file with your data. Close it, then save again.'],
  [/^SQLITE_IOERR/, 500, 'The disk does not take what is written. Look at the disk before you go on.'],
  [/^SQLITE_(CORRUPT|NOTADB)/, 500, 'The file with your data is damaged. Stop Vesperum and restore a backup.'],
];

/** The answer to a failure of the database; null where it was something else. */
export function storeProblem(error: unknown): Response | null {
  const said = error instanceof Error && 'code' in error ? String(error.code) : '';
  if (!said.startsWith('SQLITE_')) return null;
  const [, status, title] = WORDS.find(([code]) => code.test(said)) ?? [null, 500, null];
  return problem(status, title ?? 'The database refused this. Nothing was changed; try again.');
}
