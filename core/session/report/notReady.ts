import type { FindMovement } from '../../movement/schema/movement';
import type { Session } from '../plan/session';
import type { Timeline } from '../timeline/segment';
import { forecastFor } from './forecast';
import { slotVerdict } from './slotVerdict';

/** Something about a class that is not ready to be taught. */
export type Lack =
  | { readonly kind: 'nothing planned' }
  | { readonly kind: 'no day' }
  | { readonly kind: 'over' | 'under'; readonly ms: number }
  | { readonly kind: 'empty section'; readonly section: 'warm-up' | 'main' | 'cool-down' };

/** What a class still lacks: a day, enough or little enough to do, a warm-up, a main part, a cool-down. */
export function notReady(session: Session, timeline: Timeline, find: FindMovement): Lack[] {
  if (timeline.totalMs === 0) return [{ kind: 'nothing planned' }];
  const lacks: Lack[] = [];
  if (session.date === null) lacks.push({ kind: 'no day' });
  const { state, beyondMs } = slotVerdict(forecastFor(session, timeline, find), session);
  if (state === 'over' || state === 'under') lacks.push({ kind: state, ms: Math.abs(beyondMs) });
  for (const section of ['warm-up', 'main', 'cool-down'] as const) {
    const planned = timeline.sections.some(({ kind, lengthMs }) => kind === section && lengthMs > 0);
    if (!planned) lacks.push({ kind: 'empty section', section });
  }
  return lacks;
}
