import { classWith, contextWith, line } from '../../testing/cleanClass';
import { SetAside } from '../plan/setAside';
import { partAsides, ruleFor } from './aside';
import { judgeClass } from './judge';

const classOf = (seconds: number) => classWith({ main: [line('up', seconds, { id: 'held' })] });
const found = (seconds: number) => judgeClass(classOf(seconds), contextWith());
const [said] = found(70);
if (!said) throw new Error('hands held up for 70 s are said');
const here = SetAside.parse({ ...said, reason: 'They are used to it.' });

test('a finding set aside stays away while its facts are the same', () => {
  const { open, aside } = partAsides(found(70), classOf(70), [here], []);
  expect(open).toEqual([]);
  expect(aside).toMatchObject([{ reason: 'They are used to it.', rule: null, finding: { key: 'overhead-long held' } }]);
});

test('it comes back when its figure changes by more than a twentieth, either way, or it becomes grave', () => {
  const back = (seconds: number) => partAsides(found(seconds), classOf(seconds), [here], []).open.length;
  expect([back(70), back(75), back(65), back(130)]).toEqual([0, 1, 1, 1]);
});

test('for good: the same kind of finding of the same movement in any class, unless it is grave', () => {
  const rule = ruleFor(said, classOf(70), 'Always held long here.');
  expect(rule).toEqual({ code: 'overhead-long', movement: 'up', reason: 'Always held long here.' });
  const other = classWith({ main: [line('up', 75)] });
  expect(partAsides(judgeClass(other, contextWith()), other, [], [rule]).open).toEqual([]);
  const grave = classWith({ main: [line('up', 140)] });
  expect(partAsides(judgeClass(grave, contextWith()), grave, [], [rule]).open).toMatchObject([{ severity: 'stop' }]);
  const elsewhere = classWith({ main: [line('alone', 60)] });
  expect(partAsides(judgeClass(elsewhere, contextWith()), elsewhere, [], [rule]).aside).toEqual([]);
});

test('a reason is asked for', () => {
  expect(SetAside.safeParse({ ...here, reason: '  ' }).error?.issues[0]?.message).toBe('say why');
});
