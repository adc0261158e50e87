import { readFileSync } from 'node:fs';
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

/**
 * Starts a server on a folder and has it do each thing that goes through everything, one after the other.
 * @returns CPU seconds by what was done, to see how they grow
 */
export async function serverFigures(folder: string): Promise<ReadonlyMap<string, number>> {
  const figures: Figure[] = [];
  const start = async (what: string): Promise<RunningHouse> => {
    const begin = performance.now();
    const house = await openHouse({ folder });
    const [wall, cpu] = [(performance.now() - begin) / 1000, cpuSeconds(house.pid())];
    figures.push({ what: `${what}: until it answers`, cpu, wall, silence: 0 });
    await untilIdle(house.pid());
    figures.push({ what: `${what}: until warm`, cpu: cpuSeconds(house.pid()), wall: 0, silence: 0 });
    return house;
  };
  await (await start('first start')).stop();
  const house = await start('start');
  const answered = async (path: string, init?: RequestInit): Promise<ArrayBuffer> => {
    const answer = await fetch(house.url + path, init);
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
    return answer.arrayBuffer();
  };
  const take = async (what: string, path: string, init?: RequestInit) => {
    let bytes = new ArrayBuffer(0);
    figures.push(
      await measured(house, what, async () => {
        bytes = await answered(path, init);
      }),
    );
    return bytes;
  };
  try {
    const rest = memoryMb(house.pid(), 'VmRSS');
    for (const [what, path] of [
      ['over time', '/api/logs/over-time'],
      ['learnt', '/api/logs/learnt'],
      ['unread', '/api/unread'],
      ['what was felt', '/api/felt'],
      ['classes', '/api/sessions'],
    ] as const) {
      await take(`${what}, first`, path);
      await take(`${what}, then`, path);
    }
    const json = { method: 'POST', headers: { 'content-type': 'application/json' } };
    figures.push(
      await measured(house, 'record code', () =>
        fetch(`${house.url}/api/logs/carried`, { ...json, body: JSON.stringify({ code: '0123 4567 89AB CDEF' }) }),
      ),
    );
    const group = new Uint8Array(await answered('/api/groups'));
    const [one] = JSON.parse(new TextDecoder().decode(group)) as { id: string; revision: number }[];
    if (one)
      await answered(`/api/groups/${one.id}`, {
        ...json,
        method: 'PUT',
        body: JSON.stringify({ ...one, name: 'Another name' }),
      });
    await take('backup', '/api/backups', { method: 'POST' });
    await take('backup, nothing changed', '/api/backups', { method: 'POST' });
    const zip = await take('archive out', '/api/archive');
    const sent = { method: 'POST', headers: { 'content-type': 'application/zip' }, body: zip };
    await take('archive compared', '/api/archive/difference', sent);
    await take('archive back', '/api/archive/restore', sent);
    await untilIdle(house.pid());
    for (const figure of figures) console.log(shown(figure));
    console.log(
      `  memory at rest ${rest.toFixed(0)} MB, at its peak ${memoryMb(house.pid(), 'VmHWM').toFixed(0)} MB; archive ${(zip.byteLength / 1e6).toFixed(1)} MB`,
    );
  } finally {
    await house.stop();
  }
  return new Map(figures.map(({ what, cpu }) => [what, cpu]));
}
