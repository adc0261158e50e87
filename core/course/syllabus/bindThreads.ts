import type { Form } from '../../movement/schema/form';
import { baseId } from '../../movement/schema/version';
import type { CourseThread } from '../schema/thread';
import { contentOf } from '../schema/topicContent';
import { topicKind } from '../schema/topicKinds';
import { TAUGHT_FIRST } from './prerequisites';

/** Before a place of a form is taught, its movement has this many layers, or all it has. */
const BEFORE_PLACE = 2;

const movementOf = (thread: CourseThread): string | null => {
  const { movementId } = contentOf(thread);
  return movementId === null ? null : baseId(movementId);
};

/**
 * Fills in what binds the threads of a course to each other: what is usually taught first, and what a form asks for and practises
 * along with its places. A form taught whole asks for nothing first. What is bound by hand is left as it is.
 */
export function bindThreads(threads: readonly CourseThread[], forms: readonly Form[]): CourseThread[] {
  const byMovement = new Map(
    threads.flatMap((thread) => (movementOf(thread) ? [[movementOf(thread) as string, thread] as const] : [])),
  );
  const stepsOf = (id: string): CourseThread | undefined => {
    const thread = byMovement.get(id);
    return thread && topicKind(thread).isInStages ? thread : undefined;
  };
  return threads.map((thread): CourseThread => {
    if (thread.after.length > 0 || Object.keys(thread.covers).length > 0 || !topicKind(thread).isInStages)
      return thread;
    const own = movementOf(thread);
    if (own !== null) {
      const after = TAUGHT_FIRST.filter(({ movement }) => movement === own).flatMap(({ mine, after: id, layers }) => {
        const other = stepsOf(id);
        const at = Math.min(mine, thread.layers.length);
        return other ? [{ thread: other.id, layers: Math.min(layers, other.layers.length), mine: at }] : [];
      });
      return { ...thread, after };
    }
    const first = new Map<string, number>();
    for (const [place, movementId] of contentOf(thread).movementIds(forms, { upTo: thread.layers.length }).entries()) {
      const id = baseId(movementId);
      if (!first.has(id)) first.set(id, place + 1);
    }
    const places = [...first].flatMap(([id, place]) => {
      const other = stepsOf(id);
      return other ? [{ other, place }] : [];
    });
    return {
      ...thread,
      after: places.map(({ other, place }) => ({
        thread: other.id,
        layers: Math.min(BEFORE_PLACE, other.layers.length),
        mine: place,
      })),
      covers: Object.fromEntries(places.map(({ other, place }) => [other.id, place])),
    };
  });
}
