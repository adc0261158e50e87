import { carryPose, type Pose } from '../../body/standing/pose';
import { standIn } from '../../body/standing/stand';
import type { Side } from '../../body/written/side';
import type { Form } from '../schema/form';
import type { Movement } from '../schema/movement';
import { startFor, writtenSide } from '../walk/cycleFor';
import type { Stride } from '../walk/stride';
import { walkMovement } from '../walk/walkMovement';
import { type Bridge, bridgeBetween } from './bridge';
import { bridgeStrides } from './bridgeStrides';

/** One entry of a form as it is walked, with the steps that lead to it. */
export interface WalkedEntry {
  readonly movement: Movement;
  readonly side: Side | null;
  /** From where the entry before ended; null where nothing has to be done or no way is known. */
  readonly bridge: Bridge | null;
  readonly strides: readonly Stride[];
}

export interface WalkedForm {
  readonly entries: readonly WalkedEntry[];
  /** Entries whose movement the repertoire does not hold, by their place. */
  readonly missing: readonly number[];
  /** Entries that cannot be reached from where the one before ends. */
  readonly unreachable: readonly number[];
}

/**
 * Walks a form as one, each entry begun where the feet are.
 * @param upTo only the first so many entries: the form as far as it is known
 */
export function walkForm(
  form: Form,
  find: (id: string) => Movement | undefined,
  upTo = form.entries.length,
): WalkedForm {
  const entries: WalkedEntry[] = [];
  const missing: number[] = [];
  const unreachable: number[] = [];
  let at: Pose | null = null;
  form.entries.slice(0, upTo).forEach((entry, index) => {
    const movement = find(entry.movementId);
    if (!movement) {
      missing.push(index);
      return;
    }
    const side = writtenSide(movement) === null ? null : (entry.side ?? writtenSide(movement));
    const start = carryPose(standIn(startFor(movement, side)), { angle: entry.facing, x: 0, y: 0 });
    const bridge = at === null ? null : bridgeBetween(at, start);
    if (at !== null && bridge === null) unreachable.push(index);
    const led: Stride[] = at && bridge ? bridgeStrides(at, start, bridge) : [];
    const begun = led.at(-1)?.to ?? (at === null ? start : { ...start, feet: bridge?.feet ?? start.feet });
    const walked = walkMovement(movement, { side, cycles: entry.cycles, facing: entry.facing }, begun).map(
      ({ stride }) => stride,
    );
    const strides = [...led, ...walked];
    entries.push({ movement, side, bridge: bridge && bridge.actions.length > 0 ? bridge : null, strides });
    at = strides.at(-1)?.to ?? begun;
  });
  return { entries, missing, unreachable };
}
