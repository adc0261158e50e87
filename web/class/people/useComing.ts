import { type Attended, attendedClasses, expectedOn } from '../../../core/group/attendance';
import { comesOn, type Person } from '../../../core/group/person';
import { api } from '../../app/server/api';

/** Who belongs to a group, and the classes of which it was noted who came. */
export interface ComingTo {
  readonly people: readonly Person[];
  readonly classes: readonly Attended[];
  /** How many belong to it on a day, and how many of them are to be expected. */
  readonly on: (day: string) => { readonly belong: number; readonly expected: number };
}

/** Who comes to a group; null while that is on its way, and where nobody is written down. */
export function useComing(groupId: string | null): ComingTo | null {
  const { data } = api.usePeopleQuery(groupId ?? '', { skip: groupId === null });
  const { data: sessions } = api.useSessionsQuery();
  if (!data || !sessions || data.people.length === 0) return null;
  const { people } = data;
  const classes = attendedClasses(data.came, (id) => sessions.find((one) => one.id === id)?.date ?? null);
  return {
    people,
    classes,
    on: (day) => ({
      belong: people.filter((person) => comesOn(person, day)).length,
      expected: Math.round(expectedOn(people, classes, day)),
    }),
  };
}
