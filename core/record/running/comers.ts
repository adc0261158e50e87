import type { Teaching } from '../standing/teaching';

/** A welcome takes a minute: the plan stands for so long, milliseconds. Convention. */
export const WELCOME_MS = 60_000;

/** Somebody has come for the first time: counted without a name, and the plan stands for a minute to welcome them. */
export const welcomeNewcomer = (teaching: Teaching): Teaching => ({
  ...teaching,
  walkIns: teaching.walkIns + 1,
  welcomeMs: teaching.welcomeMs + WELCOME_MS,
});

/** The last newcomer was none: what is left of the welcome is not waited for. */
export const unwelcomeNewcomer = (teaching: Teaching): Teaching => ({
  ...teaching,
  walkIns: Math.max(0, teaching.walkIns - 1),
  welcomeMs: 0,
});

/** Marks somebody as being there; pressed again, as not. */
export const markPresent = (teaching: Teaching, id: string): Teaching => ({
  ...teaching,
  present: teaching.present.includes(id) ? teaching.present.filter((one) => one !== id) : [...teaching.present, id],
});

/** How many are there, as far as it was noted: null where nobody was marked. */
export const attendanceOf = ({ present, walkIns }: Pick<Teaching, 'present' | 'walkIns'>): number | null =>
  present.length === 0 ? null : present.length + walkIns;

/** What a record says of those who came for the first time; empty where nobody did. */
export const newcomerNote = ({ walkIns }: Pick<Teaching, 'walkIns'>): string => {
  if (walkIns === 0) return '';
  return walkIns === 1 ? 'One came for the first time.' : `${walkIns} came for the first time.`;
};
