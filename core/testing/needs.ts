import { Need } from '../needs/need';
import type { Present } from '../needs/present';

/** Made-up needs for tests. */

/** A need of a kind: of the left side, or to be asked, where it has a choice. */
export const needOf = (kind: Need['kind'], more: Record<string, unknown> = {}): Need =>
  Need.parse({
    kind,
    ...(kind === 'touch' ? { answer: 'ask' } : {}),
    ...(kind === 'no-twist' || kind === 'arm-low' ? { side: 'left' } : {}),
    askedOn: '2026-09-01',
    agreedOn: '2026-09-01',
    askAgainBy: '2026-11-24',
    ...more,
  });

/** People with these needs each, in a hall with one chair and a wall for one. */
export const presentWith = (...needs: readonly (readonly Need[])[]): Present => ({
  comers: needs.map((of, place) => ({ id: `comer-${place}`, needs: of })),
  supports: { chairs: 1, wall: 1 },
});
