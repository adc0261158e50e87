import type { MovementItem, Plan } from './session';

/** The variant an offer stands for: '' is the movement as it is written. */
const inWay = (item: MovementItem, offer: string): MovementItem => ({ ...item, variant: offer === '' ? null : offer });

/**
 * A class as those do it who take what is offered beside the way it is led: once for the first offer of every line, once for the
 * second, and so on; a line with fewer is then done in its last; and once as those do it who go less deep. None where nothing is offered. Everybody keeps one time, so the
 * timeline of the class is theirs too.
 */
export function offeredWays<Of extends Pick<Plan, 'sections'>>(plan: Of): Of[] {
  const most = Math.max(
    0,
    ...plan.sections.flatMap(({ items }) => items.map((item) => (item.kind === 'movement' ? item.offers.length : 0))),
  );
  const offered = Array.from({ length: most }, (_, place) => ({
    ...plan,
    sections: plan.sections.map((section) => ({
      ...section,
      items: section.items.map((item) => {
        if (item.kind !== 'movement') return item;
        const offer = item.offers[Math.min(place, item.offers.length - 1)];
        return offer === undefined ? item : inWay(item, offer);
      }),
    })),
  }));
  const higher = goingLess(plan);
  return higher ? [...offered, higher] : offered;
}

/** A class as those do it who go less deep than the depth that was found; null where nobody is said to. */
function goingLess<Of extends Pick<Plan, 'sections'>>(plan: Of): Of | null {
  let says = false;
  const sections = plan.sections.map((section) => ({
    ...section,
    items: section.items.map((item) => {
      if (item.kind !== 'movement' || !item.depth || item.depth.less === null) return item;
      says = true;
      return { ...item, depth: { deepest: item.depth.less, less: null } };
    }),
  }));
  return says ? { ...plan, sections } : null;
}
