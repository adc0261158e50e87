import { wayThrough } from '../core/needs/wayThrough';
import { linesInClass } from '../core/needs/whoNeedsWhat';
import { proposeSlip, type SlipRequest } from '../core/practice/proposeSlip';
import type { Plan } from '../core/session/plan/session';
import { timelineOf } from '../core/session/schedule/timeline';
import { needOf } from '../core/testing/needs';
import { classOf, find, movements } from './proposalBench';

const known = (...ids: string[]) =>
  ids.map((id) => {
    const movement = find(id);
    if (!movement) throw new Error(`${id} is in the repertoire`);
    return movement;
  });
const SOME = known('lift-the-sky', 'cloud-hands', 'raise-and-sink', 'standing-post', 'pushing-waves', 'heel-raises');
const ask = (more: Partial<SlipRequest> = {}) => proposeSlip({ known: SOME, needs: [], minutes: 10, ...more });

test.each([5, 10, 15])(
  'a slip of %i minutes comes within fifteen seconds, of at most three movements, all of them theirs',
  (minutes) => {
    const slip = ask({ minutes });
    expect(Math.abs(slip.seconds - 60 * minutes)).toBeLessThanOrEqual(15);
    expect(slip.lines.length).toBeLessThanOrEqual(3);
    for (const { item } of slip.lines) expect(SOME.map(({ id }) => id)).toContain(item.movementId);
    expect(slip.lines.some(({ byChair }) => byChair)).toBe(true);
  },
);

test('with little known it comes as near as it can, and says how near that is', () => {
  const one = ask({ known: known('heel-raises') });
  expect(one.lines).toHaveLength(1);
  expect(one.seconds).toBeLessThan(one.asked - 15);
  expect(ask({ known: [] })).toMatchObject({ lines: [], seconds: 0, asked: 600 });
});

test('what is to be minded is: another way where there is one, and nothing that has none', () => {
  const needs = [needOf('arm-low', { side: 'both' })];
  const slip = ask({ known: known('lift-the-sky', 'comb-the-hair', 'standing-post', 'heel-raises'), needs });
  expect(slip.lines.map(({ item }) => item.movementId)).not.toContain('comb-the-hair');
  const sky = slip.lines.find(({ item }) => item.movementId === 'lift-the-sky');
  if (sky) expect(sky.way).toBe('hands below the shoulders');
  expect(JSON.stringify(slip.lines.map(({ way, item }) => [way, item]))).not.toMatch(/askedOn|arm-low/);
});

test('a slip for somebody with needs is made of lines that nothing written down stands in the way of any more', () => {
  const needs = [needOf('higher-stance'), needOf('soft-fold')];
  const slip = ask({ known: movements.filter((_, at) => at % 19 === 0), needs });
  expect(slip.lines.length).toBeGreaterThan(0);
  for (const { item, done } of slip.lines) {
    const movement = { ...done, variants: [] };
    const plan: Plan = {
      ...classOf([item.movementId]),
      sections: [
        {
          kind: 'main',
          pace: { from: 6, to: 6, easing: 0 },
          items: [{ ...item, variant: null }],
          blocks: [],
          settle: null,
        },
      ],
    };
    const answer = timelineOf(plan, () => movement);
    const line = answer.ok ? linesInClass({ plan, timeline: answer.timeline, find: () => movement })[0] : undefined;
    if (!line) throw new Error('the slip can be timed');
    expect(wayThrough({ ...line, deepest: 25 }, needs).kind).toBe('clear');
  }
});
