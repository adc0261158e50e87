import { join } from 'node:path';
import highsLoader from 'highs';
import { USUAL_SCHOOLS } from '../core/movement/adapt/schools';
import { advance } from '../core/record/running/advance';
import { shortenRest } from '../core/record/shorten';
import { beginTeaching } from '../core/record/standing/teaching';
import { analyseClass } from '../core/session/findings/finding/analyseClass';
import { contextFor } from '../core/session/findings/finding/finding';
import { findingsOf } from '../core/session/findings/judge';
import { triedRemedies } from '../core/session/findings/preview';
import { sensitivityOf } from '../core/session/findings/sensitivity';
import { buildModel } from '../core/session/fit/buildModel';
import { solveFit } from '../core/session/fit/solveFit';
import { AIMS } from '../core/session/propose/aims';
import { proposeDraft } from '../core/session/propose/proposeDraft';
import { timelineOf } from '../core/session/schedule/timeline';
import { generatedModel, programme } from '../core/testing/exactFit';
import { readForms, readRepertoire } from '../server/repertoire';
import { longPlan } from './longPlan';

/** Measures composing: fitting against the exact optimum, and whole drafts for every level and slot length. */

const movements = readRepertoire(join(import.meta.dirname, '..', 'repertoire'));
const forms = readForms(join(import.meta.dirname, '..', 'repertoire', 'forms'));
const byId = new Map(movements.map((movement) => [movement.id, movement]));
const find = (id: string) => byId.get(id);
const pace = { least: 4, most: 9 };
const bench = contextFor({ strength: 'steady', pace, known: null }, find, movements);
const medianOf = (values: readonly number[]) => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
const timed = (work: () => unknown): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};

function fitFigures(): void {
  const plan = longPlan(movements);
  const answer = timelineOf(plan, find);
  if (!answer.ok) throw new Error('the bench plan cannot be timed');
  for (const kind of ['trim', 'breath'] as const) {
    const question = { plan, context: bench, kind, caps: new Map<string, number>(), stretch: 2 };
    const firstFit = { plan, timeline: answer.timeline, shifts: [] };
    const times = [60, 75, 90, 100].flatMap((slot) =>
      Array.from({ length: 5 }, () =>
        timed(() => solveFit(buildModel(question, firstFit, answer.timeline, slot * 60))),
      ),
    );
    console.log(`fitting 60 lines (${kind}): median ${medianOf(times).toFixed(0)} ms`);
  }
}

/** How long it takes to make what is left of a class fit that is being taught, so many minutes late. */
function shortenFigures(): void {
  const plan = longPlan(movements);
  const answer = timelineOf(plan, find);
  if (!answer.ok) throw new Error('the bench plan cannot be timed');
  const { timeline } = answer;
  const teaching = advance(timeline, beginTeaching(0), 5 * 60_000);
  const times = [2, 5, 8, 12].flatMap((late) =>
    Array.from({ length: 5 }, () =>
      timed(() => shortenRest(plan, timeline, { ...teaching, wallMs: teaching.wallMs + late * 60_000 }, bench)),
    ),
  );
  console.log(`shortening what is left of 60 lines: median ${medianOf(times).toFixed(0)} ms (aim 300)`);
}

async function exactFigures(): Promise<void> {
  const highs = await highsLoader();
  const excess: number[] = [];
  const ratios: number[] = [];
  let wrong = 0;
  for (let seed = 1; seed <= 200; seed += 1) {
    const model = generatedModel(seed);
    let ours: ReturnType<typeof solveFit> = null;
    const own = timed(() => {
      ours = solveFit(model);
    });
    const start = performance.now();
    const proven = highs.solve(programme(model), { mip_rel_gap: 0, mip_abs_gap: 0 });
    ratios.push((performance.now() - start) / own);
    const found = ours as ReturnType<typeof solveFit>;
    if ((proven.Status === 'Infeasible') !== (found === null)) wrong += 1;
    else if (found && proven.Status === 'Optimal')
      excess.push((found.cost - proven.ObjectiveValue) / Math.max(0.05, 0.01 * proven.ObjectiveValue));
  }
  console.log(
    `against the exact optimum, 200 classes: ${excess.length} met, worst excess ${Math.max(...excess).toFixed(2)} of what is allowed, ${excess.filter((share) => share > 1).length} beyond it, ${wrong} wrongly given up; the exact solver takes ${medianOf(ratios).toFixed(0)} times as long`,
  );
}

function draftFigures(): void {
  const strengths = ['gentle', 'steady', 'strong'] as const;
  console.log('whole drafts, seconds and what is left of grave findings');
  for (const level of [1, 2, 3])
    for (const slotMinutes of [20, 30, 45, 60, 75, 90]) {
      const cells = AIMS.map((aim) => {
        const of = contextFor({ strength: strengths[level - 1] ?? 'steady', pace, known: null }, find, movements);
        const start = performance.now();
        const { left } = proposeDraft(of, {
          aim,
          slotMinutes,
          doors: { before: 0, after: 0 },
          schools: USUAL_SCHOOLS,
          forms,
          preferences: { recent: new Set(), level },
        });
        return `${aim} ${((performance.now() - start) / 1000).toFixed(1)} s${left.length > 0 ? ` (${left.length} left: ${left[0]?.slice(0, 60)})` : ''}`;
      });
      console.log(`  level ${level}, ${slotMinutes} min: ${cells.join('; ')}`);
    }
}

/** What mends a finding of the long class, and what it hangs on, told as so many judgings of that class. */
function remedyFigures(): void {
  const analysed = analyseClass(longPlan(movements), bench);
  if (!analysed) throw new Error('the bench plan cannot be judged');
  const judged = timed(() => findingsOf(analysed));
  const perFinding = findingsOf(analysed).map((finding) => ({
    code: finding.code,
    mended: timed(() => triedRemedies(analysed, finding)) / judged,
    hangs: timed(() => sensitivityOf(analysed, finding)) / judged,
  }));
  const worst = perFinding.toSorted((a, b) => b.mended - a.mended)[0];
  const median = (of: 'mended' | 'hangs') => medianOf(perFinding.map((one) => one[of])).toFixed(0);
  console.log(
    `remedies of ${perFinding.length} findings in 60 lines, in judgings of ${judged.toFixed(0)} ms: median ${median('mended')}, most ${worst?.mended.toFixed(0)} (${worst?.code}); what they hang on: median ${median('hangs')}`,
  );
}

fitFigures();
shortenFigures();
remedyFigures();
await exactFigures();
if (!process.argv.includes('fit')) draftFigures();
