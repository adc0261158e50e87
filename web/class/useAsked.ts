import { createSelector } from '@reduxjs/toolkit';
import equal from 'fast-deep-equal/es6';
import { useMemo } from 'react';
import { useSelector } from 'react-redux';
import type { LogSummary, SessionSummary } from '../../core/formats/api/api';
import { doneIn } from '../../core/group/doneIn';
import { type Group, USUAL_ASKED } from '../../core/group/group';
import type { Person } from '../../core/group/person';
import { presentOn } from '../../core/group/presentOn';
import { type Hall, wallPlaces } from '../../core/hall/hall';
import { baseId } from '../../core/movement/schema/version';
import type { Asked } from '../../core/session/findings/finding/finding';
import type { Session } from '../../core/session/plan/session';
import { today } from '../app/machine/clock';
import { api } from '../app/server/api';

export interface AskedOf {
  readonly asked: Asked;
  /** The group the class is for; null while it is nobody's. */
  readonly group: Group | null;
  /** Where they meet; null where that is not written down. */
  readonly hall: Hall | null;
  /** Base ids of what it did in its last two classes. */
  readonly recent: ReadonlySet<string>;
}

/** The same as it is on a page: whether all of it has been answered. */
export interface AskedNow extends AskedOf {
  readonly isKnown: boolean;
}

type OfClass = Pick<Session, 'id' | 'groupId' | 'date'>;

/** What may be asked of the group of a class, and what it has been taught before it. */
export function askedOf(
  { id, groupId, date }: OfClass,
  groups: readonly Group[],
  sessions: readonly SessionSummary[],
  people: readonly Person[],
  halls: readonly Hall[],
  logs: readonly LogSummary[],
): AskedOf {
  const group = groups.find((one) => one.id === groupId) ?? null;
  const { strength, paceLeast, paceMost } = group?.asked ?? USUAL_ASKED;
  const before = doneIn(
    sessions.filter(
      (one) => one.id !== id && one.groupId === groupId && one.date !== null && date !== null && one.date < date,
    ),
    logs,
  );
  const last = before.toSorted((a, b) => (b.date ?? '').localeCompare(a.date ?? '')).slice(0, 2);
  const hall = halls.find((one) => one.id === group?.hallId) ?? null;
  const knows = group?.knows ?? [];
  const taught = new Set([...before.flatMap(({ done }) => done), ...knows.map(baseId)]);
  return {
    group,
    hall,
    recent: new Set(last.flatMap(({ done }) => done)),
    asked: {
      strength,
      pace: { least: paceLeast, most: paceMost },
      // A group with no class before this one, of which nothing is said: nothing is known of what it knows.
      known: groupId === null || taught.size === 0 ? null : taught,
      present: presentOn(people, date ?? today(), {
        chairs: hall?.chairs ?? null,
        wall: hall ? wallPlaces(hall) : null,
      }),
    },
  };
}

const selectGroups = api.endpoints.groups.select();
const selectSessions = api.endpoints.sessions.select();
const selectHalls = api.endpoints.halls.select();
const selectLogs = api.endpoints.logs.select();

/** How much may be asked of the group of a class, what it has been taught before it, and who is to be minded. */
export function useAsked({ id, groupId, date }: OfClass): AskedNow {
  const lists = [api.useGroupsQuery(), api.useSessionsQuery(), api.useLogsQuery(), api.useHallsQuery()];
  const people = api.usePeopleQuery(groupId ?? '', { skip: groupId === null });
  const select = useMemo(
    () =>
      createSelector(
        [selectGroups, selectSessions, selectHalls, selectLogs, api.endpoints.people.select(groupId ?? '')],
        ({ data: groups = [] }, { data: sessions = [] }, { data: halls = [] }, { data: logs = [] }, { data: found }) =>
          askedOf({ id, groupId, date }, groups, sessions, found?.people ?? [], halls, logs),
        // The list of classes is read anew after every save, and mostly says the same of the others.
        { memoizeOptions: { resultEqualityCheck: equal } },
      ),
    [id, groupId, date],
  );
  const found = useSelector(select);
  // Judged before it is known who comes, a class would be judged twice, and what was noticed would move under the hand.
  const isKnown = [...lists, people].every(({ isLoading }) => !isLoading);
  return useMemo(() => ({ ...found, isKnown }), [found, isKnown]);
}
