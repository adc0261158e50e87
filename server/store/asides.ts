import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import { AsideRule } from '../../core/session/plan/setAside';
import { type LenientReader, readLeniently } from './unread';

export interface AsideStore {
  all(): AsideRule[];
  put(rule: AsideRule, now: string): void;
  /** Answers whether there was one. */
  remove(code: string, movement: string): boolean;
}

const Row = z.object({ code: z.string(), movement: z.string() });

export function asideStore(database: Database, reader: LenientReader = readLeniently()): AsideStore {
  const all = database.prepare('SELECT code, movement, reason FROM aside_rules ORDER BY code, movement');
  const put = database.prepare(
    'INSERT OR REPLACE INTO aside_rules (code, movement, reason, set_at) VALUES (@code, @movement, @reason, @now)',
  );
  const remove = database.prepare('DELETE FROM aside_rules WHERE code = ? AND movement = ?');
  return {
    all: () =>
      all.all().flatMap((row) => {
        const { code, movement } = Row.parse(row);
        const id = `${code} ${movement}`.trim();
        return reader.read('point left as it is', id, JSON.stringify(row), (json) => AsideRule.parse(json)) ?? [];
      }),
    put: (rule, now) => {
      put.run({ ...rule, now });
    },
    remove: (code, movement) => remove.run(code, movement).changes > 0,
  };
}
