import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { RunningHouse } from '../runningHouse';

/** What is written while a server is killed, and what must be there when it comes back. */

export interface Writer {
  /** Writes until nobody answers any more; tells each write that was answered. */
  write(url: string, onAnswered: () => void): Promise<void>;
  /** Of what was answered, what is not there, or not whole. */
  lost(house: RunningHouse): Promise<readonly string[]>;
}

interface StoredClass {
  readonly session: Readonly<Record<string, unknown>> & { readonly id: string; readonly title: string };
  readonly revision: number;
}

/** Asks a server that may be killed before it answers; null where it does not, or refuses. */
export async function ask<Answer>(url: string, method: string, path: string, body?: unknown): Promise<Answer | null> {
  try {
    const answer = await fetch(url + path, {
      method,
      ...(body !== undefined && { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    });
    if (!answer.ok) return null;
    return answer.status === 204 ? ({} as Answer) : ((await answer.json()) as Answer);
  } catch {
    return null;
  }
}

/** A class that is made and then saved over and over. */
export function classWriter(like: StoredClass['session'], id: string): Writer {
  let last: { readonly title: string; readonly revision: number } | null = null;
  return {
    async write(url, onAnswered) {
      const session = { ...like, id, course: null };
      if (!(await ask(url, 'POST', '/api/sessions', { session: { ...session, title: 'new' } }))) return;
      last = { title: 'new', revision: 1 };
      onAnswered();
      for (let time = 1; ; time += 1) {
        const title = `time ${time}`;
        const body: unknown = { session: { ...session, title }, revision: last.revision };
        const saved: StoredClass | null = await ask(url, 'PUT', `/api/sessions/${id}`, body);
        if (!saved) return;
        last = { title, revision: saved.revision };
        onAnswered();
      }
    },
    async lost({ url }) {
      if (!last) return [];
      const there = await ask<StoredClass>(url, 'GET', `/api/sessions/${id}`);
      // One save more than was answered may be there: it was written, and its answer did not come through.
      const isWhole =
        there !== null &&
        (there.revision === last.revision ? there.session.title === last.title : there.revision === last.revision + 1);
      return isWhole ? [] : [`${id}: ${JSON.stringify(last)} became ${JSON.stringify(there?.session.title ?? null)}`];
    },
  };
}

interface Log {
  readonly id: string;
  readonly items: readonly unknown[];
}

/** Records of one class, evening after evening. */
export function recorder(like: Log, name: string): Writer {
  const written: string[] = [];
  return {
    async write(url, onAnswered) {
      for (let time = 0; ; time += 1) {
        const id = `${name}-${time}`;
        const began = Date.UTC(2020, 0, 1, 18) + (Number(/\d+/.exec(name)?.[0] ?? 0) * 1000 + time) * 7_200_000;
        const [startedAt, endedAt] = [0, 3_600_000].map((ms) => new Date(began + ms).toISOString());
        if (!(await ask(url, 'POST', '/api/logs', { log: { ...like, id, startedAt, endedAt } }))) return;
        written.push(id);
        onAnswered();
      }
    },
    async lost({ url }) {
      const lost: string[] = [];
      for (const id of written) {
        const there = await ask<Log>(url, 'GET', `/api/logs/${id}`);
        if (there?.items.length !== like.items.length) lost.push(`${id}: ${there?.items.length ?? 'no'} lines`);
      }
      return lost;
    },
  };
}

/** Somebody comes, and is forgotten: nothing of them may come back, nor stand in the file. */
export function forgetter(like: object, name: string): Writer {
  const forgotten: string[] = [];
  return {
    async write(url, onAnswered) {
      for (let time = 0; ; time += 1) {
        const [id, called] = [`${name}-${time}`, `Forgotten${name.replaceAll('-', '')}x${time}x`];
        if (!(await ask(url, 'PUT', `/api/people/${id}`, { ...like, id, called }))) return;
        onAnswered();
        if (!(await ask(url, 'DELETE', `/api/people/${id}`))) return;
        forgotten.push(called);
        onAnswered();
      }
    },
    async lost({ folder }) {
      const files = readdirSync(folder).filter((file) => file.startsWith('vesperum.sqlite'));
      const text = files.map((file) => readFileSync(join(folder, file), 'latin1')).join('\n');
      return forgotten.filter((called) => text.includes(called)).map((called) => `${called} is not forgotten`);
    },
  };
}

/** Classes of a course are drawn up, and drawn up again: each is there with what it was drawn up as, and only once. */
export function drawer(like: StoredClass['session'], name: string): Writer {
  const drawn: { readonly id: string; readonly classId: string; title: string; revision: number }[] = [];
  return {
    async write(url, onAnswered) {
      for (let time = 0; ; time += 1) {
        const [id, classId] = [`${name}-${time}`, `drawn-${name}-${time}`];
        const session = { ...like, id, title: 'first', course: { id: 'drawn-in-the-crash', classId } };
        const first = await ask<StoredClass>(url, 'POST', '/api/sessions', { session });
        if (!first) return;
        const last = { id, classId, title: 'first', revision: first.revision };
        drawn.push(last);
        onAnswered();
        const again = { ...session, title: 'again' };
        const body = { session: again, base: again, revision: first.revision };
        const redrawn: StoredClass | null = await ask(url, 'PUT', `/api/sessions/${id}/redrawn`, body);
        if (!redrawn) return;
        Object.assign(last, { title: 'again', revision: redrawn.revision });
        onAnswered();
      }
    },
    async lost({ url }) {
      const lost: string[] = [];
      for (const { id, classId, title, revision } of drawn) {
        const [there, base] = await Promise.all([
          ask<StoredClass>(url, 'GET', `/api/sessions/${id}`),
          ask<Pick<StoredClass, 'session'>>(url, 'GET', `/api/sessions/${id}/base`),
        ]);
        const isWhole = there?.revision === revision ? there.session.title === title : there?.revision === revision + 1;
        if (!isWhole) lost.push(`${id}: ${title} became ${there?.session.title ?? 'nothing'}`);
        if (there && base?.session.title !== there.session.title) lost.push(`${id} was drawn up as another`);
        const twin = { ...like, id: `${id}-twin`, course: { id: 'drawn-in-the-crash', classId } };
        if (await ask(url, 'POST', '/api/sessions', { session: twin })) lost.push(`${id} is there twice`);
      }
      return lost;
    },
  };
}

/** Backups, one after the other: each that is there can be compared, and no half one is left. */
export function backupMaker(): Writer {
  return {
    async write(url, onAnswered) {
      while (await ask(url, 'POST', '/api/backups')) onAnswered();
    },
    async lost({ url, folder }) {
      const { backups } = (await ask<{ backups: { name: string }[] }>(url, 'GET', '/api/keeping')) ?? { backups: [] };
      const [latest] = backups;
      const isWhole = !latest || (await ask(url, 'GET', `/api/backups/${latest.name}/difference`)) !== null;
      const half = readdirSync(folder).filter((file) => file.startsWith('incoming-'));
      return [...(isWhole ? [] : [`${latest?.name} cannot be compared`]), ...half.map((file) => `${file} is left`)];
    },
  };
}
