import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { skeletonOf } from '../core/body/figure/skeleton';
import { standIn } from '../core/body/standing/stand';
import { bridgeBetween } from '../core/movement/bridge/bridge';
import { poseAt } from '../core/movement/sample/track';
import type { FindMovement } from '../core/movement/schema/movement';
import { walkMovement } from '../core/movement/walk/walkMovement';
import { ceilingsFor } from '../core/session/limits/limitsFor';
import { sessionDemand } from '../core/session/load/sessionDemand';
import { readinessGaps } from '../core/session/load/sessionReadiness';
import { runsOf } from '../core/session/load/sessionRuns';
import { sessionStrain } from '../core/session/load/sessionStrain';
import type { Plan } from '../core/session/plan/session';
import { timelineOf } from '../core/session/schedule/timeline';
import { trackAtPace } from '../core/timing/trackAtPace';
import { readRepertoire } from '../server/repertoire';
import { longPlan, oneEdit } from './longPlan';

/** Measures what must stay quick, as medians in one run and as ratios to something any machine has. */

const root = join(import.meta.dirname, '..');
const movements = readRepertoire(join(root, 'repertoire'));
const byId = new Map(movements.map((movement) => [movement.id, movement]));
const find = (id: string) => byId.get(id);

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

function timelineFigures(): void {
  const plan = longPlan(movements);
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

/** Simulating and judging a long class, looking up a pose, finding a bridge, standing a body. */
function engineFigures(): void {
  const plan = longPlan(movements);
  const judge = (of: Plan, known: FindMovement) => {
    const answer = timelineOf(of, known);
    if (!answer.ok) throw new Error('the bench plan cannot be timed');
    const pieces = sessionDemand(of, answer.timeline, known);
    return [sessionStrain(pieces, ceilingsFor('steady')), readinessGaps(pieces), runsOf(pieces, 'overhead')];
  };
  // What is worked out of a movement is remembered with it, so a cold run has movements nobody has seen yet.
  const cold = measure(25, () => {
    const fresh = new Map(movements.map((movement) => [movement.id, structuredClone(movement)]));
    return judge(plan, (id) => fresh.get(id));
  });
  const copying = measure(12, () => new Map(movements.map((movement) => [movement.id, structuredClone(movement)])));
  let count = 0;
  const edited = measure(300, () => {
    count += 1;
    return judge(oneEdit(plan, count), find);
  });
  const clone = measure(100, () => structuredClone(timelineOf(plan, find)));
  console.log('simulating and judging that class');
  console.log(
    `  cold: median ${(cold.median - copying.median).toFixed(1)} ms; after one edit: ${edited.median.toFixed(1)} ms, p95 ${edited.p95.toFixed(1)} ms`,
  );
  console.log(
    `  after one edit, to laying and cloning its timeline: ratio ${(edited.median / clone.median).toFixed(2)}`,
  );

  const brush = find('brush-knee');
  if (!brush) throw new Error('brush knee is in the repertoire');
  const track = trackAtPace(walkMovement(brush, { side: 'left', cycles: 60 }).map(({ stride }) => stride));
  const many = 20_000;
  const poses = measure(20, () => {
    for (let turn = 0; turn < many; turn += 1) poseAt(track, ((turn * 7919) % many) * (track.seconds / many));
  });
  const noWork = measure(20, () => {
    let sum = 0;
    for (let turn = 0; turn < many; turn += 1) sum += Math.sin(turn);
    return sum;
  });
  const pose = poseAt(track, 12);
  if (!pose) throw new Error('the track has poses');
  const bodies = measure(20, () => {
    for (let turn = 0; turn < 500; turn += 1) skeletonOf(pose);
  });
  const horse = find('side-bow-shifts');
  const rooster = find('golden-rooster');
  if (!horse || !rooster) throw new Error('both are in the repertoire');
  const [from, goal] = [standIn(rooster.start), standIn(horse.start)];
  const bridges = measure(400, () => bridgeBetween(pose, goal));
  const easyBridges = measure(400, () => bridgeBetween(from, goal));
  console.log(
    `  a pose at a random time: ${((poses.median / many) * 1000).toFixed(2)} µs; ratio to a sine ${(poses.median / noWork.median).toFixed(0)}`,
  );
  console.log(`  a body stood in a pose: ${((bodies.median / 500) * 1000).toFixed(1)} µs`);
  console.log(
    `  a bridge: ${easyBridges.median.toFixed(2)} ms from closed feet, ${bridges.median.toFixed(2)} ms from mid-step`,
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
engineFigures();
firstScreenFigures();
