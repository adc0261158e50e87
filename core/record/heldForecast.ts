import type { ClassLog } from './classLog';

/** How one class ended against when it was said that eight in ten such classes have ended. */
export interface Held {
  readonly safeMs: number;
  readonly actualMs: number;
}

/** How the forecasts of some classes were borne out. */
export interface ForecastHeld {
  /** Of so many classes that were taught as planned, and in how many it held. */
  readonly classes: number;
  readonly held: number;
  /** Six or fewer of the last ten held, where eight should: it is too sure of itself. */
  readonly isTooSure: boolean;
}

/** It is judged by so many classes, the last ones; where so many or fewer held it was too sure. Conventions. */
const JUDGED_BY = 10;
const TOO_FEW = 6;

/** Whether a class was taught as planned: nothing was left out of it or cut short. Others say nothing about a forecast. */
export const wasWhole = ({ items }: Pick<ClassLog, 'items'>): boolean =>
  items.length > 0 && items.every(({ outcome }) => outcome === 'done' || outcome === 'done more');

/** How long a class was taught, milliseconds. */
export const taughtMs = ({ items }: Pick<ClassLog, 'items'>): number =>
  items.reduce((sum, { actualMs }) => sum + actualMs, 0);

/** @param classes those that were taught as planned, the oldest first */
export function forecastHeld(classes: readonly Held[]): ForecastHeld {
  const holds = ({ safeMs, actualMs }: Held): boolean => actualMs <= safeMs;
  const last = classes.slice(-JUDGED_BY);
  return {
    classes: classes.length,
    held: classes.filter(holds).length,
    isTooSure: last.length === JUDGED_BY && last.filter(holds).length <= TOO_FEW,
  };
}
