import type { ClassHead, LineChange } from './edit';

/** What the fields of a class are called. */
export const HEAD_WORDS: Readonly<Record<keyof ClassHead, string>> = {
  title: 'name',
  groupId: 'group',
  date: 'day',
  startsAt: 'time',
  slotMinutes: 'slot',
  doors: 'set-up and clear-up',
  breath: 'breath',
  schools: 'how I teach it',
  takes: 'measured times',
  setAside: 'points left as they are',
  course: 'course',
  family: 'lengths of this class',
};

/** What the fields of a line are called. */
export const FIELD_WORDS: Readonly<Record<keyof LineChange, string>> = {
  movementId: 'movement',
  count: 'count',
  rounds: 'rounds',
  roundRest: 'rest between rounds',
  sides: 'sides',
  directions: 'directions',
  manner: 'how it is taught',
  ends: 'what ends it',
  range: 'count',
  settle: 'settle',
  variant: 'option',
  offers: 'options',
  layer: 'stage',
  breathing: 'breathing',
  schools: 'how I teach it',
  pace: 'pace',
  ownBreath: 'breath',
  pinned: 'fixed count',
  optional: 'may be left out',
  lower: 'deeper rounds',
  ramp: 'what grows',
  bridge: 'transition',
  facing: 'facing',
  depth: 'depth',
  cues: 'cues',
  focuses: 'focus',
  stands: 'where you stand',
  meanwhile: 'meanwhile',
  tags: 'tags',
  block: 'block',
  inRounds: 'rounds it is done in',
  note: 'note',
  script: 'reading',
  origin: 'course',
  ledBy: 'what sets the pace',
  seconds: 'time',
  endsByItself: 'what ends it',
};

const WORDS: Readonly<Record<string, string>> = { ...HEAD_WORDS, ...FIELD_WORDS, slot: HEAD_WORDS.slotMinutes };

/** A field of a line or of a class in words. */
export const fieldWord = (field: string): string => WORDS[field] ?? field;
