import { constant, inBreath, line, movement, outBreath, plan } from '../../testing/sample';
import { roundRest } from '../timeline/roundRest';
import { timelineOf } from './timeline';

test('a rest stands before every round but the first, where one is written', () => {
  expect([1, 2, 3].map((round) => roundRest(round, 20)?.seconds ?? 0)).toEqual([0, 20, 20]);
  expect(roundRest(2, 0)).toBeNull();
});

test('rounds of a line and rounds of a block rest alike: as long, with the same word, in the same kind of segment', () => {
  const own = movement({ id: 'my-own', parts: { cycle: [inBreath, outBreath] } });
  const find = (id: string) => (id === own.id ? own : undefined);
  const restsIn = (of: ReturnType<typeof plan>) => {
    const answer = timelineOf(of, find);
    if (!answer.ok) throw new Error('it cannot be laid out');
    return answer.timeline.segments
      .filter(({ kind }) => kind === 'round-rest')
      .map(({ kind, lengthMs, call }) => ({ kind, lengthMs, call }));
  };
  const inLine = plan([line({ movementId: own.id, count: 2, rounds: 3, roundRest: 25 })], constant(30));
  const block = { id: 'block', rounds: 3, roundRest: 25, lower: 0, chain: null, oneWay: false, within: null };
  const single = plan([line({ movementId: own.id, count: 2, block: 'block' })], constant(30));
  const inBlock = {
    ...single,
    sections: single.sections.map((section) => ({
      ...section,
      blocks: section.items.some((item) => item.block === 'block') ? [block] : [],
    })),
  };
  const rest = { kind: 'round-rest', lengthMs: 25_000, call: 'Rest' };
  expect(restsIn(inLine)).toEqual([rest, rest]);
  expect(restsIn(inBlock as typeof single)).toEqual([rest, rest]);
});
