import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { newMovementItem } from '../core/session/defaults';
import type { Item, Plan } from '../core/session/session';
import { timelineOf } from '../core/session/timeline';
import { readRepertoire } from '../server/repertoire';

/** Measures what must stay quick, as medians in one run and as ratios to something any machine has. */

const root = join(import.meta.dirname, '..');
const movements = readRepertoire(join(root, 'repertoire'));
const find = (id: string) => movements.find((movement) => movement.id === id);

interface Spread {
  readonly median: number;
  readonly p95: number;
}

/** Median and 95th percentile of `runs` timings in milliseconds, after a warm-up. */
function measure(runs: number, work: () => unknown): Spread {
  for (let warm = 0; warm < runs / 5; warm += 1) work();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return { median: times[Math.floor(runs / 2)] ?? 0, p95: times[Math.floor(runs * 0.95)] ?? 0 };
}

const ITEMS = 60;

/** A class of 60 explained items, their counts raised one item after the other until it lasts 90 minutes. */
function longPlan(): Plan {
  const made = (raised: number): Plan => {
    const items: Item[] = Array.from({ length: ITEMS }, (_, index) => {
      const movement = movements[index % movements.length];
      if (!movement) throw new Error('the repertoire is empty');
      const { least, step } = movement.count;
      const steps = Math.ceil(Math.max(0, raised - index) / ITEMS);
      return { ...newMovementItem(`line-${index}`, movement, 'main'), count: least + steps * step };
    });
    const pace = { from: 8, to: 6, easing: 2400 };
    return { slotMinutes: 90, breath: { in: 2, out: 3 }, sections: [{ kind: 'main', pace, items }] };
  };
  for (let raised = 0; ; raised += 1) {
    const answer = timelineOf(made(raised), find);
    if (answer.ok && answer.timeline.totalMs >= 90 * 60_000) return made(raised);
  }
}

function timelineFigures(): void {
  const plan = longPlan();
  const answer = timelineOf(plan, find);
  if (!answer.ok) throw new Error('the bench plan cannot be timed');
  const { totalMs, segments } = answer.timeline;
  const lay = measure(300, () => timelineOf(plan, find));
  const clone = measure(300, () => structuredClone(answer.timeline));
  console.log(
    `timeline of ${plan.sections[0]?.items.length} items, ${(totalMs / 60_000).toFixed(1)} min, ${segments.length} segments`,
  );
  console.log(`  median ${lay.median.toFixed(2)} ms, p95 ${lay.p95.toFixed(2)} ms`);
  console.log(
    `  structuredClone of its result: median ${clone.median.toFixed(2)} ms; ratio ${(lay.median / clone.median).toFixed(2)}`,
  );
}

/** What the browser must fetch as scripts before a place can be shown: the entry, its imports, and the place's own. */
function firstScreenFigures(): void {
  const folder = join(root, 'dist', 'web', 'assets');
  const files = readdirSync(folder).filter((file) => file.endsWith('.js'));
  const text = new Map(files.map((file) => [file, readFileSync(join(folder, file), 'utf8')]));
  const gathered = (from: string[]): Set<string> => {
    const seen = new Set<string>();
    const visit = (file: string) => {
      if (seen.has(file)) return;
      seen.add(file);
      // Only what is imported at once counts; what stands in import() is fetched when its place is entered.
      for (const [, wanted] of (text.get(file) ?? '').matchAll(/(?:from|import)"\.\/([^"]+\.js)"/g))
        if (wanted) visit(wanted);
    };
    for (const file of from) visit(file);
    return seen;
  };
  const entry = /assets\/([^"]+\.js)/.exec(readFileSync(join(root, 'dist', 'web', 'index.html'), 'utf8'))?.[1] ?? '';
  const weigh = (name: string) => {
    const place = files.find((file) => file.startsWith(`${name}-`));
    const bytes = [...gathered(place ? [entry, place] : [entry])].reduce(
      (sum, file) => sum + gzipSync(text.get(file) ?? '').length,
      0,
    );
    return `${(bytes / 1000).toFixed(0)} kB`;
  };
  console.log('scripts before a place is shown, gzip');
  for (const name of ['Today', 'Repertoire', 'SessionPage', 'Teach', 'Logbook'])
    console.log(`  ${name}: ${weigh(name)}`);
}

timelineFigures();
firstScreenFigures();
