import { diffArrays } from 'diff';
import equal from 'fast-deep-equal';
import { range } from 'remeda';
import type { Role } from '../../movement/schema/movement';
import { baseId } from '../../movement/schema/version';
import { matchItem } from '../plan/matchItem';
import type { Item, Plan, Section } from '../plan/session';
import { lineTimes } from '../timeline/lineTimes';
import type { Timeline } from '../timeline/segment';

/** A line of one class with how long it lasts there. */
export interface ComparedLine {
  readonly item: Item;
  readonly lengthMs: number;
}

/** Two lines that are the same thing, or one that only one of the classes has. */
export interface ComparedRow {
  readonly section: Role;
  readonly left: ComparedLine | null;
  readonly right: ComparedLine | null;
  /** What differs, by the name of the field; empty where nothing does. */
  readonly differs: readonly string[];
}

/** What of a whole section is said otherwise in one class than in the other: how it breathes, what settles it. */
export interface ComparedSection {
  readonly section: Role;
  readonly left: Section | null;
  readonly right: Section | null;
  readonly differs: readonly ('pace' | 'settle')[];
}

const SECTION_FIELDS = ['pace', 'settle'] as const;
const inKind = ({ sections }: Pick<Plan, 'sections'>, kind: Role): Section | null =>
  sections.find((section) => section.kind === kind) ?? null;
const kindsOf = (left: Pick<Plan, 'sections'>, right: Pick<Plan, 'sections'>): Role[] => [
  ...new Set([...left.sections, ...right.sections].map(({ kind }) => kind)),
];

/** The sections of two classes that are led otherwise, whatever their lines are; a section that one does not have is not. */
export function compareSections(left: Pick<Plan, 'sections'>, right: Pick<Plan, 'sections'>): ComparedSection[] {
  return kindsOf(left, right).flatMap((section): ComparedSection[] => {
    const [a, b] = [inKind(left, section), inKind(right, section)];
    const differs = a && b ? SECTION_FIELDS.filter((field) => !equal(a[field], b[field])) : [];
    return differs.length > 0 ? [{ section, left: a, right: b, differs }] : [];
  });
}

/** What a line is, whatever it is called and however often: lines of the same are set against each other. */
const sameness = (item: Item): string =>
  matchItem<string>(item, {
    movement: ({ movementId }) => baseId(movementId),
    rest: ({ kind }) => kind,
    talk: ({ kind }) => kind,
    clock: ({ kind }) => kind,
  });

/** Fields that say how a line is done; its id and its block's say nothing. */
function differencesOf(a: Item, b: Item): string[] {
  const fields = new Set([...Object.keys(a), ...Object.keys(b)]);
  fields.delete('id');
  fields.delete('block');
  const value = (item: Item, field: string) => JSON.stringify(item[field as keyof Item] ?? null);
  return [...fields].filter((field) => value(a, field) !== value(b, field));
}

/** The longest row of lines both have in the same order, as pairs of places. */
function inCommon(a: readonly Item[], b: readonly Item[]): readonly (readonly [number, number])[] {
  let [i, j] = [0, 0];
  return diffArrays(a.map(sameness), b.map(sameness)).flatMap(({ added, removed, count }) => {
    const pairs = added || removed ? [] : range(0, count).map((place) => [i + place, j + place] as const);
    if (!added) i += count;
    if (!removed) j += count;
    return pairs;
  });
}

/**
 * Two classes side by side: section by section, what both have stands in one row with what differs, what only one has by
 * itself, in the order of the class.
 */
export function compareClasses(
  left: { readonly plan: Pick<Plan, 'sections'>; readonly timeline: Timeline },
  right: { readonly plan: Pick<Plan, 'sections'>; readonly timeline: Timeline },
): ComparedRow[] {
  const lengths = (timeline: Timeline) =>
    new Map([...lineTimes(timeline).values()].map(({ itemId, lengthMs }) => [itemId, lengthMs]));
  const [leftMs, rightMs] = [lengths(left.timeline), lengths(right.timeline)];
  const onLeft = (item: Item): ComparedLine => ({ item, lengthMs: leftMs.get(item.id) ?? 0 });
  const onRight = (item: Item): ComparedLine => ({ item, lengthMs: rightMs.get(item.id) ?? 0 });
  return kindsOf(left.plan, right.plan).flatMap((section) => {
    const [a, b] = [left, right].map(({ plan }) => inKind(plan, section)?.items ?? []);
    const rows: ComparedRow[] = [];
    let [i, j] = [0, 0];
    for (const [x, y] of [...inCommon(a ?? [], b ?? []), [a?.length ?? 0, b?.length ?? 0] as const]) {
      for (; i < x; i += 1) rows.push({ section, left: onLeft(a?.[i] as Item), right: null, differs: [] });
      for (; j < y; j += 1) rows.push({ section, left: null, right: onRight(b?.[j] as Item), differs: [] });
      const [one, two] = [a?.[x], b?.[y]];
      if (one && two) rows.push({ section, left: onLeft(one), right: onRight(two), differs: differencesOf(one, two) });
      [i, j] = [x + 1, y + 1];
    }
    return rows;
  });
}
