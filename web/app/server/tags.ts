/** What the server holds, by kind: a change of one asks anew what shows it. */
export const TAGS = [
  'sessions',
  'session',
  'courses',
  'logs',
  'library',
  'groups',
  'asides',
  'passages',
  'practice',
  'wording',
  'backups',
  'sessionPages',
  'people',
  'halls',
] as const;
