import type { Strength } from '../../demand/ceilings';
import type { Schools } from '../../movement/adapt/schools';
import type { Form } from '../../movement/schema/form';
import type { FindMovement } from '../../movement/schema/movement';
import type { Block } from '../../session/plan/block';
import type { Item, LineOrigin, MovementItem } from '../../session/plan/session';
import { interpolate } from '../plan/interpolate';
import type { CourseRules } from '../schema/rules';
import type { CourseThread } from '../schema/thread';
import type { ClassCell } from './classCells';

/** What the main part of a class of a course is made from. */
export interface MainRequest {
  readonly cells: readonly ClassCell[];
  /** Minutes it has. */
  readonly minutes: number;
  /** How far the course has come, 0 to 1. */
  readonly share: number;
  /** Minutes of each thread by amount in this class. */
  readonly amountOf: (thread: CourseThread) => number;
  readonly strength: Strength;
  readonly rules: CourseRules;
  readonly schools: Schools;
  readonly find: FindMovement;
  readonly forms: readonly Form[];
}

/** Lines of a main part, with the blocks they stand in. */
export type Lines = { readonly items: Item[]; readonly blocks: Block[] };
export const NOTHING: Lines = { items: [], blocks: [] };

export const originOf = ({ id }: CourseThread, role: LineOrigin['role'], step: number): LineOrigin => ({
  thread: id,
  role,
  step,
});

/** A rest shorter than this is none: pieces are chained. */
const LEAST_REST = 2;

/** After a piece the class comes to rest: after each for a newer group, hardly any more towards the end of a course. */
export function settleAt({ settleFrom, settleTo }: CourseRules, share: number): MovementItem['settle'] {
  const seconds = Math.round(interpolate(settleFrom, settleTo, share));
  return seconds <= LEAST_REST ? { kind: 'none' } : { kind: 'still', seconds };
}

/** What asks so much of the thighs works the legs; a gentle group rests after it for so many seconds. Conventions. */
export const MUCH_OF_LEGS = 0.45;
export const REST_AFTER_LEGS = { gentle: 40, steady: 0, strong: 0 } as const;
