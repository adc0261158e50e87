import { classWith, contextWith, line } from '../../testing/cleanClass';
import { analyseClass } from '../findings/finding/analyseClass';
import { findingsOf } from '../findings/judge';
import { ceilingsFor } from '../limits/limitsFor';
import { sessionStrain } from './sessionStrain';
import { tideOf, worstCourses } from './tide';

const judgedClass = (main: Parameters<typeof line>[0][] = []) => {
  const answer = analyseClass(classWith({ main: main.map((id) => line(id, 60)) }), contextWith({ strength: 'steady' }));
  if (!answer) throw new Error('a class of known movements');
  return answer;
};

test('the tide peaks where and as high as strain does', () => {
  const analysed = judgedClass(['horse']);
  const tide = tideOf(analysed);
  for (const { region, percent, atMs } of sessionStrain(analysed.pieces, ceilingsFor('steady'))) {
    const worst = worstCourses(tide).find((course) => course.region === region);
    expect(worst?.peak).toBeCloseTo(percent, 6);
    if (percent < 1 || !worst) continue;
    const at = tide.seconds[worst.percent.indexOf(worst.peak)] ?? 0;
    expect(Math.abs(at - atMs / 1000)).toBeLessThan(analysed.timeline.totalMs / 1000 / 100);
  }
});

test('it runs from the first moment to the last in equal steps, with the pace and the bend of the moment', () => {
  const analysed = judgedClass();
  const { seconds, pace, sink, courses } = tideOf(analysed);
  expect(seconds[0]).toBe(0);
  expect(seconds.at(-1)).toBeCloseTo(analysed.timeline.totalMs / 1000, 9);
  expect(new Set(pace)).toEqual(new Set([6]));
  expect(Math.max(...sink)).toBeGreaterThan(15);
  for (const { percent } of courses) expect(percent).toHaveLength(seconds.length);
});

test('left and right are told apart', () => {
  const { courses } = tideOf(judgedClass(['alone']));
  const thigh = (side: 'left' | 'right') =>
    courses.find((one) => one.region === 'thighs' && one.side === side)?.peak ?? 0;
  expect(thigh('left')).toBeGreaterThan(thigh('right'));
});

test('an empty class has no tide', () => {
  const empty = classWith();
  const plan = { ...empty, sections: empty.sections.map((section) => ({ ...section, items: [] })) };
  const analysed = analyseClass(plan, contextWith());
  expect(analysed && tideOf(analysed).seconds).toEqual([]);
});

test('what is offered beside a line makes a band around its course, and the hardest of it is judged', () => {
  const ways = (more: Record<string, unknown>) => {
    const answer = analyseClass(classWith({ main: [line('squat', 60, more)] }), contextWith({ strength: 'gentle' }));
    if (!answer) throw new Error('a class of known movements');
    return answer;
  };
  const thighs = (analysed: ReturnType<typeof ways>) => {
    const course = worstCourses(tideOf(analysed)).find(({ region }) => region === 'thighs');
    if (!course) throw new Error('thighs are a region');
    return course;
  };
  const [easy, deep] = [thighs(ways({})), thighs(ways({ variant: 'deep' }))];
  expect(easy.band).toBeNull();
  expect(deep.peak).toBeGreaterThan(easy.peak);

  const offered = ways({ offers: ['deep'] });
  const course = thighs(offered);
  // The time is one for all, so the course of those who go deep is that of a class that is led so.
  expect(course.percent).toEqual(easy.percent);
  expect(course.band?.least).toEqual(easy.percent);
  expect(course.band?.most).toEqual(deep.percent);
  // Led deep with the easier way offered, it is the same band.
  expect(thighs(ways({ variant: 'deep', offers: [''] })).band).toEqual(course.band);

  const strained = (analysed: ReturnType<typeof ways>) =>
    findingsOf(analysed).find(({ code, what }) => code === 'strained' && /thighs/i.test(what));
  const [led, beside] = [strained(ways({ variant: 'deep' })), strained(offered)];
  expect(led?.amount).toBeGreaterThan(100);
  expect(beside?.amount).toBe(led?.amount);
  expect(beside?.why[0]).toMatch(/^\d+ to \d+ %, by the way each person takes/);
  expect(led?.why[0]).not.toMatch(/by the way each person/);
});
