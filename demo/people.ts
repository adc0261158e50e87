import dayjs from 'dayjs';
import type { Person } from '../core/group/person';

/** Who comes to the demo's groups: twenty-six made-up people. */
const CALLED: Readonly<Record<string, readonly string[]>> = {
  'tram-shed-evening': [
    'Ada',
    'Bram',
    'Celia',
    'Dov',
    'Edda',
    'Finn',
    'Greta',
    'Hob',
    'Ines',
    'Joss',
    'Kit',
    'Lorna',
    'Milo',
    'Nell',
  ],
  'tram-shed-morning': ['Odile', 'Percy', 'Quenby', 'Ruth', 'Silas', 'Thora', 'Una', 'Wystan'],
  'depot-yard': ['Bex', 'Tam', 'Yorick', 'Zeno'],
};

/** Days before the demo's own day since which they come. */
const SINCE = 90;

export const demoPeople = (today: string): Person[] =>
  Object.entries(CALLED).flatMap(([groupId, names]) =>
    names.map((called) => ({
      id: `person-${called.toLowerCase()}`,
      groupId,
      called,
      since: dayjs(today).subtract(SINCE, 'day').format('YYYY-MM-DD'),
      until: null,
    })),
  );

/** Who was away from the classes that were taught, by the record of each. */
const AWAY: Readonly<Record<string, readonly string[]>> = {
  'evening-week-1-taught': [],
  'evening-week-2-taught': ['person-dov', 'person-kit'],
  'evening-week-3-taught': ['person-dov'],
};

/** Who was in a class that was recorded; null where nobody noted it. */
export function demoCame(logId: string, people: readonly Person[]): string[] | null {
  const away = AWAY[logId];
  if (!away) return null;
  return people.filter(({ id, groupId }) => groupId === 'tram-shed-evening' && !away.includes(id)).map(({ id }) => id);
}
