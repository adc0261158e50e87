import { rememberFor } from '../../core/remember/rememberFor';
import type { PlanProblem } from '../../core/session/plan/planSize';
import type { Session } from '../../core/session/plan/session';
import { timelineOf } from '../../core/session/schedule/timeline';
import type { Timeline } from '../../core/session/timeline/segment';
import type { Repertoire } from '../app/repertoire';

/** A class without what of it cannot be laid out: lines whose movement is gone, lines and rounds that would go on for days. */
function withoutProblems(session: Session, problems: readonly PlanProblem[]): Session {
  const isNamed = (s: number, part: string, place: number) =>
    problems.some(({ path }) => path[1] === s && path[2] === part && path[3] === place);
  return {
    ...session,
    sections: session.sections.map((section, s) => ({
      ...section,
      items: section.items.filter((_, i) => !isNamed(s, 'items', i)),
      blocks: section.blocks.map((block, b) => (isNamed(s, 'blocks', b) ? { ...block, rounds: 1 } : block)),
      settle: problems.some(({ path }) => path[1] === s && path[2] === 'settle') ? null : section.settle,
    })),
  };
}

const timelines = rememberFor((session: Session) =>
  rememberFor((repertoire: Repertoire): Timeline => {
    let known = session;
    for (;;) {
      const answer = timelineOf(known, repertoire.find);
      if (answer.ok) return answer.timeline;
      known = withoutProblems(known, answer.problems);
    }
  }),
);

/** A class laid out in time, once for each class; what of it cannot be is left out of the reckoning. */
export const timelineOfKnown = (session: Session, repertoire: Repertoire): Timeline => timelines(session)(repertoire);
