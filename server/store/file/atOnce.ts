import type { Database } from 'better-sqlite3';

/**
 * Something that is written wholly or not at all. It takes the right to write before it reads, so that it never finds out half way
 * that another is writing.
 */
export const atOnce = <Given extends unknown[], Answer>(
  database: Database,
  write: (...given: Given) => Answer,
): ((...given: Given) => Answer) => {
  const transaction = database.transaction(write);
  return (...given) => transaction.immediate(...given);
};
