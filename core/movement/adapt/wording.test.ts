import { inBreath, movement } from '../../testing/sample';
import { Wording, wordedAs, writtenCall } from './wording';

const lift = movement({
  parts: {
    entry: [{ ...inBreath, call: 'Feet apart' }],
    cycle: [
      { ...inBreath, call: 'Raise' },
      { ...inBreath, breath: 'out', call: 'Lower' },
    ],
  },
});
const own = [{ part: 'cycle' as const, phase: 1, was: 'Lower', call: 'Let them float down' }];

test('only the call that is said otherwise changes', () => {
  const worded = wordedAs(lift, own);
  expect(worded.parts.cycle.map(({ call }) => call)).toEqual(['Raise', 'Let them float down']);
  expect({ ...worded, parts: lift.parts }).toEqual(lift);
  expect(worded.parts.entry).toBe(lift.parts.entry);
});

test('a call that stood in place of other words is left aside, and so is one for a phase that is not there', () => {
  expect(wordedAs(lift, [{ ...own[0], was: 'Press down' } as never])).toBe(lift);
  expect(wordedAs(lift, [{ part: 'exit', phase: 0, was: 'Lower', call: 'And rest' }])).toBe(lift);
  expect(wordedAs(lift, [])).toBe(lift);
});

test('what is written can be had back', () => {
  const worded = wordedAs(lift, own);
  expect(writtenCall(own, worded, 'cycle', 1)).toBe('Lower');
  expect(writtenCall(own, worded, 'cycle', 0)).toBe('Raise');
});

test('one phase has one call, and it says something', () => {
  const wording = (calls: object[]) => Wording.safeParse({ movementId: 'lift', calls });
  expect(wording(own).success).toBe(true);
  expect(wording([...own, ...own]).error?.issues[0]).toMatchObject({ path: ['calls', 1] });
  expect(wording([{ ...own[0], call: '   ' }]).success).toBe(false);
  expect(Wording.safeParse({ movementId: 'lift@2', calls: [] }).success).toBe(false);
});
