import { applyEdits } from '../edit/applyEdits';
import type { PlanEdit } from '../edit/edit';
import { analyseClass } from '../findings/finding/analyseClass';
import type { AnalysedClass, JudgingContext } from '../findings/finding/finding';
import { newPause } from '../plan/defaults';
import type { Plan } from '../plan/session';
import { classSeconds } from '../plan/slotTime';
import { forecastFor } from '../report/forecast';
import { timelineOf } from '../schedule/timeline';
import type { Timeline } from '../timeline/segment';
import { type Breaches, breachesOf, easedCaps, type GraveBefore, graveBefore } from './breaches';
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
  /** By when it has ended in eight of ten: this is what meets the slot. */
  readonly safeMs: number;
  readonly cost: number;
  /** Regions over the ceiling that no change within the slot brought down, percent. */
  readonly over: readonly { readonly region: string; readonly percent: number }[];
  /** What is grave in it and was not before, in sentences. */
  readonly brings: readonly string[];
}

/** A class that cannot be made to meet it. */
export interface Unfitted {
  readonly ok: false;
  readonly kind: FitKind;
  /** The nearest it comes as planned, and how long it should be planned to end in time in eight of ten; milliseconds. */
  readonly aimMs: number;
  readonly nearestMs: number;
  readonly inTheWay: readonly Hindrance[];
}
export type FitAnswer = Fitted | Unfitted;

/** The eased paces are held still while a model is solved, and taken anew so often; after that only the target is moved. */
const PASSES = 4;
/** Strain is not evenly made up of counts: so many classes at most are simulated to bring it under its ceiling. */
export const MOST_SIMULATIONS = 40;
/** The same where somebody stands in front of a class and waits. */
const MOST_ROUGHLY = 6;

function timelineOrNull(plan: Plan, context: JudgingContext): Timeline | null {
  const answer = timelineOf(plan, context.find);
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
      const option = modelled.lines[place]?.options[taken.options[place] ?? -1];
      if (item.kind === 'talk' && option && option.count !== null && option.count !== item.seconds)
        return [{ kind: 'change', itemId: item.id, to: { seconds: option.count } }];
      if (item.kind !== 'movement') return [];
      if (!option || option.count === item.count) return [];
      return option.count === null
        ? [{ kind: 'remove', itemIds: [item.id] }]
        : [{ kind: 'change', itemId: item.id, to: { count: option.count } }];
    });
    const shift = shiftsOf(model, choice)[index] ?? 0;
    if (shift === 0) return lines;
    const { from, to, easing } = section.pace;
    return [
      ...lines,
      { kind: 'section', section: index, to: { pace: { from: from + shift, to: to + shift, easing } } },
    ];
  });
}

/** The cheapest fit of a class with its real, easing paces: solved, laid out, and solved again until it meets the slot. */
function fitOnce(
  question: FitQuestion,
  usual: Timeline,
): { edits: PlanEdit[]; timeline: Timeline; cost: number } | null {
  const { plan, context } = question;
  const end = classSeconds(plan);
  // How late a class ends in eight of ten goes with how long it is planned: aimed at is what is planned, held against it what is safe.
  const aimOf = (safe: number, planned: number) => (planned > 0 ? (end * planned) / safe : end);
  const safeSeconds = (of: Plan, timeline: Timeline) => forecastFor(of, timeline, context.find).safeMs / 1000;
  let now: Laid = { plan, timeline: usual, shifts: [] };
  let target = aimOf(safeSeconds(plan, usual), usual.totalMs / 1000);
  for (let pass = 0; pass < 2 * PASSES; pass += 1) {
    const model = buildModel(question, now, usual, target);
    const choice = solveFit(model);
    if (!choice) return null;
    const edits = editsOf(plan, model, choice);
    const fitted = applyEdits(plan, edits);
    const timeline = timelineOrNull(fitted, context);
    if (!timeline) return null;
    const real = timeline.totalMs / 1000;
    const safe = safeSeconds(fitted, timeline);
    if (Math.abs(safe - end) <= TOLERANCE) return { edits, timeline, cost: choice.cost };
    const aim = aimOf(safe, real);
    if (pass < PASSES - 1) {
      now = { plan: fitted, timeline, shifts: shiftsOf(model, choice) };
      target = aim;
    } else target += aim - real;
  }
  return null;
}

interface Tried {
  readonly edits: readonly PlanEdit[];
  readonly analysed: AnalysedClass;
  readonly cost: number;
  readonly breaches: Breaches;
}

/** No line is stretched beyond so many times its usual, as long as there is another way. Convention. */
const STRETCH = 2;

/**
 * Fits a class to its slot. Counts stay within their range, pinned ones as they are; the cool-down keeps its least. A fit that
 * goes over a ceiling, or brings something grave, is tried again with what it comes from a step down, or a rest before the peak.
 * @param onProgress how many classes have been simulated, of at most how many
 * @param isRough whether a few seconds off the best will do, held against the ceilings alone: several times as quick
 */
export function fitPlan(
  plan: Plan,
  context: JudgingContext,
  kind: FitKind,
  onProgress: (done: number, of: number) => void = () => undefined,
  isRough = false,
): FitAnswer {
  const usual = timelineOrNull(plan, context);
  const caps = new Map<string, number>();
  const modest: FitQuestion = { plan, context, kind, caps, stretch: STRETCH, isRough };
  const modestly = usual && fitOnce(modest, usual);
  const question = modestly ? modest : { ...modest, stretch: Number.POSITIVE_INFINITY };
  const first = modestly ?? (usual && fitOnce(question, usual));
  if (!usual || !first) return unfitted(question, usual);

  const written = isRough ? null : analyseClass(plan, context);
  const before: GraveBefore | null = isRough ? null : written ? graveBefore(written) : new Map();
  const most = isRough ? MOST_ROUGHLY : MOST_SIMULATIONS;
  let simulated = 0;
  const tryOut = (edits: readonly PlanEdit[], cost: number): Tried | null => {
    const analysed = analyseClass(applyEdits(plan, edits), context);
    simulated += 1;
    onProgress(simulated, most);
    return analysed && { edits, analysed, cost, breaches: breachesOf(analysed, before) };
  };
  let best = tryOut(first.edits, first.cost);
  let tries: ReadonlyMap<string, number> = caps;
  let at = best;
  while (best && best.breaches.beyond > 0 && at && simulated < most) {
    const eased = easedCaps(at.analysed, at.breaches, tries);
    if (!eased) break;
    tries = eased;
    const again = fitOnce({ ...question, caps: tries }, usual);
    if (!again) break;
    at = tryOut(again.edits, again.cost);
    if (at && at.breaches.beyond < best.breaches.beyond - 1e-6) best = at;
  }
  if (best && best.breaches.over.length > 0) best = rested(question, usual, best, tryOut, () => simulated < most);
  if (!best) return unfitted(question, usual);
  return {
    ok: true,
    kind,
    edits: best.edits,
    totalMs: best.analysed.timeline.totalMs,
    safeMs: forecastFor(best.analysed.plan, best.analysed.timeline, context.find).safeMs,
    cost: best.cost,
    over: best.breaches.over.map(({ region, percent }) => ({ region, percent })),
    brings: best.breaches.brings.map(({ what }) => what),
  };
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
  for (const { parts } of best.breaches.over) {
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
    if (tried && tried.breaches.beyond < found.breaches.beyond - 1e-6) found = tried;
  }
  return found;
}

function unfitted(question: FitQuestion, usual: Timeline | null): Unfitted {
  if (!usual) return { ok: false, kind: question.kind, nearestMs: 0, aimMs: 0, inTheWay: [] };
  const { plan, context } = question;
  const { safeMs } = forecastFor(plan, usual, context.find);
  const slot = safeMs > 0 ? (classSeconds(plan) * usual.totalMs) / safeMs : classSeconds(plan);
  const model = buildModel(question, { plan, timeline: usual, shifts: [] }, usual, slot);
  const { shortest, longest } = reachOf(model);
  const nearest = slot < shortest ? shortest : slot > longest ? longest : usual.totalMs / 1000;
  return {
    ok: false,
    kind: question.kind,
    nearestMs: nearest * 1000,
    aimMs: slot * 1000,
    inTheWay: hindrances(question, model, slot < shortest - AIM ? 'too-long' : 'too-short'),
  };
}
