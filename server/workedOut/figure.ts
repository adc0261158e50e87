import { createHash } from 'node:crypto';
import { z } from 'zod';
import type { FindMovement, Movement } from '../../core/movement/schema/movement';
import { rememberFor } from '../../core/remember/rememberFor';
import type { FigureStore } from './figureStore';

/** A text in short: another text has another one. */
export const contentOf = (text: string): string => createHash('sha1').update(text).digest('base64url');

/** What a figure is worked out of, in addition to its text. */
export interface WorkedOutOf {
  readonly figures: FigureStore;
  readonly find: FindMovement;
  /** The movements that come along: they are the same as long as the version is. */
  readonly shipped: readonly Movement[];
}

/** A figure that was worked out, and the movements it depends on, by their ids. */
export interface WorkedOut<Figure> {
  readonly figure: Figure;
  readonly movementIds: readonly string[];
}

/**
 * A figure that is worked out of a stored text and of the movements it names, and kept until one of them changes.
 * @param kind the name it is kept under
 * @returns what answers the figure of a text; null, and kept nowhere, where it cannot be worked out
 */
export function keptFigure<Figure>(
  kind: string,
  schema: z.ZodType<Figure>,
  { figures, find, shipped }: WorkedOutOf,
): (id: string, text: string, work: () => WorkedOut<Figure> | null) => Figure | null {
  const Kept = z.object({ movementIds: z.array(z.string()), stamp: z.string(), figure: schema });
  const comesAlong = new Set(shipped);
  const written = rememberFor((movement: Movement) => contentOf(JSON.stringify(movement)));
  const stampOf = (ids: readonly string[]): string =>
    ids
      .map((id) => {
        const movement = find(id);
        if (!movement) return '-';
        return comesAlong.has(movement) ? '' : written(movement);
      })
      .join();
  return (id, text, work) => {
    const content = contentOf(text);
    const there = Kept.safeParse(figures.find(kind, id, content)).data;
    if (there && there.stamp === stampOf(there.movementIds)) return there.figure as Figure;
    const worked = work();
    if (worked) figures.keep(kind, id, content, { ...worked, stamp: stampOf(worked.movementIds) });
    return worked?.figure ?? null;
  };
}
