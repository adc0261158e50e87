import { expose } from 'comlink';
import equal from 'fast-deep-equal';
import { type HallReport, type HallRequest, layClass } from '../../core/hall/layClass';
import { wallMends } from '../../core/hall/wallMends';
import type { Movement } from '../../core/movement/schema/movement';
import { unsteadyLines } from '../../core/needs/unsteadyLines';
import { countWays, type LineNeeds, type WayCount, whoNeedsWhat } from '../../core/needs/whoNeedsWhat';
import { analyseClass } from '../../core/session/findings/finding/analyseClass';
import {
  type AnalysedClass,
  type Asked,
  contextFor,
  type Finding,
  type JudgingContext,
} from '../../core/session/findings/finding/finding';
import { findingsOf, PATIENT_CHECKS } from '../../core/session/findings/judge';
import { type TriedRemedy, triedRemedies } from '../../core/session/findings/preview';
import { sensitivityOf } from '../../core/session/findings/sensitivity';
import { type Tide, tideOf } from '../../core/session/load/tide';
import type { Plan } from '../../core/session/plan/session';
import { holdLife } from './keepAlive';

/** Judges classes away from the screen. What it has worked out of a movement it keeps. */
let known = new Map<string, Movement>();
let offered: readonly Movement[] = [];
/** The class that was judged last: what takes longer to find is looked for in it. */
let last: AnalysedClass | null = null;

const contextOf = (asked: Asked): JudgingContext => contextFor(asked, (id) => known.get(id), offered);

const judge = {
  /** Answers once it lives, and can be missed. */
  awake: holdLife,
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
    last = analyseClass(plan, contextOf(asked), standing);
    return last ? { findings: findingsOf(last), tide: tideOf(last) } : { findings: [], tide: null };
  },
  /** What takes longer to find in the class that was judged last: asked for when the rest is said. */
  judgePatiently: (): Finding[] => (last ? findingsOf(last, PATIENT_CHECKS) : []),
  remedies(plan: Plan, asked: Asked, finding: Finding): TriedRemedy[] {
    const analysed = analyseClass(plan, contextOf(asked));
    return analysed ? triedRemedies(analysed, finding) : [];
  },
  /** What a finding hangs on. */
  sensitivity(plan: Plan, asked: Asked, finding: Finding): string[] {
    const analysed = analyseClass(plan, contextOf(asked));
    return analysed ? sensitivityOf(analysed, finding) : [];
  },
  /** How those who come go through each line of a class. */
  whoNeeds(plan: Plan, asked: Asked): LineNeeds[] {
    const analysed = analyseClass(plan, contextOf(asked));
    return analysed ? whoNeedsWhat(analysed, analysed.present.comers) : [];
  },
  /** What is said of those who come while a class is taught, in counts: line by line, and where a newcomer is offered something to hold. */
  comers(plan: Plan, asked: Asked): { ways: { itemId: string; counts: WayCount[] }[]; unsteady: string[] } {
    const analysed = analyseClass(plan, contextOf(asked));
    if (!analysed) return { ways: [], unsteady: [] };
    const lines = whoNeedsWhat(analysed, analysed.present.comers);
    return {
      ways: lines.map((line) => ({ itemId: line.itemId, counts: countWays(line) })),
      unsteady: unsteadyLines(analysed),
    };
  },
  /** A class laid over a hall; null where a line's movement is not known. */
  layHall(plan: Plan, asked: Asked, request: HallRequest): HallReport | null {
    const analysed = analyseClass(plan, contextOf(asked));
    return analysed && layClass(analysed, request);
  },
  /** What keeps a class from the wall of its hall, each tried. */
  mendWall(plan: Plan, asked: Asked, request: Pick<HallRequest, 'hall' | 'less' | 'people'>): TriedRemedy[] {
    const analysed = analyseClass(plan, contextOf(asked));
    return analysed ? wallMends(analysed, request) : [];
  },
};
export type Judge = typeof judge;

expose(judge);
