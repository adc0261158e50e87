import { expose } from 'comlink';
import type { Strength } from '../../core/demand/ceilings';
import type { Movement } from '../../core/movement/movement';
import type { Finding } from '../../core/session/findings/finding';
import { judgeClass } from '../../core/session/findings/judge';
import type { Plan } from '../../core/session/session';

/** Judges classes away from the screen. What it has worked out of a movement it keeps. */
let known = new Map<string, Movement>();

const judge = {
  /** The movements a class may name. They are sent once, and again when the repertoire changes. */
  learn(movements: readonly Movement[]): void {
    known = new Map(movements.map((movement) => [movement.id, known.get(movement.id) ?? movement]));
  },
  judge: (plan: Plan, strength: Strength): Finding[] => judgeClass(plan, (id) => known.get(id), strength),
};
export type Judge = typeof judge;

expose(judge);
