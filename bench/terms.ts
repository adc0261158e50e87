import { join } from 'node:path';
import { drawUpClass } from '../core/course/classes/drawUpClass';
import { classLoads } from '../core/course/plan/classLoads';
import { READY_MADE, type ReadyMade } from '../core/course/syllabus/readyMade';
import { STRENGTHS, type Strength } from '../core/demand/ceilings';
import { contextFor } from '../core/session/findings/finding/finding';
import { plannedTerm } from '../core/testing/plannedTerm';
import { readForms, readRepertoire } from '../server/repertoire';

/**
 * Every ready-made syllabus, planned and drawn up whole for gentle, steady and strong groups, 45 and 60 minutes: how much of the room is
 * used, what is still to be minded, and how long a whole term takes against one draft. `npx tsx bench/terms.ts beginners` for one.
 */

const folder = join(import.meta.dirname, '..', 'repertoire');
const movements = readRepertoire(folder);
const forms = readForms(join(folder, 'forms'));
const find = (id: string) => movements.find((movement) => movement.id === id);
const isAsked = (ready: ReadyMade): boolean => process.argv[2] === undefined || process.argv[2] === ready.id;

function drawTerm(ready: ReadyMade, strength: Strength, minutes: number): void {
  const { course, group, term } = plannedTerm(ready, strength, minutes, find, forms);
  const context = contextFor({ strength, pace: { least: 4, most: 9 }, known: null }, find, movements);
  const took: number[] = [];
  const left: string[] = [];
  for (const one of term.held) {
    const begin = performance.now();
    const drawn = drawUpClass(course, group, term, one, context, forms);
    took.push(performance.now() - begin);
    left.push(...drawn.left.map((what) => `    class ${one.number}: ${what}`));
  }
  const shares = classLoads(course, term).map(({ minutes: used, room }) => used / room);
  const least = Math.round(100 * Math.min(...shares));
  const whole = took.reduce((sum, one) => sum + one, 0);
  const ratio = whole / (took.toSorted((a, b) => a - b)[Math.floor(took.length / 2)] ?? 1);
  console.log(
    `${ready.id.padEnd(14)} ${strength.padEnd(7)} ${minutes} min: ${term.held.length} classes, room used at least ${least} %, ` +
      `${left.length} to mind, the term ${(whole / 1000).toFixed(1)} s or ${ratio.toFixed(1)} drafts`,
  );
  for (const line of left) console.log(line);
}

for (const ready of READY_MADE.filter(isAsked))
  for (const strength of STRENGTHS) for (const minutes of [45, 60]) drawTerm(ready, strength, minutes);
