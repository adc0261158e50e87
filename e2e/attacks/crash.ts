import { seeded } from '../../core/course/weave/graph/seeded';
import type { RunningHouse } from '../runningHouse';

/** What a run of kills came to. */
export interface Crashed {
  readonly kills: number;
  /** Writes that were answered before a kill. */
  readonly answered: number;
  /** Of those, what was not there afterwards, or not whole. */
  readonly lost: readonly string[];
}

interface Kept {
  readonly session: { readonly id: string; readonly title: string };
  readonly revision: number;
}

const WRITERS = 4;
/** So many writes of a round are answered before it is killed, however slow the machine. */
const ANSWERS_FIRST = 3;
const LONGEST_WAIT = 30_000;
const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

const write = async (url: string, method: string, path: string, body: unknown): Promise<Kept | null> => {
  try {
    const answer = await fetch(url + path, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    return answer.ok ? ((await answer.json()) as Kept) : null;
  } catch {
    // Killed before it answered: it may be there or not.
    return null;
  }
};

/**
 * Kills the server in the middle of writing, again and again: what it answered must be there when it comes back, whole, and it must
 * come back each time.
 */
export async function crash(house: RunningHouse, kills: number, seed: number): Promise<Crashed> {
  const random = seeded(seed);
  const first = (await (await fetch(`${house.url}/api/sessions/evening-week-4`)).json()) as Kept;
  const answered = new Map<string, { readonly title: string; readonly revision: number }>();
  const lost: string[] = [];
  let writes = 0;
  for (let round = 0; round < kills; round += 1) {
    let isKilled = false;
    let answers = 0;
    let enough: () => void = () => undefined;
    const hear = () => {
      answers += 1;
      if (answers >= ANSWERS_FIRST) enough();
    };
    const heard = new Promise<void>((resolve) => {
      enough = resolve;
    });
    const writers = Array.from({ length: WRITERS }, async (_, writer) => {
      const id = `writer-${writer}-${round}`;
      const made = await write(house.url, 'POST', '/api/sessions', {
        session: { ...first.session, id, title: 'new', course: null },
      });
      if (made) answered.set(id, { title: 'new', revision: 1 });
      if (made) hear();
      for (let time = 1; made && !isKilled; time += 1) {
        const title = `round ${round}, time ${time}`;
        const revision = answered.get(id)?.revision ?? 1;
        const saved = await write(house.url, 'PUT', `/api/sessions/${id}`, {
          session: { ...first.session, id, title },
          revision,
        });
        if (!saved) return;
        writes += 1;
        hear();
        answered.set(id, { title, revision: saved.revision });
      }
    });
    // It is killed while it writes, not while it still gets ready to.
    await Promise.race([heard, pause(LONGEST_WAIT)]);
    await pause(Math.floor(random() * 200));
    await house.kill();
    isKilled = true;
    await Promise.all(writers);
    await house.start();
    for (let writer = 0; writer < WRITERS; writer += 1) {
      const id = `writer-${writer}-${round}`;
      const known = answered.get(id);
      if (!known) continue;
      const answer = await fetch(`${house.url}/api/sessions/${id}`);
      const there = answer.ok ? ((await answer.json()) as Kept) : null;
      // One save more than was answered may be there: it was written, and its answer did not come through.
      const isWhole =
        there !== null &&
        (there.revision === known.revision
          ? there.session.title === known.title
          : there.revision === known.revision + 1);
      if (!isWhole) lost.push(`${id}: ${JSON.stringify(known)} became ${JSON.stringify(there?.session.title ?? null)}`);
    }
  }
  return { kills, answered: writes + answered.size, lost };
}
