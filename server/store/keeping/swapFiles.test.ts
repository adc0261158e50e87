import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { sweepHalfFiles } from './halfFiles';
import { recoverSwap, swapFiles } from './swapFiles';

/** Other data takes the place of what there is, wherever that is ended. */

let folder = '';
const at = (name: string) => join(folder, name);
const KEPT = 'backups/before-restore-1.sqlite';
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'vesperum-swap-'));
  mkdirSync(at('backups'));
  writeFileSync(at('vesperum.sqlite'), 'old');
  writeFileSync(at('incoming-a.sqlite'), 'new');
});
afterEach(() => rmSync(folder, { recursive: true }));

const isCarriedThrough = () => {
  expect(readFileSync(at('vesperum.sqlite'), 'utf8')).toBe('new');
  expect(readFileSync(at(KEPT), 'utf8')).toBe('old');
  expect(existsSync(at('swap.json'))).toBe(false);
  expect(existsSync(at('incoming-a.sqlite'))).toBe(false);
};
const writeJournal = () =>
  writeFileSync(at('swap.json'), JSON.stringify({ incoming: 'incoming-a.sqlite', kept: KEPT }));

test('the new is in its place, the old is kept', () => {
  expect(swapFiles(folder, at('incoming-a.sqlite'), at(KEPT))).toBe(true);
  isCarriedThrough();
});

test.each<[string, () => void]>([
  ['as soon as it was decided', () => undefined],
  ['with the old put aside', () => renameSync(at('vesperum.sqlite'), at(KEPT))],
  [
    'with the new in its place',
    () => {
      renameSync(at('vesperum.sqlite'), at(KEPT));
      renameSync(at('incoming-a.sqlite'), at('vesperum.sqlite'));
    },
  ],
])('ended %s, it is carried through at the next start', (_, done) => {
  writeJournal();
  done();
  recoverSwap(folder);
  // A second start finds nothing to do.
  recoverSwap(folder);
  sweepHalfFiles(folder);
  isCarriedThrough();
});

test('what the old was still writing goes aside with it', () => {
  writeFileSync(at('vesperum.sqlite-wal'), 'last words');
  writeJournal();
  renameSync(at('vesperum.sqlite'), at(KEPT));
  recoverSwap(folder);
  isCarriedThrough();
  expect(readFileSync(at(`${KEPT}-wal`), 'utf8')).toBe('last words');
});

test.each(['', '{"incoming": "inc', '{"incoming": "../../etc/passwd", "kept": "x"}', '[]'])(
  'a journal that says %j decided nothing',
  (text) => {
    writeFileSync(at('swap.json'), text);
    recoverSwap(folder);
    sweepHalfFiles(folder);
    expect(readFileSync(at('vesperum.sqlite'), 'utf8')).toBe('old');
    expect(readdirSync(folder).toSorted()).toEqual(['backups', 'vesperum.sqlite']);
  },
);

test('what was half made is swept away, and nothing else', () => {
  for (const name of ['backups/.raw-1.sqlite', 'backups/.checked-2.sqlite-wal', 'incoming-b.sqlite-journal'])
    writeFileSync(at(name), '');
  for (const name of ['backups/2026-12-01.sqlite', 'backups/before-restore-2.sqlite', 'key'])
    writeFileSync(at(name), '');
  sweepHalfFiles(folder);
  expect(readdirSync(folder).toSorted()).toEqual(['backups', 'key', 'vesperum.sqlite']);
  expect(readdirSync(at('backups')).toSorted()).toEqual(['2026-12-01.sqlite', 'before-restore-2.sqlite']);
});
