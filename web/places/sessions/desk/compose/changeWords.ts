import type { PlanEdit } from '../../../../../core/session/edit/planEdit';
import { lineTitle, notedTitle } from '../../../../../core/session/plan/lineTitle';
import { matchItem } from '../../../../../core/session/plan/matchItem';
import type { Session } from '../../../../../core/session/plan/session';
import type { Repertoire } from '../../../../app/repertoire';
import { breathsPerMinute, sectionWord } from '../../../../app/words';

/** What changes a fit or a proposal makes, each in a few words: "Cloud Hands 4 → 3". */
export function changeWords(edits: readonly PlanEdit[], session: Session, repertoire: Repertoire): string[] {
  const items = new Map(session.sections.flatMap((section) => section.items.map((item) => [item.id, item] as const)));
  const nameOf = (itemId: string): string => {
    const item = items.get(itemId);
    return item ? notedTitle(item, repertoire.find) : 'a line';
  };
  const wordsOf = (edit: PlanEdit): string[] => {
    switch (edit.kind) {
      case 'change': {
        const item = items.get(edit.itemId);
        if (edit.to.count === undefined || item?.kind !== 'movement') return [];
        return [`${nameOf(edit.itemId)} ${item.count} → ${edit.to.count}`];
      }
      case 'pause': {
        const item = items.get(edit.itemId);
        return item && item.kind !== 'movement' ? [`${nameOf(edit.itemId)} ${item.seconds} → ${edit.seconds} s`] : [];
      }
      case 'remove':
        return [`${nameOf(edit.itemId)} left out`];
      case 'pace': {
        const section = session.sections[edit.section];
        if (!section) return [];
        const pace = (one: typeof edit.pace) =>
          one.from === one.to
            ? breathsPerMinute(one.to)
            : `${breathsPerMinute(one.from)} to ${breathsPerMinute(one.to)}`;
        return [`${sectionWord(section.kind)} breathes ${pace(section.pace)} → ${pace(edit.pace)} a minute`];
      }
      case 'add':
        return matchItem<string[]>(edit.item, {
          movement: (line) => [`${lineTitle(line, repertoire.find)} ${line.count} added`],
          rest: ({ seconds }) => [`${seconds} s rest added`],
          talk: ({ seconds }) => [`${seconds} s to talk added`],
          clock: ({ seconds }) => [`${seconds} s by the clock added`],
        });
      case 'move':
        return [`${nameOf(edit.itemId)} moved`];
    }
  };
  return edits.flatMap(wordsOf);
}
