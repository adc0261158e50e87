import type { Database } from 'better-sqlite3';

/** The name another file is attached by. */
const OTHER = 'other';

/** Does something with another file beside the open one. */
export function withAttached<Answer>(database: Database, file: string, act: (of: string) => Answer): Answer {
  database.prepare(`ATTACH DATABASE ? AS ${OTHER}`).run(file);
  try {
    return act(OTHER);
  } finally {
    database.exec(`DETACH DATABASE ${OTHER}`);
  }
}
