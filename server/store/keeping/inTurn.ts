const last = new Map<string, Promise<unknown>>();

/**
 * Does what concerns all of a folder's data, one after the other: two backups at once, or a backup while other data is brought back,
 * would take each other's files away.
 */
export function inTurn<Answer>(dataFolder: string, act: () => Promise<Answer>): Promise<Answer> {
  const before = last.get(dataFolder) ?? Promise.resolve();
  const now = before.then(act, act);
  const over = now.catch(() => undefined);
  last.set(dataFolder, over);
  void over.then(() => {
    if (last.get(dataFolder) === over) last.delete(dataFolder);
  });
  return now;
}
