import { newPause } from '../defaults';
import type { Bench, Judged } from '../findings/finding';
import { judgedOf } from '../findings/judged';
import { applyEdits, type PlanEdit } from '../planEdit';
import type { Timeline } from '../segment';
import type { Plan } from '../session';
import { sessionStrain } from '../sessionStrain';
import { THRESHOLDS } from '../thresholds';
import { timelineOf } from '../timeline';
import { AIM, buildModel, type FitKind, type FitQuestion, type Laid, TOLERANCE } from './buildModel';
import type { FitChoice, FitModel } from './fitModel';
import { reachOf } from './fitReach';
import { type Hindrance, hindrances } from './hindrances';
import { solveFit } from './solveFit';

/** A class that meets its slot. */
export interface Fitted {
  readonly ok: true;
  readonly kind: FitKind;
  readonly edits: readonly PlanEdit[];
  readonly totalMs: number;
  readonly cost: number;
  /** Regions over the ceiling that no change within the slot brought down, percent. */
  readonly over: readonly { readonly region: string; readonly percent: number }[];
}

/** A class that cannot be made to meet it. */
export interface Unfitted {
  readonly ok: false;
  readonly kind: FitKind;
  /** The nearest it comes, milliseconds. */
  readonly nearestMs: number;
  readonly inTheWay: readonly Hindrance[];
}
export type FitAnswer = Fitted | Unfitted;

/** The eased paces are held still while a model is solved, and taken anew so often; after that only the target is moved. */
const PASSES = 4;
/** Strain is not evenly made up of counts: so many classes at most are simulated to bring it under its ceiling. */
export const MOST_SIMULATIONS = 40;

function laidOut(plan: Plan, bench: Bench): Timeline | null {
  const answer = timelineOf(plan, bench.find);
  return answer.ok ? answer.timeline : null;
}

/** By how much a choice makes each section quicker, breaths a minute. */
const shiftsOf = (model: FitModel, choice: FitChoice): number[] =>
  model.sections.map(({ paces }, index) => paces[choice.sections[index]?.pace ?? 0]?.shift ?? 0);

/** What a choice changes of the class that was written. */
function editsOf(plan: Plan, model: FitModel, choice: FitChoice): PlanEdit[] {
  return plan.sections.flatMap((section, index): PlanEdit[] => {
    const taken = choice.sections[index];
    const modelled = model.sections[index];
    if (!taken || !modelled) return [];
    const lines = section.items.flatMap((item, place): PlanEdit[] => {
      if (item.kind !== 'movement') return [];
      const option = modelled.lines[place]?.options[taken.options[place] ?? -1];
      if (!option || option.count === item.count) return [];
      return option.count === null
        ? [{ kind: 'remove', itemId: item.id }]
        : [{ kind: 'change', itemId: item.id, to: { count: option.count } }];
    });
    const shift = shiftsOf(model, choice)[index] ?? 0;
    if (shift === 0) return lines;
    const { from, to, easing } = section.pace;
    return [...lines, { kind: 'pace', section: index, pace: { from: from + shift, to: to + shift, easing } }];
  });
}

/** The cheapest fit of a class with its real, easing paces: solved, laid out, and solved again until it meets the slot. */
function fitOnce(
  question: FitQuestion,
  usual: Timeline,
): { edits: PlanEdit[]; timeline: Timeline; cost: number } | null {
  const { plan, bench } = question;
  const slot = plan.slotMinutes * 60;
  let now: Laid = { plan, timeline: usual, shifts: [] };
  let target = slot;
  for (let pass = 0; pass < 2 * PASSES; pass += 1) {
    const model = buildModel(question, now, usual, target);
    const choice = solveFit(model);
    if (!choice) return null;
    const edits = editsOf(plan, model, choice);
    const fitted = applyEdits(plan, edits);
    const timeline = laidOut(fitted, bench);
    if (!timeline) return null;
    const real = timeline.totalMs / 1000;
    if (Math.abs(real - slot) <= TOLERANCE) return { edits, timeline, cost: choice.cost };
    if (pass < PASSES - 1) now = { plan: fitted, timeline, shifts: shiftsOf(model, choice) };
    else target += slot - real;
  }
  return null;
}

interface Tried {
  readonly edits: readonly PlanEdit[];
  readonly judged: Judged;
  readonly cost: number;
  /** By how much regions are over, percent added up. */
  readonly beyond: number;
}

function overOf(judged: Judged) {
  return sessionStrain(judged.pieces, judged.strength).filter(({ percent }) => percent > THRESHOLDS.strainWarn);
}

/**
 * Fits a class to its slot. Counts stay within their range, pinned ones as they are; the cool-down keeps its least. A fit that
 * goes over a ceiling is tried again with its largest contributors a step down, or a rest before the peak.
 * @param onProgress how many classes have been simulated, of at most how many
 */
export function fitPlan(
  plan: Plan,
  bench: Bench,
  kind: FitKind,
  onProgress: (done: number, of: number) => void = () => undefined,
): FitAnswer {
  const usual = laidOut(plan, bench);
  const caps = new Map<string, number>();
  const question: FitQuestion = { plan, bench, kind, caps };
  const first = usual && fitOnce(question, usual);
  if (!usual || !first) return unfitted(question, usual);

  let simulated = 0;
  const tryOut = (edits: readonly PlanEdit[], cost: number): Tried | null => {
    const judged = judgedOf(applyEdits(plan, edits), bench);
    simulated += 1;
    onProgress(simulated, MOST_SIMULATIONS);
    if (!judged) return null;
    return { edits, judged, cost, beyond: overOf(judged).reduce((sum, { percent }) => sum + percent - 100, 0) };
  };
  let best = tryOut(first.edits, first.cost);
  const tries = new Map(caps);
  let at = best;
  while (best && best.beyond > 0 && at && simulated < MOST_SIMULATIONS) {
    const contributor = heaviest(at.judged, tries);
    if (!contributor) break;
    tries.set(contributor.itemId, contributor.cap);
    const again = fitOnce({ ...question, caps: tries }, usual);
    if (!again) break;
    at = tryOut(again.edits, again.cost);
    if (at && at.beyond < best.beyond - 1e-6) best = at;
  }
  if (best && best.beyond > 0) best = rested(question, usual, best, tryOut, () => simulated < MOST_SIMULATIONS);
  if (!best) return unfitted(question, usual);
  return {
    ok: true,
    kind,
    edits: best.edits,
    totalMs: best.judged.timeline.totalMs,
    cost: best.cost,
    over: overOf(best.judged).map(({ region, percent }) => ({ region, percent })),
  };
}

/** The line that adds most to the worst region and may still be done a step less, with what it may then be done at most. */
function heaviest(judged: Judged, caps: ReadonlyMap<string, number>): { itemId: string; cap: number } | null {
  const items = new Map(judged.plan.sections.flatMap(({ items: all }) => all.map((item) => [item.id, item] as const)));
  for (const { parts } of overOf(judged).toSorted((a, b) => b.percent - a.percent))
    for (const { itemId } of parts.slice(0, 4)) {
      const item = items.get(itemId);
      const movement = item?.kind === 'movement' ? judged.find(item.movementId) : undefined;
      if (item?.kind !== 'movement' || !movement || item.pinned) continue;
      const cap = Math.min(item.count, caps.get(itemId) ?? item.count) - movement.count.step;
      if (cap >= movement.count.least) return { itemId, cap };
    }
  return null;
}

/** Half a minute of rest before the worst line, the class fitted anew round it. */
function rested(
  question: FitQuestion,
  usual: Timeline,
  best: Tried,
  tryOut: (edits: readonly PlanEdit[], cost: number) => Tried | null,
  goesOn: () => boolean,
): Tried {
  let found = best;
  for (const { parts } of overOf(best.judged)) {
    const itemId = parts[0]?.itemId;
    const section = question.plan.sections.findIndex(({ items }) => items.some(({ id }) => id === itemId));
    const index = question.plan.sections[section]?.items.findIndex(({ id }) => id === itemId) ?? -1;
    if (index < 0 || itemId === undefined || !goesOn()) continue;
    const rest: PlanEdit = {
      kind: 'add',
      at: { section, index },
      item: newPause('rest', `${itemId.slice(0, 40)}-fit-rest`, 30),
    };
    const plan = applyEdits(question.plan, [rest]);
    const again = fitOnce({ ...question, plan }, usual);
    const tried = again && tryOut([rest, ...again.edits], again.cost);
    if (tried && tried.beyond < found.beyond - 1e-6) found = tried;
  }
  return found;
}

function unfitted(question: FitQuestion, usual: Timeline | null): Unfitted {
  const slot = question.plan.slotMinutes * 60;
  if (!usual) return { ok: false, kind: question.kind, nearestMs: 0, inTheWay: [] };
  const model = buildModel(question, { plan: question.plan, timeline: usual, shifts: [] }, usual, slot);
  const { shortest, longest } = reachOf(model);
  const nearest = slot < shortest ? shortest : slot > longest ? longest : usual.totalMs / 1000;
  return {
    ok: false,
    kind: question.kind,
    nearestMs: nearest * 1000,
    inTheWay: hindrances(question, model, slot < shortest - AIM ? 'too-long' : 'too-short'),
  };
}
