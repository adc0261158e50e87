import { baseId } from '../../movement/version';
import { lineTimes } from '../lineTimes';
import type { Check, Finding, Judged } from './finding';
import { nameOf } from './nameOf';

const look = (judged: Judged): Finding[] => {
  const { known, plan, timeline } = judged;
  if (known === null) return [];
  const told = new Set<string>();
  return plan.sections.flatMap(({ kind, items }) =>
    items.flatMap((item): Finding[] => {
      if (item.kind !== 'movement') return [];
      const id = baseId(item.movementId);
      const isNew = !known.has(id) && !told.has(id);
      told.add(id);
      // Warm-ups and cool-downs are joined in with; what is in the main part is taught first.
      if (!isNew || kind !== 'main' || item.manner === 'explained') return [];
      return [
        {
          code: 'not-taught',
          key: `not-taught ${item.id}`,
          severity: 'warn',
          amount: 1,
          borderline: false,
          itemId: item.id,
          atMs: lineTimes(timeline).get(item.id)?.startMs ?? null,
          what: `${nameOf(judged, item.id)} has not been taught to this group yet, and is not explained here.`,
          why: ['It stands in no class this group has had before this one.'],
        },
      ];
    }),
  );
};

/** A movement the group has not been taught, led as if it had. */
export const notTaught: Check = {
  codes: ['not-taught'],
  look,
  remedies: (judged, { itemId }) =>
    itemId === null
      ? []
      : [
          {
            label: `${nameOf(judged, itemId)} explained first`,
            edits: [{ kind: 'change', itemId, to: { manner: 'explained' } }],
          },
        ],
};
