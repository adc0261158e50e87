import { expose } from 'comlink';
import equal from 'fast-deep-equal';
import type { Movement } from '../../core/movement/movement';
import type { Asked, Bench, Finding } from '../../core/session/findings/finding';
import { findingsOf, PATIENT_CHECKS } from '../../core/session/findings/judge';
import { judgedOf } from '../../core/session/findings/judged';
import { type TriedRemedy, triedRemedies } from '../../core/session/findings/preview';
import type { Plan } from '../../core/session/session';
import { type Tide, tideOf } from '../../core/session/tide';

/** Judges classes away from the screen. What it has worked out of a movement it keeps. */
let known = new Map<string, Movement>();
let offered: readonly Movement[] = [];

const benchFor = (asked: Asked): Bench => ({ ...asked, find: (id) => known.get(id), offered });

const judge = {
  /** The movements a class may name, and the ids of those that are offered. Sent again when the repertoire changes. */
  learn(movements: readonly Movement[], shown: ReadonlySet<string>): void {
    // One that is the same stays the same object, so that what is known of it stays known; its calls may have changed.
    known = new Map(
      movements.map((movement) => {
        const before = known.get(movement.id);
        return [movement.id, before && equal(before, movement) ? before : movement];
      }),
    );
    offered = [...known.values()].filter(({ id }) => shown.has(id));
  },
  /** @param standing keys of what was found before */
  judge(plan: Plan, asked: Asked, standing: ReadonlySet<string>): { findings: Finding[]; tide: Tide | null } {
    const judged = judgedOf(plan, benchFor(asked), standing);
    return judged ? { findings: findingsOf(judged), tide: tideOf(judged) } : { findings: [], tide: null };
  },
  /** What takes longer to find: asked for when the rest is said. */
  judgePatiently(plan: Plan, asked: Asked): Finding[] {
    const judged = judgedOf(plan, benchFor(asked));
    return judged ? findingsOf(judged, PATIENT_CHECKS) : [];
  },
  remedies(plan: Plan, asked: Asked, finding: Finding): TriedRemedy[] {
    const judged = judgedOf(plan, benchFor(asked));
    return judged ? triedRemedies(judged, finding) : [];
  },
};
export type Judge = typeof judge;

expose(judge);
