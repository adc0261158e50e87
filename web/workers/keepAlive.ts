/**
 * Holds a lock in this worker's name for as long as it lives. The page that started it waits for the lock: when it gets it, the worker
 * is gone, however it went.
 * @returns once the lock is held
 */
export const holdLife = (): Promise<boolean> =>
  new Promise((resolve) => {
    if (!navigator.locks) return resolve(true);
    void navigator.locks.request(self.name, () => {
      resolve(true);
      return new Promise<never>(() => undefined);
    });
  });
