import { seeded } from '../../core/course/weave/graph/seeded';
import type { RunningHouse } from '../runningHouse';
import { asText, mutated } from './mutate';
import { type Sample, samplesOf } from './samples';

/** What a run of mutated requests came to. */
export interface Fuzzed {
  readonly requests: number;
  /** How often each status was answered. */
  readonly statuses: Readonly<Record<string, number>>;
  /** The operations that were carried out at least once, such as `PUT /api/groups/{id}`. */
  readonly reached: readonly string[];
  /** Requests that were answered by a fault of the server, or not at all. */
  readonly faults: readonly string[];
  /** The longest the server answered nothing, milliseconds. */
  readonly longestSilence: number;
}

/** What is there is read anew after so many requests: much of it was written or taken away meanwhile. */
const READ_ANEW = 400;
/** Of ten requests so many are sent as they are. */
const SOUND = 0.3;

/** Names the operation that a request asks for, by the server's own description of what it answers. */
async function operationsOf({ url }: RunningHouse): Promise<(sample: Sample) => string | null> {
  const { paths } = (await (await fetch(`${url}/api/openapi.json`)).json()) as { paths: Record<string, object> };
  const known = Object.entries(paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => ({
      name: `${method.toUpperCase()} ${path}`,
      is: new RegExp(`^${path.replaceAll('.', '\\.').replaceAll(/\{\w+\}/g, '[^/]+')}$`),
      // A path in so many words goes before one with a place for any word.
      any: path.split('{').length,
    })),
  );
  known.sort((a, b) => a.any - b.any);
  return ({ method, path }) =>
    known.find(({ name, is }) => name.startsWith(`${method} `) && is.test(path.split('?')[0] ?? ''))?.name ?? null;
}

/**
 * Sends mutated requests, the same ones for the same seed, and watches that the server answers each without a fault of its own and
 * never falls silent for long.
 */
export async function fuzz(house: RunningHouse, requests: number, seed: number): Promise<Fuzzed> {
  const random = seeded(seed);
  const operationOf = await operationsOf(house);
  const reached = new Set<string>();
  let samples: readonly Sample[] = [];
  const statuses: Record<string, number> = {};
  const faults: string[] = [];
  let longestSilence = 0;
  let isOver = false;
  const watch = (async () => {
    while (!isOver) {
      const begin = performance.now();
      await fetch(`${house.url}/api/health`).catch(() => faults.push('health: no answer'));
      longestSilence = Math.max(longestSilence, performance.now() - begin);
      await new Promise((resolve) => setTimeout(resolve, 10));
    }
  })();
  for (let at = 0; at < requests; at += 1) {
    if (at % READ_ANEW === 0) samples = await samplesOf(house);
    const sample = samples[Math.floor(random() * samples.length)] as Sample;
    const isSound = random() < SOUND;
    let body = sample.body;
    if (!isSound)
      for (let times = 1 + Math.floor(random() * 3); body !== undefined && times > 0; times -= 1)
        body = mutated(body, random);
    const path =
      !isSound && random() < 0.1
        ? `${sample.path}${['%00', '/..', '%ff', '?a=%'][Math.floor(random() * 4)]}`
        : sample.path;
    const text = body === undefined ? undefined : isSound ? JSON.stringify(body) : asText(body, random);
    try {
      const answer = await fetch(house.url + path, {
        method: sample.method,
        ...(text !== undefined && { body: text, headers: { 'content-type': 'application/json' } }),
      });
      await answer.text();
      const operation = operationOf({ ...sample, path });
      if (answer.ok && operation !== null) reached.add(operation);
      statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
      if (answer.status >= 500) faults.push(`${answer.status} ${sample.method} ${path} ${text?.slice(0, 400)}`);
    } catch (error) {
      faults.push(`${sample.method} ${path}: ${String(error)} ${text?.slice(0, 400)}`);
    }
  }
  isOver = true;
  await watch;
  return { requests, statuses, reached: [...reached].toSorted(), faults, longestSilence };
}
