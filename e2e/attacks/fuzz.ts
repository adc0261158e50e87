import { seeded } from '../../core/course/weave/graph/seeded';
import type { RunningHouse } from '../runningHouse';

/** What a run of mutated requests came to. */
export interface Fuzzed {
  readonly requests: number;
  /** How often each status was answered. */
  readonly statuses: Readonly<Record<string, number>>;
  /** Requests that were answered by a fault of the server, or not at all. */
  readonly faults: readonly string[];
  /** The longest the server answered nothing, milliseconds. */
  readonly longestSilence: number;
}

interface Sample {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}

/** Values that have broken servers: empty, huge, negative, of another kind, halves of characters, names every object has. */
const HOSTILE: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  1e308,
  -0.5,
  3600,
  '',
  ' ',
  '\0',
  '\ud800',
  '__proto__',
  'constructor',
  '../../etc/passwd',
  "'; DROP TABLE sessions; --",
  '<script>alert(1)</script>',
  '=1+1',
  '2026-13-45',
  '25:99',
  'x'.repeat(5000),
  [],
  {},
  [[[[[[]]]]]],
  { __proto__: { a: 1 } },
  Array.from({ length: 300 }, (_, i) => i),
];

/** What is really there, as a beginning: every list and every document, and what writes each. */
async function samplesOf({ url }: RunningHouse): Promise<Sample[]> {
  const get = async (path: string): Promise<unknown> => (await fetch(url + path)).json();
  const idsOf = (rows: unknown, key = 'id'): string[] =>
    Array.isArray(rows) ? rows.flatMap((row) => (row && typeof row === 'object' ? String(row[key]) : [])) : [];
  const samples: Sample[] = [];
  const add = (method: string, path: string, body?: unknown) => samples.push({ method, path, body });
  for (const id of idsOf(await get('/api/sessions')).slice(0, 3)) {
    const stored = (await get(`/api/sessions/${id}`)) as { session: object; revision: number };
    add('GET', `/api/sessions/${id}`);
    add('PUT', `/api/sessions/${id}`, { session: stored.session, revision: stored.revision });
    add('POST', '/api/sessions', { session: { ...stored.session, id: `${id}-copy` } });
    add('POST', '/api/compute/timeline', { session: stored.session, movements: [] });
    add('POST', '/api/sessions/file', {
      id: 'from-a-file',
      text: JSON.stringify({ format: 'vesperum-class', version: 1, session: stored.session, movements: [] }),
    });
  }
  for (const group of ((await get('/api/groups')) as { id: string }[]).slice(0, 2)) {
    add('PUT', `/api/groups/${group.id}`, group);
    add('POST', '/api/groups', { ...group, id: `${group.id}-copy` });
  }
  const courses = (await get('/api/courses')) as { course: { id: string }; revision: number }[];
  for (const { course, revision } of courses.slice(0, 2)) {
    add('PUT', `/api/courses/${course.id}`, { course, revision });
    add('GET', `/api/courses/${course.id}/calendar`);
  }
  for (const id of idsOf(await get('/api/logs')).slice(0, 2)) add('GET', `/api/logs/${id}`);
  const movement = await get('/api/movements/cloud-hands');
  add('PUT', '/api/movements/cloud-hands', { movement, basedOn: 'cloud-hands' });
  add('POST', '/api/movements/file', {
    format: 'json',
    text: JSON.stringify({ format: 'vesperum-movements/1', movements: [movement] }),
  });
  add('POST', '/api/movements/file', { format: 'csv', text: 'id,about\ncloud-hands,"Hands as clouds, drifting by"' });
  add('PUT', '/api/passages/kept-one', { id: 'kept-one', name: 'One', items: [], blocks: [] });
  add('PUT', '/api/wording/cloud-hands', { movementId: 'cloud-hands', calls: {} });
  add('POST', '/api/logs', { id: 'log-x', sessionId: 'evening-week-4', events: [] });
  return samples;
}

/** A value with one of its places changed: another value, one missing, one too many, one doubled. */
function mutated(value: unknown, random: () => number): unknown {
  const hostile = () => HOSTILE[Math.floor(random() * HOSTILE.length)];
  if (typeof value !== 'object' || value === null || random() < 0.08) return hostile();
  if (Array.isArray(value)) {
    if (value.length === 0 || random() < 0.15) return [...value, hostile()];
    const at = Math.floor(random() * value.length);
    if (random() < 0.15) return value.toSpliced(at, 1);
    if (random() < 0.15) return [...value, value[at]];
    return value.with(at, mutated(value[at], random));
  }
  const keys = Object.keys(value);
  const key = keys[Math.floor(random() * keys.length)];
  if (key === undefined || random() < 0.05) return { ...value, [String(hostile()).slice(0, 40)]: hostile() };
  if (random() < 0.08) return Object.fromEntries(Object.entries(value).filter(([one]) => one !== key));
  return { ...value, [key]: mutated((value as Record<string, unknown>)[key], random) };
}

/** A body as text: as it is, or cut off, or with a byte changed. */
function asText(body: unknown, random: () => number): string {
  const text = JSON.stringify(body) ?? '';
  if (random() < 0.03) return text.slice(0, Math.floor(random() * text.length));
  if (random() < 0.03) return text.replace(/[0-9]/, '\\u0000');
  return text;
}

/**
 * Sends mutated requests, the same ones for the same seed, and watches that the server answers each without a fault of its own and
 * never falls silent for long.
 */
export async function fuzz(house: RunningHouse, requests: number, seed: number): Promise<Fuzzed> {
  const random = seeded(seed);
  const samples = await samplesOf(house);
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
    const sample = samples[Math.floor(random() * samples.length)] as Sample;
    let body = sample.body;
    for (let times = 1 + Math.floor(random() * 3); body !== undefined && times > 0; times -= 1)
      body = mutated(body, random);
    const path =
      random() < 0.1 ? `${sample.path}${['%00', '/..', '%ff', '?a=%'][Math.floor(random() * 4)]}` : sample.path;
    const text = body === undefined ? undefined : asText(body, random);
    try {
      const answer = await fetch(house.url + path, {
        method: sample.method,
        ...(text !== undefined && { body: text, headers: { 'content-type': 'application/json' } }),
      });
      await answer.text();
      statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
      if (answer.status >= 500) faults.push(`${answer.status} ${sample.method} ${path} ${text?.slice(0, 400)}`);
    } catch (error) {
      faults.push(`${sample.method} ${path}: ${String(error)} ${text?.slice(0, 400)}`);
    }
  }
  isOver = true;
  await watch;
  return { requests, statuses, faults, longestSilence };
}
