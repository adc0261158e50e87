import equal from 'fast-deep-equal';
import type { FindMovement } from '../../movement/schema/movement';
import { sidesOffered } from '../../movement/schema/pass';
import { Block } from '../plan/block';
import { newPause } from '../plan/defaults';
import { freshLines } from '../plan/lineSet';
import { lineTitle } from '../plan/lineTitle';
import type { Item, Session } from '../plan/session';
import { steppedLine, typedAmount, withWholeAmounts } from './amounts';
import { applyToClass, hasField } from './applyEdits';
import type { ClassEdit, EditRequest, LineChange } from './edit';
import { whyNotTogether } from './editLines';
import { type LinePlace, neighbourPlace, placeOf } from './editPlan';
import { faultIn } from './faultIn';
import { stepLines, stepsBlock } from './teachSteps';

/** What an edit is resolved with. */
export interface EditContext {
  readonly find: FindMovement;
  /** An id that nothing has yet. */
  readonly freshId: () => string;
}

/** Edits that may be applied, with the class as it then is; or why there are none. */
export type Resolved =
  | { readonly ok: true; readonly edits: readonly ClassEdit[]; readonly session: Session }
  | { readonly ok: false; readonly reason: string };

/** Why one edit cannot be done. */
class Refused extends Error {}

const LINE_GONE = 'That line is no longer in this class.';
const BLOCK_GONE = 'That block is no longer in this class.';

function found(session: Session, itemId: string): { readonly item: Item; readonly place: LinePlace } {
  const place = placeOf(session, itemId);
  const item = place && session.sections[place.section]?.items[place.index];
  if (!place || !item) throw new Refused(LINE_GONE);
  return { item, place };
}

const sureOfSection = ({ sections }: Session, section: number): void => {
  if (!sections[section]) throw new Refused('That section is no longer in this class.');
};

/** A change of a line with whole amounts, without what is so already; nothing where nothing is left of it. */
function changed(session: Session, itemId: string, to: LineChange, { find }: EditContext): ClassEdit[] {
  const { item } = found(session, itemId);
  const strange = Object.keys(to).find((field) => !hasField(item.kind, field));
  if (strange) throw new Refused(`${lineTitle(item, find)} has no ${strange}.`);
  const whole = item.kind === 'movement' ? withWholeAmounts(item, to, find(to.movementId ?? item.movementId)) : to;
  const differs = Object.entries(whole).filter(([field, value]) => !equal(value, item[field as keyof Item]));
  return differs.length === 0 ? [] : [{ kind: 'change', itemId, to: Object.fromEntries(differs) }];
}

/** A new line with whole amounts. */
function wholeItem(item: Item, { find }: EditContext): Item {
  if (item.kind !== 'movement') return { ...item, seconds: Math.max(1, Math.round(item.seconds)) };
  const { count, range, rounds, ends } = item;
  return { ...item, ...withWholeAmounts(item, { count, range, rounds, ends }, find(item.movementId)) } as Item;
}

type Kind = EditRequest['kind'];
type Of<K extends Kind> = Extract<EditRequest, { readonly kind: K }>;
type Resolve<K extends Kind> = (session: Session, edit: Of<K>, context: EditContext) => ClassEdit[];

const movementOf = (item: Item, { find }: EditContext) =>
  item.kind === 'movement' ? find(item.movementId) : undefined;

const ofLines = (session: Session, edit: Of<'remove' | 'shift'>): ClassEdit[] => {
  for (const id of edit.itemIds) found(session, id);
  return [edit];
};

const ofBlock = (session: Session, edit: Of<'block' | 'ungroup' | 'refill'>): ClassEdit[] => {
  if (!session.sections.some(({ blocks }) => blocks.some(({ id }) => id === edit.blockId)))
    throw new Refused(BLOCK_GONE);
  return [edit];
};

const asItIs = (_: Session, edit: Of<'arrange' | 'sections' | 'head'>): ClassEdit[] => [edit];

const put: Resolve<'put'> = (session, { at, lines }, context) => {
  sureOfSection(session, at.section);
  return [{ kind: 'put', at, lines: { ...lines, items: lines.items.map((item) => wholeItem(item, context)) } }];
};

const add: Resolve<'add'> = (session, { at, item }, context) => {
  sureOfSection(session, at.section);
  return [{ kind: 'add', at, item: wholeItem(item, context) }];
};

const group: Resolve<'group'> = (session, edit) => {
  for (const id of edit.itemIds) found(session, id);
  const why = whyNotTogether(session, new Set(edit.itemIds));
  if (why !== null) throw new Refused(why);
  return [edit];
};

/** How one edit of each kind becomes what is to be applied: its values worked out, its ids made. */
const RESOLVE: { readonly [K in Kind]: Resolve<K> } = {
  change: (session, { itemId, to }, context) => changed(session, itemId, to, context),
  amount: (session, { itemId, amount }, context) =>
    changed(session, itemId, typedAmount(found(session, itemId).item, amount), context),
  // A step leads to what can be counted, and its range goes along: nothing has to be made whole.
  step: (session, { itemId, direction }, context) => {
    const { item } = found(session, itemId);
    const to = steppedLine(item, direction, movementOf(item, context));
    return to ? [{ kind: 'change', itemId, to }] : [];
  },
  turn: (session, { itemId }, context) => {
    const { item } = found(session, itemId);
    const movement = movementOf(item, context);
    if (item.kind !== 'movement' || !movement) return [];
    const offered = sidesOffered(movement.laterality);
    const sides = offered[(offered.indexOf(item.sides) + 1) % offered.length] ?? 'usual';
    return changed(session, itemId, { sides }, context);
  },
  add,
  put,
  paste: (session, { at, lines }, context) =>
    put(session, { kind: 'put', at, lines: freshLines(lines, context.freshId) }, context),
  pause: (session, { at, pause, seconds }, context) =>
    add(session, { kind: 'add', at, item: newPause(pause, context.freshId(), seconds) }, context),
  double: (session, { itemId }, context) => {
    const { item, place } = found(session, itemId);
    return [{ kind: 'add', at: { ...place, index: place.index + 1 }, item: { ...item, id: context.freshId() } }];
  },
  remove: ofLines,
  shift: ofLines,
  move: (session, edit) => {
    found(session, edit.itemId);
    sureOfSection(session, edit.to.section);
    return [edit];
  },
  nudge: (session, { itemId, direction }) => {
    found(session, itemId);
    const to = neighbourPlace(session, itemId, direction);
    return to ? [{ kind: 'move', itemId, to }] : [];
  },
  section: (session, edit) => {
    sureOfSection(session, edit.section);
    return [edit];
  },
  together: (session, { itemIds, as }, context) =>
    group(session, { kind: 'group', itemIds, block: Block.parse({ ...as, id: context.freshId() }) }, context),
  group,
  block: ofBlock,
  ungroup: ofBlock,
  refill: ofBlock,
  stages: (session, { itemId }, context) => {
    const { item } = found(session, itemId);
    const movement = movementOf(item, context);
    if (item.kind !== 'movement' || !movement || movement.layers.length === 0) return [];
    const lines = stepLines(item, movement, context.freshId);
    return [{ kind: 'split', itemId, lines, block: stepsBlock(movement, context.freshId()) }];
  },
  split: (session, edit) => {
    found(session, edit.itemId);
    return [edit];
  },
  leave: ({ setAside }, { aside }) => [
    { kind: 'head', to: { setAside: [...setAside.filter(({ key }) => key !== aside.key), aside] } },
  ],
  mind: ({ setAside }, { key }) => [{ kind: 'head', to: { setAside: setAside.filter((aside) => aside.key !== key) } }],
  arrange: asItIs,
  sections: asItIs,
  head: asItIs,
};

const resolveOne = <K extends Kind>(session: Session, edit: Of<K>, context: EditContext): ClassEdit[] =>
  (RESOLVE[edit.kind as K] as Resolve<K>)(session, edit, context);

/**
 * Edits made ready for a class, in their order, each for the class as those before it leave it: ids are made, steps become values,
 * amounts whole, and a range goes with its count. Refused as a whole where one of them names what is gone, or would leave a class
 * that cannot be kept; none where they change nothing.
 */
export function resolveEdits(session: Session, asked: readonly EditRequest[], context: EditContext): Resolved {
  const edits: ClassEdit[] = [];
  let now = session;
  try {
    for (const one of asked) {
      const resolved = resolveOne(now, one, context);
      now = applyToClass(now, resolved);
      edits.push(...resolved);
    }
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
    return { ok: false, reason: error.message };
  }
  const fault = faultIn(session, now);
  if (fault) {
    const where = fault.item ? `${lineTitle(fault.item, context.find)}: ` : '';
    return { ok: false, reason: `That can't be kept. ${where}${fault.message}.` };
  }
  return equal(now, session) ? { ok: true, edits: [], session } : { ok: true, edits, session: now };
}
