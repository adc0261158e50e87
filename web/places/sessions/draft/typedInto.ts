import type { ClassEdit } from '../../../../core/session/edit/edit';
import type { Session } from '../../../../core/session/plan/session';

/** Fields of a line that are written letter by letter. */
const WRITTEN = ['note', 'script', 'meanwhile'] as const;

/** Where words of a line are typed, by row; null where something else is changed, or a row comes or goes. */
function wordsTyped(session: Session, { itemId, to }: Extract<ClassEdit, { kind: 'change' }>): string | null {
  const [field, ...others] = Object.keys(to);
  if (field === undefined || others.length > 0) return null;
  if (WRITTEN.some((one) => one === field)) return `${field} ${itemId}`;
  const was = session.sections.flatMap(({ items }) => items).find(({ id }) => id === itemId);
  if (was?.kind !== 'movement' || (field !== 'cues' && field !== 'focuses')) return null;
  const rows: readonly unknown[] = to[field] ?? [];
  const before: readonly unknown[] = was[field];
  if (rows.length !== before.length) return null;
  return `${field} ${itemId} ${rows.findIndex((row, place) => row !== before[place])}`;
}

/** What is typed letter by letter is one step, by what is typed into; null where every change is a step of its own. */
export function typedInto(edits: readonly ClassEdit[], session: Session): string | null {
  const [edit, ...others] = edits;
  if (!edit || others.length > 0) return null;
  switch (edit.kind) {
    case 'head':
      return Object.keys(edit.to).join() === 'title' ? 'title' : null;
    case 'change':
      return wordsTyped(session, edit);
    case 'block':
      return Object.keys(edit.to).join() === 'name' ? `block ${edit.blockId}` : null;
    case 'section': {
      const was = session.sections[edit.section]?.settle;
      const { settle } = edit.to;
      return was && settle && was.name !== settle.name ? `settle ${edit.section}` : null;
    }
    default:
      return null;
  }
}
