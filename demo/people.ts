import dayjs from 'dayjs';
import type { Person } from '../core/group/person';
import { Need } from '../core/needs/need';

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

/** What must be done for some of them, and how many days ago they were asked: what is over twelve weeks ago is old. */
const NEEDS: Readonly<Record<string, { readonly ago: number; readonly needs: readonly Record<string, unknown>[] }>> = {
  Celia: { ago: 20, needs: [{ kind: 'higher-stance' }, { kind: 'no-twist', side: 'right' }] },
  Dov: { ago: 40, needs: [{ kind: 'front-row' }] },
  Greta: { ago: 33, needs: [{ kind: 'head-up' }, { kind: 'rise-slowly' }, { kind: 'no-breath-holding' }] },
  Hob: { ago: 33, needs: [{ kind: 'arm-low', side: 'left' }] },
  Lorna: { ago: 88, needs: [{ kind: 'higher-stance' }] },
  Odile: { ago: 12, needs: [{ kind: 'chair-near' }, { kind: 'rise-slowly' }] },
  Percy: { ago: 12, needs: [{ kind: 'arm-low', side: 'both' }] },
  Ruth: { ago: 26, needs: [{ kind: 'sits-for-parts' }, { kind: 'pauses' }] },
  Silas: { ago: 90, needs: [{ kind: 'soft-fold' }] },
  Thora: { ago: 12, needs: [{ kind: 'higher-stance' }, { kind: 'wall-near' }] },
  Una: { ago: 12, needs: [{ kind: 'gentle-pressing' }, { kind: 'touch', answer: 'ask' }] },
  Wystan: { ago: 5, needs: [{ kind: 'touch', answer: 'no' }, { kind: 'front-row' }] },
};
/** Needs are asked again after so many days. */
const ASKED_AGAIN = 84;

function demoNeeds(called: string, today: string): Need[] {
  const { ago = 0, needs = [] } = NEEDS[called] ?? {};
  const day = (days: number) => dayjs(today).add(days, 'day').format('YYYY-MM-DD');
  return needs.map((need) =>
    Need.parse({ ...need, askedOn: day(-ago), agreedOn: day(-ago), askAgainBy: day(ASKED_AGAIN - ago) }),
  );
}

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
      needs: demoNeeds(called, today),
      formSeen: dayjs(today).subtract(SINCE, 'day').format('YYYY-MM-DD'),
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
