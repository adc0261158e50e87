import { isEmpty, sumBy } from 'remeda';
import { usualName } from '../../movement/schema/movement';
import { warmingOf } from '../../traits/warmingOf';
import { applyEdits } from '../edit/applyEdits';
import { analyseClass } from '../findings/finding/analyseClass';
import type { AnalysedClass, JudgingContext } from '../findings/finding/finding';
import { isGrave, isOfSlot } from '../findings/finding/isGrave';
import { findingsOf } from '../findings/judge';
import { wayOf } from '../load/driftOf';
import type { Block } from '../plan/block';
import { emptySections } from '../plan/defaults';
import type { Item, Plan } from '../plan/session';
import { classSeconds } from '../plan/slotTime';
import { AIM_WORDS } from './aims';
import { type Candidate, candidatesFor, secondsOf } from './candidates';
import { type DraftRequest, type MainPart, mainItems, mainOf } from './mainPart';
import { fittedPlan, mendedPlan } from './mendDraft';
import { withoutNew } from './newness';
import type { Preferences, Proposal } from './preferences';
import { proposeCoolDown } from './proposeCoolDown';
import { proposeWarmUp } from './proposeWarmUp';

/** A whole class that is proposed. */
export interface Draft {
  readonly plan: Plan;
  readonly reasons: readonly string[];
  /** What is still to be minded in it: nothing, or the reason why it could not be done. */
  readonly left: readonly string[];
}

const withItems = (plan: Plan, kind: string, items: readonly Item[], blocks: readonly Block[] = []): Plan => ({
  ...plan,
  sections: plan.sections.map((section) =>
    section.kind === kind ? { ...section, items: [...items], blocks: [...blocks] } : section,
  ),
});

/** One or two quiet lines to arrive with, and to leave with. */
function quietLines(
  plan: Plan,
  context: JudgingContext,
  preferences: Preferences,
  role: 'opening' | 'closing',
  seconds: number,
): Item[] {
  const calm = candidatesFor(plan, context, preferences, role)
    .map((candidate) => ({
      candidate,
      moved: sumBy(candidate.pieces, ({ mobilised }) => Math.max(...mobilised)) / candidate.pieces.length,
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

/** A cool-down from the pieces that were chosen for it, or from all that is offered. */
function coolDownFor(plan: Plan, context: JudgingContext, { preferences, coolDown }: Around): Proposal[] {
  const tastes = ['familiar'] as const;
  const chosen = coolDown ? proposeCoolDown(plan, context, preferences, { tastes, pieces: coolDown }) : [];
  return chosen[0]?.complete ? chosen : ofKnown(context, (of) => proposeCoolDown(plan, of, preferences, { tastes }));
}

/** What is proposed of what the group knows or follows at once; of everything, where that does not do. */
function ofKnown(context: JudgingContext, propose: (context: JudgingContext) => Proposal[]): Proposal[] {
  const known = propose(withoutNew(context));
  return known[0]?.complete || context.known === null ? known : propose(context);
}

/** A draft is mended and fitted again at most so often. */
const ROUNDS = 4;

const REASON =
  'What asks most stands in the middle; the warm-up is worked out from it, the cool-down looks after what worked.';

/** What the main part is, as a reason for it. */
function mainReason({ form, name, lines, rounds }: MainPart): string {
  const often = rounds > 1 ? `, ${rounds} times` : '';
  return form === 'none'
    ? `${lines.map(({ movement }) => usualName(movement)).join(', ')}${often}.`
    : `${name}${often}.`;
}

/** What is drawn up around a main part. */
type Around = Pick<DraftRequest, 'slotMinutes' | 'doors' | 'preferences' | 'schools' | 'takes'> & {
  /** Its warm-up, where that is chosen already; else it is worked out. */
  readonly warmUp?: readonly Item[];
  /** The pieces of its cool-down, by their ids, where they are chosen already; where they do not do, others are taken. */
  readonly coolDown?: readonly string[];
};

export const emptyPlan = ({
  slotMinutes,
  doors,
  schools,
  takes,
}: Pick<Around, 'slotMinutes' | 'doors' | 'schools' | 'takes'>): Plan => ({
  slotMinutes,
  doors,
  breath: { in: 1, out: 1 },
  schools,
  ...(takes && !isEmpty(takes) && { takes }),
  sections: emptySections(),
});

/** What is grave in a class besides how it fills its slot. */
const asksTooMuch = (plan: Plan, context: JudgingContext): boolean => {
  const analysed = analyseClass(plan, context);
  return analysed !== null && findingsOf(analysed).some((one) => isGrave(one) && !isOfSlot(one));
};

/** What asks more than this of the thighs is not done more often to fill a slot, where that is too much. Convention. */
const ON_LEGS = 0.45;

/** The class fitted with what works the legs, or walks from its places, left as it is; null where that asks too much too. */
function heldBack(plan: Plan, context: JudgingContext): Plan | null {
  const isHeldBack = (item: Item): boolean => {
    const movement = item.kind === 'movement' ? context.find(item.movementId) : undefined;
    return movement !== undefined && (warmingOf(movement).thighs.peak >= ON_LEGS || wayOf(movement) > 0.1);
  };
  const wasPinned = new Set(
    plan.sections.flatMap(({ items }) =>
      items.flatMap((item) => (item.kind === 'movement' && item.pinned ? item.id : [])),
    ),
  );
  const pinnedBy = (of: Plan, isPinned: (item: Item) => boolean): Plan => ({
    ...of,
    sections: of.sections.map((section) => ({
      ...section,
      items: section.items.map((item) => (item.kind === 'movement' ? { ...item, pinned: isPinned(item) } : item)),
    })),
  });
  const fitted = fittedPlan(
    pinnedBy(plan, (item) => wasPinned.has(item.id) || isHeldBack(item)),
    context,
  );
  const freed = fitted && pinnedBy(fitted, (item) => wasPinned.has(item.id));
  return freed && !asksTooMuch(freed, context) ? freed : null;
}

/** Where filling the slot asks too much again and again, the class rather ends early. */
function restrained(plan: Plan, context: JudgingContext): Plan {
  if (!asksTooMuch(plan, context)) return plan;
  const mended = mendedPlan(plan, context);
  return asksTooMuch(mended, context) ? plan : mended;
}

/**
 * A class around a main part that is given: the warm-up it needs, a cool-down after it, quiet lines first and last, fitted to its
 * slot and mended until nothing grave is left; what is left is said.
 */
export function draftAround(
  main: { readonly items: readonly Item[]; readonly blocks: readonly Block[] },
  context: JudgingContext,
  around: Around,
): Omit<Draft, 'reasons'> {
  const { preferences } = around;
  const seconds = classSeconds(around);
  let plan = withItems(emptyPlan(around), 'main', main.items, main.blocks);
  const quiet = withoutNew(context);
  plan = withItems(plan, 'opening', quietLines(plan, quiet, preferences, 'opening', seconds * 0.06));
  plan = withItems(plan, 'closing', quietLines(plan, quiet, preferences, 'closing', seconds * 0.07));
  const taken = (proposals: readonly { readonly edits: Parameters<typeof applyEdits>[1] }[]) =>
    applyEdits(plan, proposals[0]?.edits ?? []);
  plan = around.warmUp
    ? withItems(plan, 'warm-up', around.warmUp)
    : taken(ofKnown(context, (of) => proposeWarmUp(plan, of, preferences, ['familiar'])));
  plan = taken(coolDownFor(plan, context, around));
  for (let round = 0; round < ROUNDS; round += 1) {
    plan = mendedPlan(plan, context);
    const fitted = fittedPlan(plan, context) ?? plan;
    plan = asksTooMuch(fitted, context) ? (heldBack(plan, context) ?? fitted) : fitted;
    const analysed = analyseClass(plan, context);
    if (analysed && !findingsOf(analysed).some(isGrave)) break;
  }
  plan = restrained(plan, context);
  const analysed = analyseClass(plan, context);
  return { plan, left: analysed ? leftIn(analysed) : ['The draft names a movement that is not known.'] };
}

/**
 * A whole first draft: a main part for the aim, and a class around it; or the reason why not. Where there is too little for the slot,
 * it says so rather than fill it with talk.
 */
export function proposeDraft(context: JudgingContext, request: DraftRequest): Draft {
  const { aim } = request;
  const empty = emptyPlan(request);
  const main = mainOf(empty, context, request);
  if (!main) return { plan: empty, reasons: [], left: [`Nothing is offered for “${AIM_WORDS[aim]}” in this slot.`] };
  return {
    ...draftAround(mainItems(main, context), context, request),
    reasons: [`${AIM_WORDS[aim]}: ${mainReason(main)}`, REASON],
  };
}

/** What is still to be minded in a draft: what is grave, and a slot that it does not fill. */
function leftIn(analysed: AnalysedClass): string[] {
  const found = findingsOf(analysed);
  const under = found.filter(({ code }) => code === 'slot-under');
  return [
    ...found.filter(isGrave).map(({ what }) => what),
    ...under.map(({ what }) => `Too little for this slot. ${what}`),
  ];
}
