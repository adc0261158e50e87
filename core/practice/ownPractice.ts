import { z } from 'zod';
import { CalendarDay } from '../words/calendarDay';
import { Slug } from '../words/ids';
import { addTally, beginTally, stopTally, Tally, TallyAim, undoTally } from './tally';

/** Something the instructor practises by themselves, day by day. */
export const OwnPractice = z.object({
  id: Slug,
  title: z.string().trim().min(1, 'what is practised?').max(80),
  aim: TallyAim,
  tally: Tally,
});
export type OwnPractice = z.infer<typeof OwnPractice>;

const Instant = z.number().int().min(0);

/** One thing done to a tally; it is applied to what is kept, so that two open pages count together. */
export const TallyAct = z.discriminatedUnion('do', [
  z.object({ do: z.literal('add'), day: CalendarDay, many: z.number().int().min(1).max(5000) }),
  z.object({ do: z.literal('undo') }),
  z.object({ do: z.literal('begin'), at: Instant }),
  z.object({ do: z.literal('stop'), day: CalendarDay, at: Instant }),
]);
export type TallyAct = z.infer<typeof TallyAct>;

/** The tally after something was done to it. */
export function tallyAfter(tally: Tally, act: TallyAct): Tally {
  switch (act.do) {
    case 'add':
      return addTally(tally, act.day, act.many);
    case 'undo':
      return undoTally(tally);
    case 'begin':
      return beginTally(tally, act.at);
    case 'stop':
      return stopTally(tally, act.day, act.at);
  }
}
