import { type CourseThread, PRIORITY, type Wish } from '../schema/thread';
import { contentOf } from '../schema/topicContent';
import { topicKind } from '../schema/topicKinds';
import type { ClassRoom } from './classRoom';

/** Classes between two layers of one thread, at least, where there is room: what was shown is practised first. */
const APART = 2;
const HAIR = 1e-9;
/** How far into a course things come: each layer of a movement so much later, a form spread over so much of it. Conventions. */
const PER_LAYER = 0.12;
const FORM_SPREAD = 0.9;
/** What is wanted begins after what must be, and what others wait for before what waits. */
const BEGINS: Readonly<Record<Wish, number>> = { must: 0, want: 0.25, room: 0.5 };
const PER_DEPTH = 0.02;

/** How many threads, one after the other, must be there before a thread can be finished. */
function depthOf(thread: CourseThread, threads: readonly CourseThread[], seen: readonly string[] = []): number {
  const before = thread.after.filter(({ thread: id }) => !seen.includes(id));
  const depths = before.flatMap(({ thread: id }) => {
    const other = threads.find((one) => one.id === id);
    return other && other.known === 0 ? [1 + depthOf(other, threads, [...seen, thread.id])] : [];
  });
  return Math.max(0, ...depths);
}

/** A layer that waits for its class. */
interface Waiting {
  readonly thread: CourseThread;
  readonly depth: number;
  layer: number;
  from: number;
}

/** How far into the course the next layer of a thread should come, 0 to about 1. */
function comesAt({ thread, depth, layer }: Waiting): number {
  const along = contentOf(thread).isRun ? (FORM_SPREAD * layer) / Math.max(1, thread.layers.length) : PER_LAYER * layer;
  return BEGINS[thread.wish] + PER_DEPTH * depth + along;
}

/**
 * The class, from 0, in which each layer is best introduced: spread over the course rather than as early as can be, the simplest and
 * what others wait for first, a form along its whole length, no thread faster than it can be practised. Of what may be new, a
 * share is used: someone is always away.
 * @param newShare of what may be new, this share is used
 * @returns for each thread that is introduced, a class for every layer of it
 */
export function idealClasses(
  threads: readonly CourseThread[],
  rooms: readonly ClassRoom[],
  newShare: number,
): Map<string, number[]> {
  const ideal = new Map(threads.map(({ id, layers }) => [id, layers.map(() => 0)]));
  const waiting = threads
    .filter(({ kind, known, layers }) => !topicKind({ kind }).isKept && known < layers.length)
    .map((thread): Waiting => ({ thread, depth: depthOf(thread, threads), layer: thread.known, from: 0 }));
  const asked = waiting.reduce(
    (sum, { thread, layer }) => sum + thread.layers.slice(layer).reduce((all, one) => all + one.weight, 0),
    0,
  );
  const given = rooms.reduce((sum, { newness }) => sum + newness, 0);
  // What is asked is spread evenly over what is given; more than three quarters would leave no room for who was away.
  const share = given > 0 ? Math.min(1, Math.max(asked / given, HAIR), Math.max(newShare, asked / given)) : 1;
  /** Whether what the next layer of a thread waits for was there before a class. */
  const isWaitedFor = ({ thread, layer }: Waiting, at: number): boolean =>
    thread.after.some(({ thread: id, layers, mine }) => {
      const other = waiting.find((one) => one.thread.id === id);
      if (mine !== layer + 1 || !other) return false;
      return other.layer < layers || (ideal.get(id)?.[layers - 1] ?? 0) >= at;
    });
  let saved = 0;
  rooms.forEach((room, at) => {
    if (room.newness === 0) return;
    saved += room.newness * share;
    let left = room.newness;
    for (;;) {
      const [next] = waiting
        .filter((one) => one.layer < one.thread.layers.length && one.from <= at && !isWaitedFor(one, at))
        .filter(({ thread, layer }) => {
          const weight = thread.layers[layer]?.weight ?? 0;
          return weight <= left + HAIR && weight <= saved + 0.5 + HAIR;
        })
        .toSorted(
          (a, b) => comesAt(a) - comesAt(b) || PRIORITY[b.thread.wish] - PRIORITY[a.thread.wish] || a.from - b.from,
        );
      if (!next) break;
      const weight = next.thread.layers[next.layer]?.weight ?? 0;
      ideal.get(next.thread.id)?.splice(next.layer, 1, at);
      saved -= weight;
      left -= weight;
      next.layer += 1;
      next.from = at + (contentOf(next.thread).isRun ? 1 : APART);
    }
  });
  const last = rooms.findLastIndex(({ newness }) => newness > 0);
  for (const { thread, layer } of waiting) {
    for (let open = layer; open < thread.layers.length; open += 1)
      ideal.get(thread.id)?.splice(open, 1, Math.max(0, last));
  }
  return ideal;
}
