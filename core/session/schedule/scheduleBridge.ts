import type { Pose } from '../../body/standing/pose';
import { bridgeCall, bridgeHalves } from '../../movement/bridge/bridgeWords';
import type { Breath, Phase } from '../../movement/schema/phase';
import { FREE_STEP } from '../../timing/timingConstants';
import type { HandBridge } from '../plan/session';
import type { ScheduledBridge } from '../timeline/segment';
import { bridgeInto } from './bridgeInto';

/** How the class stands when a line begins, and what it last breathed; null where it does not go straight on. */
export interface Arrival {
  readonly pose: Pose;
  readonly breath: Breath | null;
}

const isCounted = (breath: Breath | null): breath is 'in' | 'out' => breath === 'in' || breath === 'out';

const half = (breath: Breath, call: string): Phase => ({
  breath,
  length: breath === 'natural' ? { kind: 'breaths', breaths: 0.5 } : { kind: 'span', share: 1 },
  to: {},
  windows: {},
  handPath: 'front',
  overlays: [],
  call,
});

/** So many breath halves that end just before the next movement's own first half. */
export function halvesBefore(halves: number, next: Breath, call: string): Phase[] {
  if (!isCounted(next)) return Array.from({ length: halves }, () => half('natural', call));
  const other = next === 'in' ? 'out' : 'in';
  return Array.from({ length: halves }, (_, index) => half((halves - index) % 2 === 1 ? other : next, call));
}

/** The steps into a line: by the breath as phases, or free as seconds; null where there are none. */
export type StepsInto =
  | (Omit<ScheduledBridge, 'lengthMs'> & { readonly phases: readonly Phase[]; readonly seconds: number })
  | null;

/**
 * The steps that lead into a line. Where it goes straight on from one breathing movement to the next they take breath halves, so
 * many that the next begins on its own; otherwise everybody steps freely.
 * @param next the breath the line begins with
 */
export function stepsInto(arrival: Arrival, goal: Pose, next: Breath, byHand: HandBridge | null): StepsInto {
  if (byHand) {
    const { halves, call } = byHand;
    if (halves === 0) return null;
    return { led: 'by-hand', halves, call, phases: halvesBefore(halves, next, call), seconds: 0 };
  }
  const way = bridgeInto(arrival.pose, goal);
  if (way === 'none') return null;
  if (way === 'missing') return { led: 'missing', halves: 0, call: '', phases: [], seconds: 0 };
  const call = bridgeCall(way);
  const goesOn = isCounted(arrival.breath) && isCounted(next);
  if (!goesOn) return { led: 'free', halves: way.halves, call, phases: [], seconds: way.actions.length * FREE_STEP };
  const halves = bridgeHalves(way, arrival.breath, next);
  return { led: 'breath', halves, call, phases: halvesBefore(halves, next, call), seconds: 0 };
}
