import { readFileSync } from 'node:fs';
import { z } from 'zod';
import { StoredSession } from '../../core/formats/api/api';
import { writeCode } from '../../core/formats/pocket/recordCode';
import { openHouse, type RunningHouse } from '../../e2e/runningHouse';

/** What a server takes for what goes through everything it keeps: CPU seconds of its process, the longest it fell silent, memory. */

const TICKS_A_SECOND = 100;

/** CPU seconds of a process, with all its threads. */
function cpuSeconds(pid: number): number {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]?.split(' ') ?? [];
  return (Number(fields[11]) + Number(fields[12])) / TICKS_A_SECOND;
}

const memoryMb = (pid: number, of: 'VmRSS' | 'VmHWM'): number =>
  Number(new RegExp(`${of}:\\s+(\\d+)`).exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** Asks how the server is, again and again; answers the longest it took, milliseconds, once it is told to stop. */
function listen(url: string): () => Promise<number> {
  let [longest, isOver] = [0, false];
  const watch = (async () => {
    while (!isOver) {
      const begin = performance.now();
      await (await fetch(`${url}/api/health`)).arrayBuffer();
      longest = Math.max(longest, performance.now() - begin);
      await pause(5);
    }
  })();
  return async () => {
    isOver = true;
    await watch;
    return longest;
  };
}

/** Waits until the server does nothing any more: it uses next to no CPU for half a second. */
async function untilIdle(pid: number): Promise<void> {
  for (let before = cpuSeconds(pid); ; ) {
    await pause(500);
    const after = cpuSeconds(pid);
    if (after - before <= 0.03) return;
    before = after;
  }
}

interface Figure {
  readonly what: string;
  readonly cpu: number;
  readonly wall: number;
  readonly silence: number;
}

async function measured(house: RunningHouse, what: string, act: () => Promise<unknown>): Promise<Figure> {
  await untilIdle(house.pid());
  const [cpu, begin] = [cpuSeconds(house.pid()), performance.now()];
  const silence = listen(house.url);
  await act();
  const wall = (performance.now() - begin) / 1000;
  const longest = await silence();
  return { what, wall, silence: longest, cpu: cpuSeconds(house.pid()) - cpu };
}

const shown = ({ what, cpu, wall, silence }: Figure): string =>
  `  ${what.padEnd(26)} ${cpu.toFixed(2).padStart(6)} CPU s, ${wall.toFixed(2).padStart(6)} s, silent for ${silence.toFixed(0)} ms at most`;

/** What is asked for by the logbook, the forecasts and Today. */
const ASKED = [
  ['over time', '/api/logs/over-time'],
  ['learnt', '/api/logs/learnt'],
  ['unread', '/api/unread'],
  ['what was felt', '/api/felt'],
  ['classes', '/api/sessions'],
] as const;

/** A server that is measured: what it answers, and the figures so far. */
function measuring(folder: string) {
  const figures: Figure[] = [];
  let house: RunningHouse | null = null;
  const running = (): RunningHouse => {
    if (!house) throw new Error('no server is running');
    return house;
  };
  const answered = async (path: string, init?: RequestInit): Promise<ArrayBuffer> => {
    const answer = await fetch(running().url + path, init);
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
    return answer.arrayBuffer();
  };
  return {
    figures,
    answered,
    memory: (of: 'VmRSS' | 'VmHWM') => memoryMb(running().pid(), of),
    start: async (what: string) => {
      const begin = performance.now();
      house = await openHouse({ folder });
      const [wall, cpu] = [(performance.now() - begin) / 1000, cpuSeconds(house.pid())];
      figures.push({ what: `${what}: until it answers`, cpu, wall, silence: 0 });
      await untilIdle(house.pid());
      figures.push({ what: `${what}: until warm`, cpu: cpuSeconds(house.pid()), wall: 0, silence: 0 });
    },
    stop: () => running().stop(),
    take: async (what: string, path: string, init?: RequestInit): Promise<ArrayBuffer> => {
      let bytes = new ArrayBuffer(0);
      const act = async () => {
        bytes = await answered(path, init);
      };
      figures.push(await measured(running(), what, act));
      return bytes;
    },
  };
}

const JSON_TYPE = { 'content-type': 'application/json' };

/** Backs up, takes an archive out and brings it back; answers how large it is, bytes. */
async function keep({ answered, take }: ReturnType<typeof measuring>): Promise<number> {
  const groups: unknown = JSON.parse(new TextDecoder().decode(await answered('/api/groups')));
  const [one] = z.array(z.looseObject({ id: z.string() })).parse(groups);
  const renamed = JSON.stringify({ ...one, name: 'Another name' });
  await answered(`/api/groups/${one?.id}`, { method: 'PUT', headers: JSON_TYPE, body: renamed });
  await take('backup', '/api/backups', { method: 'POST' });
  await take('backup, nothing changed', '/api/backups', { method: 'POST' });
  const zip = await take('archive out', '/api/archive');
  const sent = { method: 'POST', headers: { 'content-type': 'application/zip' }, body: zip };
  await take('archive compared', '/api/archive/difference', sent);
  await take('archive back', '/api/archive/restore', sent);
  return zip.byteLength;
}

/** The code of a record of the last class that was taught. */
async function codeOf({ answered }: ReturnType<typeof measuring>): Promise<string> {
  const { session } = StoredSession.parse(
    JSON.parse(new TextDecoder().decode(await answered('/api/sessions/years-0'))),
  );
  const leftOut = session.sections.flatMap(({ items }) => items.map(() => false));
  const beganAt = Date.parse('2026-12-01T18:00:00Z') / 60_000;
  return writeCode(session, { beganAt, tookMinutes: 60, came: 12, leftOut, taken: [] }) ?? '';
}

/**
 * Starts a server on a folder and has it do each thing that goes through everything, one after the other: with nothing worked out yet,
 * as after an update, and once more.
 * @returns CPU seconds by what was done, to see how they grow
 */
export async function serverFigures(folder: string): Promise<ReadonlyMap<string, number>> {
  const at = measuring(folder);
  await at.start('after an update');
  for (const [what, path] of ASKED) await at.take(`${what}, after an update`, path);
  await at.stop();
  await at.start('start');
  try {
    const rest = at.memory('VmRSS');
    for (const [what, path] of ASKED) {
      await at.take(`${what}, first`, path);
      await at.take(`${what}, then`, path);
    }
    const code = JSON.stringify({ code: await codeOf(at) });
    await at.take('record code', '/api/logs/carried', { method: 'POST', headers: JSON_TYPE, body: code });
    const archive = await keep(at);
    for (const figure of at.figures) console.log(shown(figure));
    const peak = at.memory('VmHWM');
    console.log(
      `  memory at rest ${rest.toFixed(0)} MB, at its peak ${peak.toFixed(0)} MB; archive ${(archive / 1e6).toFixed(1)} MB`,
    );
  } finally {
    await at.stop();
  }
  return new Map(at.figures.map(({ what, cpu }) => [what, cpu]));
}
