import type { Breath } from '../schema/phase';
import type { Bridge } from './bridge';
import type { BridgeAction } from './bridgeActions';

const WORDS: Readonly<Record<BridgeAction['kind'], (foot: string) => string>> = {
  shift: (foot) => (foot === '' ? 'weight to the middle' : `weight ${foot}`),
  step: (foot) => `step ${foot}`,
  close: (foot) => `bring the ${foot} foot in`,
  turn: (foot) => `turn the ${foot} foot`,
  sit: () => 'sit down',
  stand: () => 'stand up',
};

/** What is said for a bridge: "Weight right, step left, weight to the middle". Empty when nothing has to be done. */
export function bridgeCall({ actions }: Bridge): string {
  const said = actions.map(({ kind, foot }) => WORDS[kind](foot ?? '')).join(', ');
  return said.charAt(0).toUpperCase() + said.slice(1);
}

/**
 * The breath halves a bridge is given so that the next movement begins on its own breath half: what it takes, rounded up,
 * and one more where the halves would not come out even.
 * @param last the breath before it; natural breathing has no halves to keep
 */
export function bridgeHalves({ halves }: Bridge, last: Breath | null, next: Breath | null): number {
  const whole = Math.max(0, Math.ceil(halves - 1e-9));
  const counted = (breath: Breath | null): breath is 'in' | 'out' => breath === 'in' || breath === 'out';
  if (whole === 0 || !counted(last) || !counted(next)) return whole;
  const even = last !== next;
  return (whole % 2 === 0) === even ? whole : whole + 1;
}
