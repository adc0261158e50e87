import { rootOf } from '../../../../core/session/plan/block';
import type { Session } from '../../../../core/session/plan/session';

/** The lines of a block, those of a block within it counted in. */
export const linesWithin = ({ sections }: Pick<Session, 'sections'>, blockId: string): ReadonlySet<string> =>
  new Set(
    sections.flatMap(({ items, blocks }) =>
      items.filter((item) => item.block === blockId || rootOf(blocks, item) === blockId).map(({ id }) => id),
    ),
  );
