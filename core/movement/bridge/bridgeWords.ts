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
