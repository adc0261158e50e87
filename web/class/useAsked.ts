import { useMemo } from 'react';
import { type Group, USUAL_ASKED } from '../../core/group/group';
import { baseId } from '../../core/movement/schema/version';
import type { Asked } from '../../core/session/findings/finding/finding';
import type { Session } from '../../core/session/plan/session';
import { api } from '../app/server/api';
import { useSame } from '../app/useSame';

export interface AskedOf {
  readonly asked: Asked;
  /** The group the class is for; null while it is nobody's. */
  readonly group: Group | null;
  /** Base ids of what it did in its last two classes. */
  readonly recent: ReadonlySet<string>;
}

/** How much may be asked of the group of a class, and what it has been taught before it. */
export function useAsked({ id, groupId, date }: Pick<Session, 'id' | 'groupId' | 'date'>): AskedOf {
  const { data: groups } = api.useGroupsQuery();
  const { data: sessions } = api.useSessionsQuery();
  const group = groups?.find((one) => one.id === groupId) ?? null;
  // The list of classes is read anew after every save, and mostly says the same of the others.
  const askedOf = useMemo(() => {
    const { strength, paceLeast, paceMost } = group?.asked ?? USUAL_ASKED;
    const before = (sessions ?? []).filter(
      (one) => one.id !== id && one.groupId === groupId && one.date !== null && date !== null && one.date < date,
    );
    const last = before.toSorted((a, b) => (b.date ?? '').localeCompare(a.date ?? '')).slice(0, 2);
    const taught = new Set(before.flatMap(({ movementIds }) => movementIds.map(baseId)));
    return {
      group,
      recent: new Set(last.flatMap(({ movementIds }) => movementIds.map(baseId))),
      asked: {
        strength,
        pace: { least: paceLeast, most: paceMost },
        // A group with no class before this one: nothing is known of what it knows.
        known: groupId === null || before.length === 0 ? null : taught,
      },
    };
  }, [group, sessions, id, groupId, date]);
  return useSame(askedOf);
}
