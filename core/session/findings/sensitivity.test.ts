import { classWith, contextWith, line } from '../../testing/cleanClass';
import { analyseClass } from './finding/analyseClass';
import { findingsOf } from './judge';
import { sensitivityOf } from './sensitivity';

const hangsOn = (main: Parameters<typeof classWith>[0], strength: 'gentle' | 'steady' | 'strong', code: string) => {
  const analysed = analyseClass(classWith(main), contextWith({ strength }));
  const finding = analysed && findingsOf(analysed).find((one) => one.code === code);
  if (!analysed || !finding) throw new Error(`${code} is found`);
  return sensitivityOf(analysed, finding);
};

test('what is only too much for a gentle group says so', () => {
  expect(hangsOn({ main: [line('tiptoe', 5)] }, 'gentle', 'heels-free')).toEqual(['gone for a steady group']);
});

test('what is a step over its limit says at how many it is gone', () => {
  expect(hangsOn({ main: [line('up', 65)] }, 'strong', 'overhead-long')).toEqual(['gone at 60']);
});

test('what no small change lets go says nothing', () => {
  expect(hangsOn({ main: [line('stopped', 2)] }, 'strong', 'retention-long')).toEqual([]);
});
