/** Marks an answer that did not come from the server now, but was kept on this machine from before. */
export const KEPT_HEADER = 'x-vesperum-kept';

/** What is kept of the server's answers: what a class is planned and taught with. */
const KEPT_PATHS = [
  /^\/api\/library$/,
  /^\/api\/movements\/traits$/,
  /^\/api\/(groups|halls|asides|passages|wording)$/,
  /^\/api\/sessions(\/[a-z0-9-]+)?$/,
  /^\/api\/logs(\/[a-z0-9-]+)?$/,
];

/** Those that every page asks for. */
export const ASKED_BY_ALL = [
  '/api/library',
  '/api/movements/traits',
  '/api/groups',
  '/api/halls',
  '/api/asides',
  '/api/passages',
  '/api/wording',
  '/api/sessions',
  '/api/logs',
];

/** The cache in which they are kept. */
export const ANSWERS = 'vesperum-answers';

/** Forgets all of them: what is asked for again is kept again, without whoever was erased meanwhile. */
export async function forgetAnswers(): Promise<void> {
  // A browser that keeps nothing has nothing to forget.
  if ('caches' in globalThis) await caches.delete(ANSWERS).catch(() => false);
}

/** Whether the answer of an address is kept for when the server is away. */
export const isKeptAnswer = (path: string): boolean => KEPT_PATHS.some((kept) => kept.test(path));
