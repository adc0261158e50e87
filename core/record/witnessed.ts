import type { LoggedItem } from './classLog';

/** How well it is known how a line went: somebody touched something at both its ends, at one, or it ran by itself. */
export type Witnessed = 'seen' | 'partly' | 'assumed';

const isEndedByPerson = (item: Pick<LoggedItem, 'parts'> | undefined): boolean =>
  item?.parts.some(({ by }) => by === 'person') ?? false;

/** How well each line of a record is known, in its order: a line begins where the one before it was ended. */
export function witnessedIn(items: readonly Pick<LoggedItem, 'parts' | 'outcome'>[]): (Witnessed | null)[] {
  const taught = items.filter(({ outcome }) => outcome !== 'left out');
  return items.map((item) => {
    const at = taught.indexOf(item);
    if (at < 0) return null;
    const ends = [isEndedByPerson(taught[at - 1]), isEndedByPerson(item)].filter(Boolean).length;
    return ends === 2 ? 'seen' : ends === 1 ? 'partly' : 'assumed';
  });
}
