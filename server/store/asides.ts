import type { Database } from 'better-sqlite3';
import { AsideRule } from '../../core/session/plan/setAside';

export interface AsideStore {
  all(): AsideRule[];
  put(rule: AsideRule, now: string): void;
  /** Answers whether there was one. */
  remove(code: string, movement: string): boolean;
}

export function asideStore(database: Database): AsideStore {
  const all = database.prepare('SELECT code, movement, reason FROM aside_rules ORDER BY code, movement');
  const put = database.prepare(
    'INSERT OR REPLACE INTO aside_rules (code, movement, reason, set_at) VALUES (@code, @movement, @reason, @now)',
  );
  const remove = database.prepare('DELETE FROM aside_rules WHERE code = ? AND movement = ?');
  return {
    all: () => all.all().map((row) => AsideRule.parse(row)),
    put: (rule, now) => {
      put.run({ ...rule, now });
    },
    remove: (code, movement) => remove.run(code, movement).changes > 0,
  };
}
