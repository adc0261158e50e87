import { sumBy } from 'remeda';
import { Region } from '../../body/written/region';
import { usualName } from '../../movement/schema/movement';
import { paceAt } from '../../timing/pace';
import { warmingOf } from '../../traits/warmingOf';
import { spaced } from '../../words/spaced';
import { applyEdits } from '../edit/applyEdits';
import type { PlanEdit } from '../edit/edit';
import { analyseClass } from '../findings/finding/analyseClass';
import type { AnalysedClass, JudgingContext } from '../findings/finding/finding';
import { findingsOf } from '../findings/judge';
import { THRESHOLDS } from '../limits/thresholds';
import { readinessAfter, readinessGaps } from '../load/sessionReadiness';
import { sessionStrain } from '../load/sessionStrain';
import type { Plan } from '../plan/session';
import { classSeconds } from '../plan/slotTime';
import { type Candidate, candidatesFor, secondsOf, stretchedTo } from './candidates';
import { dearness, type Preferences, type Proposal, TASTES, type Taste } from './preferences';

/** The share of the slot a cool-down is given when there is room, and the most of the movements in it. Conventions. */
const USUAL_SHARE = 0.14;
const MOST_LINES = 8;
/** What asks more than this of the legs is no cooling down; and a knee bent further stands too low for it. */
const EASY = 0.4;

/** How lively a movement is: what moves most comes first, stillness last. */
function liveliness({ movement, pieces }: Candidate): number {
  const warming = warmingOf(movement);
  const moved = sumBy(Region.options, (region) => warming[region].mobilised);
  const legs = Math.max(0, ...pieces.map(({ demand }) => demand.sink)) / 60;
  return movement.tradition === 'self-massage' ? moved / 4 : moved + legs;
}

const isEasy = ({ movement, pieces }: Candidate): boolean => {
  const warming = warmingOf(movement);
  return (
    warming.thighs.peak <= EASY &&
    warming.hips.peak <= 0.5 &&
    pieces.every(({ demand }) => demand.sink <= THRESHOLDS.coolDownSink && demand.oneLeg === null && !demand.headLow)
  );
};

/** How hard the main part leaves each region, 1 at its ceiling. */
export function workedIn(analysed: AnalysedClass): Readonly<Record<Region, number>> {
  const main = analysed.plan.sections.findIndex(({ kind }) => kind === 'main');
  const lines = new Set(analysed.plan.sections[main]?.items.map(({ id }) => id));
  const strain = sessionStrain(
    analysed.pieces.filter(({ itemId }) => lines.has(itemId)),
    analysed.limits.ceilings,
  );
  return Object.fromEntries(strain.map(({ region, percent }) => [region, percent / 100])) as Record<Region, number>;
}

/** The pace a cool-down eases to: below where the main part ends, within what the group is at ease with. */
function easedPace(plan: Plan, analysed: AnalysedClass, least: number): Plan['sections'][number]['pace'] {
  const index = plan.sections.findIndex(({ kind }) => kind === 'main');
  const section = plan.sections[index];
  const length = (analysed.timeline.sections[index]?.lengthMs ?? 0) / 1000;
  const ending = section ? Math.floor(2 * paceAt(section.pace, length)) / 2 : 6;
  const to = Math.max(least, Math.min(ending, Math.max(ending - 1, 4)));
  return { from: Math.max(to, ending), to, easing: 180 };
}

/** Lines are done up to so many times as often as is usual, to fill the time there is. */
const TWICE = 2;
/** How much of a gap that would be said is let pass, for the class may still be stretched. Convention. */
const SPARE = 0.5;

/** Whether the class up to a section has made ready what a candidate for it asks for: what was warmed at the beginning has faded by then. */
function readyFor({ plan, pieces }: AnalysedClass, section: number): (candidate: Candidate) => boolean {
  const before = new Set(plan.sections.slice(0, section).flatMap(({ items }) => items.map(({ id }) => id)));
  const ready = readinessAfter(pieces.filter(({ itemId }) => before.has(itemId)));
  return (candidate) =>
    readinessGaps(candidate.pieces, ready).every(({ size }) => size < THRESHOLDS.readinessGap * SPARE);
}

/** The pieces that were chosen, as many as there is time for. */
function chosenAlready(
  candidates: readonly Candidate[],
  pieces: readonly string[],
  longest: number,
): readonly Candidate[] {
  const chosen: Candidate[] = [];
  for (const id of pieces) {
    const candidate = candidates.find(({ movement }) => movement.id === id);
    if (candidate && chosen.length < MOST_LINES && secondsOf(chosen) + candidate.seconds <= longest)
      chosen.push(candidate);
  }
  return chosen;
}

/** Findings about the end of the class; a proposal brings none of them. */
const ABOUT_THE_END = ['cool-down-short', 'cool-down-fast', 'cool-down-low', 'ends-moving'];

/** What a cool-down is asked to be besides. */
interface CoolDownAsked {
  /** One proposal for each. */
  readonly tastes?: readonly Taste[];
  /** The pieces it is made from, by their ids, where they are chosen already. */
  readonly pieces?: readonly string[];
}

/**
 * Cool-downs for a class: what worked hardest is moved gently and looked after, pace and stance come down, and it ends still.
 * One for each taste. What stands in the cool-down now is taken out with them.
 */
export function proposeCoolDown(
  plan: Plan,
  context: JudgingContext,
  preferences: Preferences,
  { tastes = TASTES, pieces }: CoolDownAsked = {},
): Proposal[] {
  const section = plan.sections.findIndex(({ kind }) => kind === 'cool-down');
  const bare = {
    ...plan,
    sections: plan.sections.map((one, index) => (index === section ? { ...one, items: [] } : one)),
  };
  const analysed = analyseClass(bare, context);
  if (section < 0 || !analysed) return [];
  const slot = classSeconds(plan);
  const least = Math.max(THRESHOLDS.coolDownLeast, slot * THRESHOLDS.coolDownShare) + 10;
  const room = slot - analysed.timeline.totalMs / 1000;
  const target = Math.max(least, Math.min(slot * USUAL_SHARE, room));
  const longest = target * 1.25 + 20;
  const strain = workedIn(analysed);
  const pace = easedPace(plan, analysed, context.limits.pace.least);
  const paced = applyEdits(plan, [{ kind: 'section', section, to: { pace } }]);
  const easy = candidatesFor(paced, context, preferences, 'cool-down').filter(isEasy);
  const ready = easy.filter(readyFor(analysed, section));
  // A class without a warm-up has made next to nothing ready; it still wants a cool-down.
  const candidates = TWICE * secondsOf(ready) >= target ? ready : easy;
  const used = new Map<string, number>();

  const made = (taste: Taste): Proposal => {
    const chosen: Candidate[] = pieces ? [...chosenAlready(candidates, pieces, longest)] : [];
    const cared: Partial<Record<Region, number>> = {};
    while (secondsOf(chosen) < target && chosen.length < MOST_LINES) {
      const worth = (candidate: Candidate): number => {
        const warming = warmingOf(candidate.movement);
        // What has been looked after already is worth less the second time.
        const care = Region.options.reduce(
          (sum, region) => sum + (strain[region] * warming[region].mobilised) / (1 + (cared[region] ?? 0)),
          0.05,
        );
        const dear =
          dearness(taste, candidate.movement, context, preferences) * (1 + (used.get(candidate.movement.id) ?? 0));
        return taste === 'shortest' ? care / dear / Math.sqrt(candidate.seconds) : care / dear;
      };
      const left = candidates.filter(
        (candidate) => !chosen.includes(candidate) && secondsOf(chosen) + candidate.seconds <= longest,
      );
      const [best] = left.toSorted((a, b) => worth(b) - worth(a));
      if (!best) break;
      chosen.push(best);
      const warming = warmingOf(best.movement);
      for (const region of Region.options) cared[region] = (cared[region] ?? 0) + 2 * warming[region].mobilised;
    }
    for (const { movement } of chosen) used.set(movement.id, (used.get(movement.id) ?? 0) + 1);
    const lines = stretchedTo(chosen, target, paced, section).toSorted((a, b) => liveliness(b) - liveliness(a));
    const edits: PlanEdit[] = [
      ...(plan.sections[section]?.items ?? []).map(({ id }): PlanEdit => ({ kind: 'remove', itemIds: [id] })),
      { kind: 'section', section, to: { pace } },
      ...lines.map(({ item }, index): PlanEdit => ({ kind: 'add', at: { section, index }, item })),
      ...stillEnding(plan, context, preferences),
    ];
    const after = analyseClass(applyEdits(plan, edits), context);
    const left = after ? findingsOf(after).filter(({ code }) => ABOUT_THE_END.includes(code)) : [];
    const hardest = Region.options.toSorted((a, b) => strain[b] - strain[a]).slice(0, 3);
    return {
      taste,
      movements: lines.map(({ movement }) => movement),
      seconds: secondsOf(lines),
      complete: left.length === 0,
      reasons: [
        `It looks after what worked hardest: ${hardest
          .map((region) => `${spaced(region)} (${Math.round(100 * strain[region])} %)`)
          .join(', ')}.`,
        `The breath eases from ${pace.from} to ${pace.to} a minute; the liveliest comes first, ${lines.length > 0 ? usualName((lines.at(-1) as Candidate).movement) : 'stillness'} last.`,
        ...left.map(({ what }) => what),
      ],
      edits,
    };
  };
  return tastes.map(made);
}

/** Something quiet at the very end, where the closing has nothing of the kind. */
function stillEnding(plan: Plan, context: JudgingContext, preferences: Preferences): PlanEdit[] {
  const section = plan.sections.findIndex(({ kind }) => kind === 'closing');
  const passage = plan.sections[section];
  if (!passage) return [];
  const isStill = ({ pieces }: Candidate) => pieces.every(({ mobilised }) => mobilised.every((moved) => moved < 0.12));
  const there = new Set(passage.items.flatMap((item) => (item.kind === 'movement' ? [item.movementId] : [])));
  const stills = candidatesFor(plan, context, preferences, 'closing').filter(isStill);
  if (stills.some(({ movement }) => there.has(movement.id))) return [];
  const [first] = stills.toSorted((a, b) => b.seconds - a.seconds);
  return first ? [{ kind: 'add', at: { section, index: passage.items.length }, item: first.item }] : [];
}
