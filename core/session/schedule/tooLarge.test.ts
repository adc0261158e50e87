import { fc } from '../../testing/properties';
import { inBreath, line, movement, outBreath, plan, session } from '../../testing/sample';
import { times } from '../../testing/sweep';
import { MOST_STEPS, tooManySteps } from '../plan/planSize';
import type { Item } from '../plan/session';
import { timelineOf } from './timeline';

/** A few hundred bytes that would make a class of days, and how they are refused before anything is laid out. */

const lift = movement();
const long = movement({ count: { unit: 'repetitions', least: 1, usual: 6, most: 3600, step: 1 } });
const find = (id: string) => (id === 'sample' ? long : undefined);
const problemsOf = (of: Parameters<typeof timelineOf>[0]) => {
  const answer = timelineOf(of, find);
  return answer.ok ? [] : answer.problems;
};

test('3,600 repetitions in 20 rounds in blocks of 20 x 20 are refused at once, the field named', () => {
  const outer = { id: 'outer', rounds: 20 };
  const inner = { id: 'inner', rounds: 20, within: 'outer' };
  const items = [line({ id: 'a', count: 3600, rounds: 20, block: 'inner' })];
  const huge = session({
    sections: [{ kind: 'main', pace: { from: 6, to: 6, easing: 0 }, items, blocks: [outer, inner] }],
  });
  // Laid out, it would not fit into memory.
  const [problem] = problemsOf(huge);
  expect(problem?.path).toEqual(['sections', 0, 'items', 0, 'rounds']);
  expect(problem?.message).toMatch(/more than 50,000 steps .* do it less often/);
});

test('what makes it long is named: the rounds of a line, the rounds of a block, the routine', () => {
  const pace = { from: 6, to: 6, easing: 0 };
  const rounds = session({ sections: [{ kind: 'main', pace, items: [line({ id: 'a', count: 2000, rounds: 20 })] }] });
  expect(problemsOf(rounds)[0]?.path).toEqual(['sections', 0, 'items', 0, 'rounds']);
  const blocks = session({
    sections: [
      {
        kind: 'main',
        pace,
        items: [line({ id: 'a', count: 100, block: 'inner' })],
        blocks: [
          { id: 'outer', rounds: 20 },
          { id: 'inner', rounds: 19, within: 'outer' },
        ],
      },
    ],
  });
  expect(problemsOf(blocks)[0]?.path).toEqual(['sections', 0, 'blocks', 0, 'rounds']);
  const settle = { when: 'after-each', lines: [{ movementId: 'sample', count: 3600 }] };
  const routine = session({
    sections: [{ kind: 'main', pace, settle, items: [line({ id: 'a' }), line({ id: 'b' }), line({ id: 'c' })] }],
  });
  expect(problemsOf(routine).length).toBeGreaterThan(0);
});

test('a class of more than twelve hours is refused, the line that lasts longest named', () => {
  const rests = Array.from({ length: 14 }, (_, i) => ({ kind: 'rest', id: `rest-${i}`, seconds: 3600 }));
  const [problem] = problemsOf(
    session({ sections: [{ kind: 'main', pace: { from: 6, to: 6, easing: 0 }, items: rests }] }),
  );
  expect(problem?.path.slice(0, 3)).toEqual(['sections', 0, 'items']);
  expect(problem?.message).toMatch(/would last 14 hours/);
});

test('a clock that runs for two hours over a cycle of nearly nothing is refused, and does not run', () => {
  const blink = movement({
    count: { unit: 'repetitions', least: 1, usual: 1, most: 1, step: 1 },
    parts: { cycle: [{ ...inBreath, length: { kind: 'span', share: 1e-9 } }] },
  });
  const item = line({ ends: { by: 'clock', seconds: 7200 } });
  const answer = timelineOf(plan([item]), () => blink);
  expect(answer.ok ? [] : answer.problems.map(({ path }) => path)).toEqual([['sections', 0, 'items', 0, 'ends']]);
});

test('steps are never fewer than are laid out, and a class of an hour is far from the most', () => {
  const sides = fc.constantFrom(
    { kind: 'even' },
    { kind: 'each-side', first: 'left' },
    { kind: 'alternating', first: 'left', repetition: 'there-and-back' },
    { kind: 'alternating', first: 'left', repetition: 'one-side' },
  );
  const directions = fc.constantFrom(
    { kind: 'one' },
    { kind: 'both', names: ['out', 'in'], reversal: 'retraced', breath: 'keeps-place' },
  );
  const lines = fc.array(
    fc.record({ count: fc.integer({ min: 1, max: 40 }), rounds: fc.integer({ min: 1, max: 4 }) }),
    { minLength: 1, maxLength: 5 },
  );
  fc.assert(
    fc.property(sides, directions, lines, fc.boolean(), (side, direction, rows, isTimed) => {
      const one = movement({ laterality: { sides: side, directions: direction } });
      const items = rows.map(
        (row, i): Item => line({ id: `l${i}`, ...row, ...(isTimed && { ends: { by: 'clock', seconds: 90 } }) }),
      );
      const of = plan(items);
      const answer = timelineOf(of, () => one);
      if (!answer.ok) throw new Error('it is small');
      const steps = answer.timeline.segments.length;
      // Held against a limit of one step fewer than there are, it must be refused.
      expect(tooManySteps(of, () => one, steps - 1).length).toBeGreaterThan(0);
      expect(tooManySteps(of, () => one, 2 * steps + 40 * rows.length)).toEqual([]);
    }),
    { numRuns: times(1500, 150) },
  );
  expect(MOST_STEPS).toBe(50_000);
});

test('a movement whose line could go on for longer than anything is refused, and parts have a most', () => {
  const shape = { ...lift, count: { unit: 'repetitions', least: 1, usual: 6, most: 3600, step: 1 } };
  expect(() => movement({ count: shape.count, parts: { cycle: [inBreath, outBreath, inBreath] } })).toThrow(
    /10800 steps of one line/,
  );
  const many = Array.from({ length: 41 }, () => inBreath);
  for (const part of ['entry', 'between', 'exit'])
    expect(() => movement({ parts: { cycle: [inBreath, outBreath], [part]: many } })).toThrow();
});
