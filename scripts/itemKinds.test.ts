import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(import.meta.dirname, '..');

/** The files that do not compile once a line of the running order may also be a partner drill. */
function brokenByADrill(): string[] {
  const copy = mkdtempSync(join(tmpdir(), 'vesperum-kinds-'));
  try {
    for (const part of ['core', 'web']) cpSync(join(root, part), join(copy, part), { recursive: true });
    // Both in one program: what breaks in one is looked for in the other all the same.
    const { references: _, compilerOptions, ...usual } = JSON.parse(readFileSync(join(root, 'tsconfig.json'), 'utf8'));
    const { incremental: __, tsBuildInfoFile: ___, ...options } = compilerOptions;
    const config = { ...usual, compilerOptions: options, include: ['core', 'web'] };
    writeFileSync(join(copy, 'tsconfig.json'), JSON.stringify(config));
    symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));
    const file = join(copy, 'core/session/plan/session.ts');
    const written = readFileSync(file, 'utf8');
    const source = written.replace(
      '[MovementItem, RestItem, TalkItem, ClockItem]',
      "[MovementItem, RestItem, TalkItem, ClockItem, Placed.extend({ kind: z.literal('drill'), partners: z.number() })]",
    );
    if (source === written) throw new Error('The kinds of lines are written otherwise than they are looked for here.');
    writeFileSync(file, source);
    const { stdout } = spawnSync(join(root, 'node_modules/.bin/tsc'), ['--noEmit', '--singleThreaded'], {
      cwd: copy,
      encoding: 'utf8',
    });
    const files = stdout.matchAll(/^([^\s(]+)\(\d+,\d+\): error/gm);
    return [...new Set([...files].map(([, path]) => path ?? ''))].toSorted();
  } finally {
    rmSync(copy, { recursive: true, force: true });
  }
}

test('a new kind of line breaks the build at every place that must know it', () => {
  const broken = brokenByADrill();
  expect(broken).toEqual(
    expect.arrayContaining([
      // what it is called, how much of it there is, what is done for it
      'core/session/plan/lineAmount.ts',
      'core/session/plan/lineTitle.ts',
      'core/session/plan/matchItem.ts',
      // its minutes, its cues on paper and in files, what it is like in another class, what stands in a fit's way
      'core/session/schedule/timeline.ts',
      'core/session/report/cueSheet.ts',
      'core/session/report/compareClasses.ts',
      'core/session/fit/hindrances.ts',
      // what an edit may change of it, what a step is, what is said of it
      'core/session/edit/applyEdits.ts',
      'core/session/edit/amounts.ts',
      'core/session/edit/describeEdits.ts',
      // how it looks
      'web/places/sessions/desk/order/Line.tsx',
      'web/places/sessions/desk/order/LineCount.tsx',
      'web/places/sessions/desk/compose/DraftChoice.tsx',
      'web/places/sessions/compare/ComparePage.tsx',
    ]),
  );
});
