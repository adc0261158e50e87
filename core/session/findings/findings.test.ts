import { bench, classWith, line } from '../../testing/cleanClass';
import type { Item, Plan } from '../session';
import type { Bench } from './finding';
import { judgeClass } from './judge';

/** The figures and words of findings. That each check fires alone is in seededFaults.test.ts. */

const judge = (main: readonly Item[], more: Partial<Bench> = {}) => judgeClass(classWith({ main }), bench(more));

test('hands overhead too long, broken by a rest not at all', () => {
  const overheads = (items: Item[]) => judge(items).filter(({ code }) => code === 'overhead-long');
  expect(overheads([line('up', 70)])[0]).toMatchObject({
    severity: 'warn',
    what: 'Hands stay overhead for 70 s, from up on.',
  });
  expect(overheads([line('up', 130)])[0]?.severity).toBe('stop');
  expect(overheads([line('up', 50), line('quiet', 10), line('up', 50)])).toEqual([]);
});

test('one leg is said sooner to a gentle group', () => {
  const found = (seconds: number, strength: 'gentle' | 'steady') =>
    judge([line('alone', seconds)], { strength }).some(({ code }) => code === 'one-leg-long');
  expect([found(30, 'gentle'), found(30, 'steady'), found(60, 'steady')]).toEqual([true, false, true]);
});

test('three horses with little between strain the thighs, and the finding tells its parts and its moment', () => {
  const items = [line('horse', 40), line('quiet', 20), line('horse', 40), line('quiet', 20), line('horse', 40)];
  const strainedThighs = (of: Item[]) =>
    judge(of, { strength: 'steady' }).find(({ code, what }) => code === 'strained' && what.includes('thighs'));
  const finding = strainedThighs(items);
  expect(finding?.what).toMatch(/thighs \d+ % of the steady ceiling at \d+:\d\d: horse \d+, horse \d+/);
  expect(finding?.itemId).toBe(items[4]?.id);
  const rested = [line('horse', 40), line('quiet', 120), line('horse', 40), line('quiet', 120), line('horse', 40)];
  expect(strainedThighs(rested)).toBeUndefined();
});

test('a turned and nodding head without a warmed neck is found in the main part; in the warm-up it is the warming', () => {
  const cold = [line('quiet', 200), line('lift', 6)];
  const unready = (plan: Plan) =>
    judgeClass(plan, bench()).filter(({ key }) => key.startsWith('not-ready') && key.endsWith('neck'));
  const [found] = unready(classWith({ warmUp: cold, main: [line('look', 20)] }));
  expect(found?.what).toBe('look asks more of the neck than has been warmed up.');
  expect(found?.why[0]).toMatch(/Asked 0\.\d\d, allowed 0\.\d\d with \d+ % readiness, for 20 s/);
  expect(unready(classWith({ warmUp: [...cold, line('look', 20)] }))).toEqual([]);
});

test('the gravest come first, and an unknown movement is not judged', () => {
  const found = judgeClass(
    classWith({
      main: [line('up', 130), line('sides', 6, { sides: 'left-only' })],
      coolDown: [line('quiet', 30)],
    }),
    bench(),
  );
  const gravity = found.map(({ severity }) => ['stop', 'warn', 'notice'].indexOf(severity));
  expect(gravity).toEqual(gravity.toSorted());
  expect(gravity.length).toBeGreaterThan(2);
  expect(judge([line('nothing', 1)])).toEqual([]);
});

test('what stands is only gone when it is a twentieth better, and what hangs on a convention says so', () => {
  const plan = (seconds: number) => classWith({ main: [line('up', seconds, { id: 'held' })] });
  const [said] = judgeClass(plan(65), bench());
  expect(said).toMatchObject({ key: 'overhead-long held', borderline: true });
  const standing = new Set([said?.key ?? '']);
  const codes = (seconds: number, before?: ReadonlySet<string>) =>
    judgeClass(plan(seconds), bench(), before).map(({ code }) => code);
  expect(codes(60)).toEqual([]);
  expect(codes(60, standing)).toEqual(['overhead-long']);
  expect(codes(55, standing)).toEqual([]);
  expect(judgeClass(plan(80), bench())[0]?.borderline).toBe(false);
});

test('what is grave for a group can be asked of a stronger one', () => {
  const strained = (strength: Bench['strength']) =>
    judge([line('horse', 60)], { strength }).filter(({ code }) => code === 'strained').length;
  expect(strained('gentle')).toBeGreaterThan(strained('steady'));
  expect(strained('steady')).toBeGreaterThanOrEqual(strained('strong'));
});
