import equal from 'fast-deep-equal';
import type { Item, Session } from '../plan/session';
import { applyEdits } from './applyEdits';
import type { Arrangement, ClassEdit, ClassHead, LineChange, PlanEdit, SectionHead } from './edit';

/** The fields in which two versions of one thing differ, those that only one of them has included. */
export function changedFields<Thing extends object>(from: Thing, to: Thing): (keyof Thing & string)[] {
  const fields = [...new Set([...Object.keys(from), ...Object.keys(to)])] as (keyof Thing & string)[];
  return fields.filter((field) => !equal(from[field], to[field]));
}

/** The fields in which one thing is to become another; undefined for one it no longer has. */
function differing<Thing extends object>(from: Thing, to: Thing, but: readonly string[]): Partial<Thing> | null {
  const changed = changedFields(from, to).filter((field) => !but.includes(field));
  return changed.length === 0
    ? null
    : (Object.fromEntries(changed.map((field) => [field, to[field]])) as Partial<Thing>);
}

/** What changes of a line where it becomes another of the same kind: nothing of who it is, where it stands and where it comes from. */
export const lineChange = (from: Item, to: Item): LineChange | null =>
  differing<Item>(from, to, ['id', 'kind', 'block']) as LineChange | null;

const arrangementOf = ({ sections }: Pick<Session, 'sections'>): Arrangement =>
  sections.map(({ items, blocks }) => ({ lines: items.map(({ id, block }) => ({ id, block })), blocks }));

const itemsOf = ({ sections }: Pick<Session, 'sections'>): Item[] => sections.flatMap(({ items }) => items);

/** What makes the lines of one running order those of another, wherever they stand. */
function lineEdits(from: Session, to: Session): PlanEdit[] {
  const [was, now] = [from, to].map((one) => new Map(itemsOf(one).map((item) => [item.id, item]))) as [
    Map<string, Item>,
    Map<string, Item>,
  ];
  const isOther = (item: Item, other: Item | undefined) => other?.kind !== item.kind;
  const gone = [...was.values()].filter((item) => isOther(item, now.get(item.id))).map(({ id }) => id);
  const fresh = [...now.values()].filter((item) => isOther(item, was.get(item.id)));
  return [
    ...(gone.length > 0 ? [{ kind: 'remove' as const, itemIds: gone }] : []),
    // They go to their places and into their blocks at the end.
    ...(fresh.length > 0
      ? [
          {
            kind: 'put' as const,
            at: { section: 0, index: 0 },
            lines: { items: fresh.map((item) => ({ ...item, block: null })), blocks: [] },
          },
        ]
      : []),
    ...[...now.values()].flatMap((item): PlanEdit[] => {
      const before = was.get(item.id);
      const change = before?.kind === item.kind ? lineChange(before, item) : null;
      return change ? [{ kind: 'change', itemId: item.id, to: change }] : [];
    }),
  ];
}

/**
 * The edits that make one version of a class another: `applyToClass(from, between(from, to))` is `to`, but for its id. Lines are the
 * same where they have the same id and kind, wherever they stand.
 */
export function between(from: Session, to: Session): ClassEdit[] {
  const head = differing<ClassHead>(from, to, ['id', 'sections']);
  const heads: ClassEdit[] = head ? [{ kind: 'head', to: head }] : [];
  if (from.sections === to.sections) return heads;
  if (from.sections.length !== to.sections.length) return [...heads, { kind: 'sections', sections: to.sections }];
  const sections = to.sections.flatMap((section, index): PlanEdit[] => {
    const before = from.sections[index];
    const change = before && differing<SectionHead>(before, section, ['items', 'blocks']);
    return change ? [{ kind: 'section', section: index, to: change }] : [];
  });
  const lines = lineEdits(from, to);
  const isArranged = equal(arrangementOf(applyEdits(from, lines)), arrangementOf(to));
  const arranged: PlanEdit[] = isArranged ? [] : [{ kind: 'arrange', sections: arrangementOf(to) }];
  return [...heads, ...sections, ...lines, ...arranged];
}
