import type { Pose } from '../../body/standing/pose';
import { bridgeCall } from '../../movement/bridge/bridgeWords';
import type { Breath, Phase } from '../../movement/schema/phase';
import type { HandBridge } from '../plan/session';
import type { ScheduledBridge } from '../timeline/segment';
import { bridgeInto } from './bridgeInto';
import { beginsStepping, feetSeconds, type Into } from './linkSeconds';

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

/** The steps into a line: by hand as phases, or worked out as seconds that the feet need, and whether the line may take them in as it begins; null where there are none. */
export type StepsInto =
  | (Omit<ScheduledBridge, 'lengthMs'> & {
      readonly phases: readonly Phase[];
      readonly feet: number;
      readonly isTakenIn: boolean;
    })
  | null;

const NO_FEET = { feet: 0, isTakenIn: true } as const;

/** Where a line begins. */
export interface Beginning extends Into {
  readonly goal: Pose;
  /** The breath it begins with. */
  readonly breath: Breath;
}

/**
 * The steps that lead into a line from where the class stands. The breath goes on as it comes meanwhile; steps given by hand take
 * breath halves, so that the line begins on its own.
 */
export function stepsInto(arrival: Arrival, beginning: Beginning, byHand: HandBridge | null): StepsInto {
  if (byHand) {
    const { halves, call } = byHand;
    if (halves === 0) return null;
    return { led: 'by-hand', halves, call, phases: halvesBefore(halves, beginning.breath, call), ...NO_FEET };
  }
  const way = bridgeInto(arrival.pose, beginning.goal);
  if (way === 'none') return null;
  if (way === 'missing') return { led: 'missing', halves: 0, call: '', phases: [], ...NO_FEET };
  const led = isCounted(arrival.breath) && isCounted(beginning.breath) ? 'flowing' : 'free';
  const feet = feetSeconds(way.actions, arrival.pose.load, beginning);
  return { led, halves: way.halves, call: bridgeCall(way), phases: [], feet, isTakenIn: !beginsStepping(beginning) };
}
