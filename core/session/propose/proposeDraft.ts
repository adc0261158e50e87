import { usualName } from '../../movement/movement';
import { emptySections, newPause } from '../defaults';
import type { Bench, Finding } from '../findings/finding';
import { findingsOf } from '../findings/judge';
import { judgedOf } from '../findings/judged';
import { triedRemedies } from '../findings/preview';
import { fitPlan } from '../fit/fitPlan';
import { applyEdits } from '../planEdit';
import type { Item, Plan } from '../session';
import { EASE_DEMAND } from '../sessionDemand';
import { sessionStrain } from '../sessionStrain';
import { AIM_WORDS, type Aim, effortOf, serves } from './aims';
import { type Candidate, candidatesFor, secondsOf, stretchedTo } from './candidates';
import { proposeCoolDown } from './proposeCoolDown';
import { proposeWarmUp } from './proposeWarmUp';
import { dearness, type Wishes } from './wishes';

export interface DraftWish {
  readonly aim: Aim;
  readonly slotMinutes: number;
  readonly wishes: Wishes;
}

/** A whole class that is proposed. */
export interface Draft {
  readonly plan: Plan;
  readonly reasons: readonly string[];
  /** What is still to be minded in it: nothing, or the reason why it could not be done. */
  readonly left: readonly string[];
}

/** The share of the slot that the main part is chosen for; fitting does the rest. */
const MAIN_SHARE = 0.46;
/** So many movements, then a rest of so many seconds. */
const TOGETHER = 3;
const REST = 30;
/** When so many seconds are missing at each rest, it becomes a break. */
const BREAK = 45;
const BREAK_NOTE = 'Sit, drink, ask';
/** A draft is mended and fitted again at most so often. */
const ROUNDS = 4;
const REMEDIES = 10;

/** Quiet first and last, what asks most in the middle. */
function inAnArch(lines: readonly Candidate[]): Candidate[] {
  const [rising, falling]: [Candidate[], Candidate[]] = [[], []];
  for (const [place, line] of lines.toSorted((a, b) => effortOf(a.movement) - effortOf(b.movement)).entries())
    (place % 2 === 0 ? rising : falling).push(line);
  return [...rising, ...falling.reverse()];
}

/** How near lines done one after the other, with their rests, come to a ceiling; 1 is at it. */
function strainOf(lines: readonly Candidate[], { strength }: Bench): number {
  const resting = lines[0]?.pieces[0];
  const pieces = inAnArch(lines).flatMap(({ pieces: own }, place) =>
    resting && (place + 1) % TOGETHER === 0 ? [...own, { ...resting, demand: EASE_DEMAND, seconds: REST }] : own,
  );
  return Math.max(0, ...sessionStrain(pieces, strength).map(({ percent }) => percent)) / 100;
}

/** A main part has a line for so many minutes of its slot: few things, done often enough to sink in. */
const MINUTES_A_LINE = 5;

/** What is chosen leaves room for warm-up and cool-down under the ceiling. */
const ROOM = 0.9;

function mainOf(plan: Plan, bench: Bench, { aim, slotMinutes, wishes }: DraftWish): Candidate[] {
  const target = slotMinutes * 60 * MAIN_SHARE;
  const candidates = candidatesFor(plan, bench, wishes, 'main').filter(({ seconds }) => seconds < target * 0.6);
  const most = Math.max(3, Math.round(slotMinutes / MINUTES_A_LINE));
  let chosen: Candidate[] = [];
  // What serves the aim comes first; what is left of the time goes to what asks least.
  for (const serving of [
    (one: Candidate) => serves(one.movement, aim),
    (one: Candidate) => 1 - effortOf(one.movement),
  ]) {
    const passed = new Set<Candidate>();
    while (secondsOf(chosen) < target && chosen.length < most) {
      const worth = (one: Candidate): number => {
        const alike = chosen.filter(({ movement }) => movement.tradition === one.movement.tradition).length;
        const dear =
          dearness('familiar', one.movement, bench, wishes) * dearness('varied', one.movement, bench, wishes);
        return serving(one) / dear / (1 + 0.12 * alike);
      };
      const [best] = candidates
        .filter((one) => !chosen.includes(one) && !passed.has(one) && serving(one) > 0.25)
        .toSorted((a, b) => worth(b) - worth(a));
      if (!best) break;
      passed.add(best);
      const then = [...chosen, best];
      if (strainOf(then, bench) <= ROOM) chosen = then;
    }
  }
  const section = plan.sections.findIndex(({ kind }) => kind === 'main');
  const longer = stretchedTo(chosen, target, plan, section);
  return inAnArch(strainOf(longer, bench) <= ROOM ? longer : chosen);
}

/** The main lines: what is known is joined in with, what is new is explained; a settle after each, a rest after every few. */
function mainItems(lines: readonly Candidate[], { known }: Bench, target: number): Item[] {
  // Where strain leaves room for no more moving, the class sits down, drinks and asks.
  const breaks = Math.max(1, Math.floor((lines.length - 1) / TOGETHER));
  const missing = (target - secondsOf(lines)) / breaks;
  const pause = (place: number): Item =>
    missing > BREAK
      ? newPause('talk', `break-${place}`, Math.min(300, Math.round(missing / 15) * 15), BREAK_NOTE)
      : newPause('rest', `rest-${place}`, REST);
  return lines.flatMap(({ item, movement }, place): Item[] => {
    const isNew = known === null || !known.has(movement.id);
    const line: Item = {
      ...item,
      manner: isNew ? 'explained' : 'follow-along',
      settle: { kind: 'still', seconds: 10 },
    };
    const rests = (place + 1) % TOGETHER === 0 && place + 1 < lines.length;
    return rests ? [line, pause(place)] : [line];
  });
}

const withItems = (plan: Plan, kind: string, items: readonly Item[]): Plan => ({
  ...plan,
  sections: plan.sections.map((section) => (section.kind === kind ? { ...section, items: [...items] } : section)),
});

/** One or two quiet lines to arrive with, and to leave with. */
function quietLines(plan: Plan, bench: Bench, wishes: Wishes, role: 'opening' | 'closing', seconds: number): Item[] {
  const calm = candidatesFor(plan, bench, wishes, role)
    .map((candidate) => ({
      candidate,
      moved: candidate.pieces.reduce((sum, { mobilised }) => sum + Math.max(...mobilised), 0) / candidate.pieces.length,
    }))
    .toSorted((a, b) => a.moved - b.moved || b.candidate.seconds - a.candidate.seconds)
    .map(({ candidate }) => candidate);
  const lines: Candidate[] = [];
  for (const one of calm) {
    if (lines.length > 0 && secondsOf(lines) + one.seconds > seconds) continue;
    lines.push(one);
    if (lines.length === 2) break;
  }
  // The stillest comes last when leaving, and first when arriving.
  return (role === 'closing' ? lines.reverse() : lines).map(({ item }) => item);
}

const grave = (findings: readonly Finding[]): Finding[] => findings.filter(({ severity }) => severity !== 'notice');

/** What is grave in a class is mended by the best remedy of each, again and again. */
function mendedPlan(plan: Plan, bench: Bench): Plan {
  let now = plan;
  for (let step = 0; step < REMEDIES; step += 1) {
    const judged = judgedOf(now, bench);
    if (!judged) return now;
    const before = grave(findingsOf(judged)).filter(({ code }) => !code.startsWith('slot'));
    let mended: Plan | null = null;
    for (const finding of before) {
      const [remedy] = triedRemedies(judged, finding);
      if (!remedy) continue;
      const then = applyEdits(now, remedy.edits);
      const after = judgedOf(then, bench);
      // A remedy that brings as much as it settles is none.
      if (after && grave(findingsOf(after)).filter(({ code }) => !code.startsWith('slot')).length < before.length) {
        mended = then;
        break;
      }
    }
    if (!mended) return now;
    now = mended;
  }
  return now;
}

function fittedPlan(plan: Plan, bench: Bench): Plan | null {
  for (const kind of ['trim', 'leave-out'] as const) {
    const answer = fitPlan(plan, bench, kind);
    if (answer.ok) return applyEdits(plan, answer.edits);
  }
  return null;
}

/**
 * A whole first draft: a main part for the aim, the warm-up it needs, a cool-down after it, fitted to its slot and mended until
 * nothing grave is left; or the reason why not.
 */
export function proposeDraft(bench: Bench, wish: DraftWish): Draft {
  const { aim, slotMinutes, wishes } = wish;
  const empty: Plan = { slotMinutes, breath: { in: 1, out: 1 }, sections: emptySections() };
  const lines = mainOf(empty, bench, wish);
  let plan = withItems(empty, 'main', mainItems(lines, bench, slotMinutes * 60 * MAIN_SHARE));
  plan = withItems(plan, 'opening', quietLines(plan, bench, wishes, 'opening', slotMinutes * 60 * 0.06));
  plan = withItems(plan, 'closing', quietLines(plan, bench, wishes, 'closing', slotMinutes * 60 * 0.07));
  const taken = (proposals: readonly { readonly edits: Parameters<typeof applyEdits>[1] }[]) =>
    applyEdits(plan, proposals[0]?.edits ?? []);
  plan = taken(proposeWarmUp(plan, bench, wishes, ['familiar']));
  plan = taken(proposeCoolDown(plan, bench, wishes, ['familiar']));
  for (let round = 0; round < ROUNDS; round += 1) {
    plan = mendedPlan(plan, bench);
    plan = fittedPlan(plan, bench) ?? plan;
    const judged = judgedOf(plan, bench);
    if (judged && grave(findingsOf(judged)).length === 0) break;
  }
  const judged = judgedOf(plan, bench);
  return {
    plan,
    reasons: [
      `${AIM_WORDS[aim]}: ${lines.map(({ movement }) => usualName(movement)).join(', ')}.`,
      'What asks most stands in the middle; the warm-up is worked out from it, the cool-down looks after what worked.',
    ],
    left: judged
      ? grave(findingsOf(judged)).map(({ what }) => what)
      : ['The draft names a movement that is not known.'],
  };
}
