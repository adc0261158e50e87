import type { Movement } from '../../movement/schema/movement';
import { pointsAt } from '../../movement/schema/teachingWords';
import { breathMannerWords } from '../../movement/walk/breathManner';
import { type Depth, depthWords } from '../plan/line/depth';
import type { MovementItem } from '../plan/session';
import type { Segment } from '../timeline/segment';
import { focusesOf } from './lineSpeech';

/** What stands small beside the call while a movement is taught, for the instructor's own eye. */
export interface BesideCall {
  /** How low the class goes today, where that is less than is written. */
  readonly depth: string;
  /** How the breath is taken, where not plainly: "through the mouth". */
  readonly breath: string;
  /** What this round looks at. */
  readonly focus: string;
  /** One thing to watch: another with every repetition, so that each has its turn. */
  readonly point: string;
}

const NOTHING: BesideCall = { depth: '', breath: '', focus: '', point: '' };

/**
 * What stands beside the call in one stretch of a class.
 * @param item the line, where a movement of its own is done in it
 * @param depth how low the class goes in it; undefined where that keeps nothing higher than it is written
 */
export function besideCall(
  segment: Segment,
  movement: Movement | undefined,
  item: MovementItem | undefined,
  depth?: Depth,
): BesideCall {
  const { kind, part, phase, repetition, breath, round } = segment;
  if (!movement || kind !== 'move' || part !== 'cycle' || phase === null) return NOTHING;
  const written = movement.parts.cycle[phase];
  const here = pointsAt(movement.points, phase);
  const turn = Math.max(0, (repetition ?? 1) - 1);
  return {
    depth: depth ? depthWords(depth) : '',
    breath: breath === null ? '' : breathMannerWords(breath, written?.manner),
    focus: item ? (focusesOf(item, movement)[round - 1] ?? '') : '',
    point: here.length === 0 ? '' : (here[turn % here.length]?.text ?? ''),
  };
}
