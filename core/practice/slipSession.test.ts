import type { Movement } from '../movement/schema/movement';
import { Session } from '../session/plan/session';
import { timelineOf } from '../session/schedule/timeline';
import { find } from '../testing/cleanClass';
import { needOf } from '../testing/needs';
import { proposeSlip } from './proposeSlip';
import { slipSession } from './slipSession';

const known = ['lift', 'sides', 'sidesteps'].flatMap((id): Movement[] => {
  const movement = find(id);
  return movement ? [movement] : [];
});

test.each([[[]], [[needOf('higher-stance')]]])(
  'a slip can be led by itself, and lasts about as long as it says',
  (needs) => {
    const slip = proposeSlip({ known, needs, minutes: 6 });
    const { session, find: findIn } = slipSession(slip, 'practice-1', 'At home', find);
    expect(Session.safeParse(session).success).toBe(true);
    const answer = timelineOf(session, findIn);
    if (!answer.ok) throw new Error('a slip of known movements');
    expect(answer.timeline.items).toHaveLength(slip.lines.length);
    // Besides the slip's own seconds there are the steps from one to the next.
    expect(answer.timeline.totalMs / 1000).toBeGreaterThanOrEqual(slip.seconds - 1);
    expect(answer.timeline.totalMs / 1000).toBeLessThan(slip.seconds + 60);
  },
);
