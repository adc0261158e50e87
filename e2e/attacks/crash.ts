import { seeded } from '../../core/course/weave/graph/seeded';
import type { RunningHouse } from '../runningHouse';
import { ask, backupMaker, classWriter, drawer, forgetter, recorder, type Writer } from './load';

/** What a run of kills came to. */
export interface Crashed {
  readonly kills: number;
  /** Writes that were answered before a kill. */
  readonly answered: number;
  /** Of those, what was not there afterwards, or not whole. */
  readonly lost: readonly string[];
  /** How many kills fell into bringing a backup back, and after how many of them it had been carried through. */
  readonly restores: { readonly tried: number; readonly carried: number };
}

/** So many writes of a round are answered before it is killed, however slow the machine. */
const ANSWERS_FIRST = 3;
const LONGEST_WAIT = 30_000;
/** One round in so many brings a backup back while it is killed; the others write. */
const RESTORES_EVERY = 4;
const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

type Document = Readonly<Record<string, unknown>> & { readonly id: string };

/** Writes of all kinds at once, killed in the middle; answers how many were answered. */
async function killedWhileWriting(house: RunningHouse, writers: readonly Writer[], lateMs: number): Promise<number> {
  let answers = 0;
  let enough: () => void = () => undefined;
  const heard = new Promise<void>((resolve) => {
    enough = resolve;
  });
  const hear = () => {
    answers += 1;
    if (answers >= ANSWERS_FIRST) enough();
  };
  const writing = writers.map((writer) => writer.write(house.url, hear));
  // It is killed while it writes, not while it still gets ready to.
  await Promise.race([heard, pause(LONGEST_WAIT)]);
  await pause(lateMs);
  await house.kill();
  await Promise.all(writing);
  await house.start();
  return answers;
}

const GROUP = 'tram-shed-evening';
const groupOf = async (url: string): Promise<Document | undefined> =>
  (await ask<Document[]>(url, 'GET', '/api/groups'))?.find(({ id }) => id === GROUP);
const classesOf = async (url: string): Promise<string> =>
  JSON.stringify((await ask<Document[]>(url, 'GET', '/api/sessions'))?.map(({ id }) => id).toSorted());

/** Brings a backup back and kills in the middle: everything is as it was before, or all of it is as it was then. */
async function killedWhileRestoring(
  house: RunningHouse,
  round: number,
  lateMs: number,
): Promise<{ readonly isCarried: boolean; readonly lost: readonly string[] }> {
  const { url } = house;
  await ask(url, 'POST', '/api/backups');
  const [backup] = (await ask<{ backups: { name: string }[] }>(url, 'GET', '/api/keeping'))?.backups ?? [];
  const [before, classes] = [await groupOf(url), await classesOf(url)];
  const name = `Renamed in round ${round}`;
  await ask(url, 'PUT', `/api/groups/${GROUP}`, { ...before, name });
  const restoring = ask(url, 'POST', `/api/backups/${backup?.name}/restore`);
  await pause(lateMs);
  await house.kill();
  await restoring;
  await house.start();
  const after = await groupOf(url);
  const lost = [];
  if (after?.name !== name && after?.name !== before?.name) lost.push(`the group is called ${after?.name}`);
  if ((await classesOf(url)) !== classes) lost.push(`other classes are there after round ${round}`);
  return { isCarried: after?.name === before?.name, lost };
}

/**
 * Kills the server in the middle of a mixed load, again and again: what it answered must be there when it comes back, whole, what was
 * forgotten must be gone, and it must come back each time.
 */
export async function crash(house: RunningHouse, kills: number, seed: number): Promise<Crashed> {
  const random = seeded(seed);
  const { session } =
    (await ask<{ session: Document & { title: string } }>(house.url, 'GET', '/api/sessions/evening-week-4')) ?? {};
  const log = await ask<Document & { items: unknown[] }>(house.url, 'GET', '/api/logs/evening-week-2-taught');
  const { people } = (await ask<{ people: Document[] }>(house.url, 'GET', `/api/groups/${GROUP}/people`)) ?? {};
  if (!session || !log || !people?.[0]) throw new Error('The demo world is not there.');
  const lost: string[] = [];
  const restores = { tried: 0, carried: 0 };
  let answered = 0;
  for (let round = 0; round < kills; round += 1) {
    if (round % RESTORES_EVERY === RESTORES_EVERY - 1) {
      const restored = await killedWhileRestoring(house, round, Math.floor(random() * 600));
      restores.tried += 1;
      if (restored.isCarried) restores.carried += 1;
      lost.push(...restored.lost);
      continue;
    }
    const writers = [
      ...[0, 1].map((nth) => classWriter(session, `writer-${nth}-${round}`)),
      recorder(log, `record-${round}`),
      drawer(session, `drawer-${round}`),
      forgetter(people[0], `somebody-${round}`),
      backupMaker(),
    ];
    answered += await killedWhileWriting(house, writers, Math.floor(random() * 200));
    for (const writer of writers) lost.push(...(await writer.lost(house)));
  }
  return { kills, answered, lost, restores };
}
