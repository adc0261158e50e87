import type { Strength } from '../../demand/ceilings';
import { classWith, contextWith, find, line, MOVEMENTS } from '../../testing/cleanClass';
import { movement, phase } from '../../testing/sample';
import { applyEdits } from '../edit/applyEdits';
import { ceilingsFor } from '../limits/limitsFor';
import { strainDuring } from '../load/sessionStrain';
import { newPause } from '../plan/defaults';
import type { Item, Plan } from '../plan/session';
import { analyseClass } from './finding/analyseClass';
import type { Asked } from './finding/finding';
import { findingsOf, judgeClass, remediesFor } from './judge';
import { walkingBack } from './remedies/walkingBack';

/** The figures and words of findings. That each check fires alone is in seededFaults.test.ts. */

const stay = phase({ breath: 'natural', length: { kind: 'seconds', seconds: 5 }, call: 'Stay' });
const judge = (main: readonly Item[], more: Partial<Asked> = {}) => judgeClass(classWith({ main }), contextWith(more));

test('hands overhead too long, broken by a rest not at all', () => {
  const overheads = (items: Item[]) => judge(items).filter(({ code }) => code === 'overhead-long');
  expect(overheads([line('up', 70)])[0]).toMatchObject({
    severity: 'warn',
    what: 'Hands stay overhead for 70 s, from up on.',
  });
  expect(overheads([line('up', 130)])[0]?.severity).toBe('stop');
  expect(overheads([line('up', 50), line('quiet', 10), line('up', 50)])).toEqual([]);
});

describe('what goes on for too long is broken where it goes on', () => {
  const ups = (...seconds: number[]) =>
    classWith({ slotMinutes: 40, main: seconds.map((of, n) => line('up', of, { id: `up-${n}` })) });
  const apart = (...seconds: number[]) =>
    classWith({
      slotMinutes: 40,
      main: seconds.flatMap((of, n) => [line('up', of, { id: `up-${n}` }), line('quiet', 20)]),
    });
  const overheads = (plan: Plan) => judgeClass(plan, contextWith()).filter(({ code }) => code === 'overhead-long');
  const mended = (plan: Plan) => {
    const analysed = analyseClass(plan, contextWith());
    const [finding] = overheads(plan);
    if (!analysed || !finding) throw new Error('hands are overhead for long');
    return remediesFor(analysed, finding).map(({ label, edits }) => ({
      label,
      left: overheads(applyEdits(plan, edits)),
    }));
  };

  test('a stretch over two lines is one, and a rest between them breaks it', () => {
    const plan = ups(45, 45);
    expect(overheads(plan).map(({ itemId, amount }) => [itemId, Math.round(amount)])).toEqual([['up-0', 90]]);
    const all = mended(plan);
    expect(all.map(({ label }) => label)).toContain('Rest 15 s before up (the second time)');
    for (const { left } of all) expect(left).toEqual([]);
  });

  test('where each of its lines is too long by itself, all of them are taken in rounds', () => {
    // Two rounds of forty would not do: the last of one line and the first of the other are one stretch.
    expect(mended(ups(80, 80))).toEqual([
      { label: 'up in 3 rounds of 25 seconds, 15 s rest between, in 2 lines', left: [] },
    ]);
  });

  test('that others are longer by then is no remedy: the line itself is well', () => {
    for (const { label, left } of mended(apart(130, 125, 120, 115))) {
      expect([label, left.map(({ itemId }) => itemId)]).toEqual([label, ['up-1', 'up-2', 'up-3']]);
    }
  });
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
  expect(finding?.what).toMatch(
    /thighs \d+ % of the steady ceiling at \d+:\d\d: horse \(the third time\) \d+, horse \(the second time\) \d+/,
  );
  expect(finding?.itemId).toBe(items[4]?.id);
  const rested = [line('horse', 40), line('quiet', 120), line('horse', 40), line('quiet', 120), line('horse', 40)];
  expect(strainedThighs(rested)).toBeUndefined();
});

test('a turned and nodding head without a warmed neck is found in the main part; in the warm-up it is the warming', () => {
  const cold = [line('quiet', 200), line('lift', 6)];
  const unready = (plan: Plan) =>
    judgeClass(plan, contextWith()).filter(
      (found) => found.code === 'not-ready' && found.evidence.regions.includes('neck'),
    );
  const [found] = unready(classWith({ warmUp: cold, main: [line('look', 20)] }));
  expect(found?.what).toBe('look asks more of the neck than has been warmed up.');
  expect(found?.why[0]).toMatch(/neck: asked 0\.\d\d, allowed 0\.\d\d with \d+ % readiness, for 20 s/);
  expect(unready(classWith({ warmUp: [...cold, line('look', 20)] }))).toEqual([]);
});

describe('a strain is mended at the line it comes from', () => {
  const gentle = contextWith({ strength: 'gentle' });
  const horses = (...seconds: number[]) =>
    classWith({ slotMinutes: 60, main: seconds.map((of, n) => line('horse', of, { id: `horse-${n}` })) });
  const remediesOf = (plan: Plan) => {
    const analysed = analyseClass(plan, gentle);
    const finding = analysed && findingsOf(analysed).find(({ key }) => key.startsWith('strained thighs'));
    if (!analysed || !finding) throw new Error('so much horse strains the thighs of a gentle group');
    return { finding, remedies: remediesFor(analysed, finding) };
  };
  /** The most the thighs are strained at a line, percent. */
  const at = (plan: Plan, itemId: string | null) => {
    const analysed = analyseClass(plan, gentle);
    return analysed
      ? strainDuring(analysed.pieces, ceilingsFor('gentle'), 'thighs', new Set([itemId ?? '']))
      : Number.NaN;
  };

  test.each([
    ['one long one', [120]],
    ['three short ones', [40, 40, 40]],
    ['three that are each too long', [90, 90, 90]],
    ['eight in a row', [60, 60, 60, 60, 60, 60, 60, 60]],
  ])('%s', (_what, seconds) => {
    const plan = horses(...seconds);
    const { finding, remedies } = remediesOf(plan);
    expect(at(plan, finding.itemId)).toBeCloseTo(finding.amount, 6);
    expect(remedies.length).toBeGreaterThan(0);
    for (const { edits } of remedies) expect(at(applyEdits(plan, edits), finding.itemId)).toBeLessThanOrEqual(100);
  });

  test('where no one change is enough, the lines that make it up are all taken down, no further than they must', () => {
    const plan = horses(90, 90, 90);
    const { finding, remedies } = remediesOf(plan);
    const seconds = (label = '') => Number(/\d+/.exec(label)?.[0]);
    // The first horse makes up a tenth of the worst moment and stays as it is.
    expect(remedies.length).toBeGreaterThan(0);
    for (const { label } of remedies)
      expect(label).toMatch(/^horse: \d+ seconds rather than 90, in 2 lines(; a minute of rest before each)?$/);
    // A step of fifteen seconds more would be too much.
    for (const remedy of remedies) {
      const more = (remedy?.edits ?? []).map((edit) =>
        edit.kind === 'change' ? { ...edit, to: { count: seconds(remedy?.label) + 15 } } : edit,
      );
      expect(at(applyEdits(plan, more), finding.itemId)).toBeGreaterThan(100);
    }
  });
});

test('the gravest come first, and an unknown movement is not judged', () => {
  const found = judgeClass(
    classWith({
      main: [line('up', 130), line('sides', 6, { sides: 'left-only' })],
      coolDown: [line('quiet', 30)],
    }),
    contextWith(),
  );
  const gravity = found.map(({ severity }) => ['stop', 'warn', 'notice'].indexOf(severity));
  expect(gravity).toEqual(gravity.toSorted());
  expect(gravity.length).toBeGreaterThan(2);
  expect(judge([line('nothing', 1)])).toEqual([]);
});

test('what stands is only gone when it is a twentieth better, and what hangs on a convention says so', () => {
  const plan = (seconds: number) => classWith({ main: [line('up', seconds, { id: 'held' })] });
  const [said] = judgeClass(plan(65), contextWith());
  expect(said).toMatchObject({ key: 'overhead-long held', borderline: true });
  const standing = new Set([said?.key ?? '']);
  const codes = (seconds: number, before?: ReadonlySet<string>) =>
    judgeClass(plan(seconds), contextWith(), before).map(({ code }) => code);
  expect(codes(60)).toEqual([]);
  expect(codes(60, standing)).toEqual(['overhead-long']);
  expect(codes(55, standing)).toEqual([]);
  expect(judgeClass(plan(80), contextWith())[0]?.borderline).toBe(false);
});

test('what is grave for a group can be asked of a stronger one', () => {
  const strained = (strength: Strength) =>
    judge([line('horse', 60)], { strength }).filter(({ code }) => code === 'strained').length;
  expect(strained('gentle')).toBeGreaterThan(strained('steady'));
  expect(strained('steady')).toBeGreaterThanOrEqual(strained('strong'));
});

describe('the routine that settles a section is looked at too', () => {
  /** The main part settled with one movement after each of its four lines. */
  const settledWith = (movementId: string): Plan => {
    const plan = classWith({ slotMinutes: 30 });
    const settle = { name: '', when: 'after-each' as const, lines: [{ movementId, count: 1 }] };
    return {
      ...plan,
      sections: plan.sections.map((section) =>
        section.kind === 'main' ? { ...section, pace: { from: 9, to: 9, easing: 0 }, settle } : section,
      ),
    };
  };
  const foundIn = (plan: Plan, code: string, more: Partial<Asked> = {}) =>
    judgeClass(plan, contextWith(more)).filter((finding) => finding.code === code);
  const mended = (plan: Plan, code: string, more: Partial<Asked> = {}) => {
    const analysed = analyseClass(plan, contextWith(more));
    const [finding] = foundIn(plan, code, more);
    const [remedy] = analysed && finding ? remediesFor(analysed, finding) : [];
    return { label: remedy?.label, left: foundIn(applyEdits(plan, remedy?.edits ?? []), code, more) };
  };

  test('a call too long for it is said once, however often it settles, and a slower section makes room', () => {
    const plan = settledWith('wordy');
    const found = foundIn(plan, 'call-long');
    expect(found).toHaveLength(1);
    expect(found[0]?.what).toMatch(/takes 5\.2 s to say; its phase in wordy lasts 3\.3 s\.$/);
    expect(mended(plan, 'call-long')).toEqual({ label: 'The whole section at 5 breaths a minute', left: [] });
  });

  test('a movement nobody has been taught is said at the first line it settles, and explained before it', () => {
    const known = new Set(['quiet', 'loosen', 'lift', 'sides', 'squat', 'push-out']);
    const plan = settledWith('half-horse');
    const found = foundIn(plan, 'not-taught', { known });
    expect(found.map(({ what }) => what)).toEqual([
      'half-horse settles the class here, and has not been taught to this group yet.',
    ]);
    expect(found[0]?.itemId).toBe(plan.sections[2]?.items[0]?.id);
    expect(mended(plan, 'not-taught', { known })).toEqual({ label: 'half-horse explained before it', left: [] });
    expect(foundIn(plan, 'not-taught', { known: new Set([...known, 'half-horse']) })).toEqual([]);
  });
});

describe('the class walks away from its places', () => {
  /** Half a metre to the left each time; the other movement takes the same steps back. */
  const drifts = (main: readonly Item[]) => judge(main).filter(({ code }) => code === 'drift');
  const far = (n: number, more = {}) => line('sidesteps', n, { pace: 10, ...more });

  test('each time before there is time to walk back is said by itself', () => {
    const [first, second] = [far(16), far(16)];
    const found = drifts([first, newPause('rest', 'r', 60), second]);
    expect(found.map(({ itemId }) => itemId)).toEqual([first.id, second.id]);
    expect(new Set(found.map(({ key }) => key)).size).toBe(2);
    expect(drifts([far(4), newPause('rest', 'r', 60), far(4)])).toEqual([]);
  });

  test('lines that are too far together are walked back between; one that is by itself is taken in rounds', () => {
    const remedyFor = (main: readonly Item[]) => {
      const plan = classWith({ main, slotMinutes: 40 });
      const analysed = analyseClass(plan, contextWith());
      const [finding] = analysed ? findingsOf(analysed).filter(({ code }) => code === 'drift') : [];
      const [remedy] = analysed && finding?.code === 'drift' ? walkingBack(analysed, finding.evidence.legs) : [];
      const after = judgeClass(applyEdits(plan, remedy?.edits ?? []), contextWith());
      return { label: remedy?.label, left: after.filter(({ code }) => code === 'drift') };
    };
    expect(remedyFor([far(8), far(8)])).toEqual({ label: 'Walk back before sidesteps (the second time)', left: [] });
    expect(remedyFor([far(16)])).toEqual({ label: 'Walk back between 2 rounds of sidesteps', left: [] });
    expect(remedyFor([far(8), far(16)]).left).toEqual([]);
  });
});

test('what was warmed an hour ago has faded; it may be warmed again right before the line, and more than all is never asked', () => {
  const nodding = (id: string, head: { turn: number; nod: number }) =>
    movement({
      id,
      names: { english: [id] },
      count: { unit: 'seconds', least: 5, usual: 30, most: 1200, step: 5 },
      start: { stance: 'parallel', load: { left: 50, right: 50 }, sink: 8, arms: 'hanging', head },
      parts: { cycle: [{ ...stay, to: {} }] },
    });
  const more = [nodding('looking', { turn: 80, nod: 0 }), nodding('far-round', { turn: 85, nod: 45 })];
  const of = {
    ...contextWith({ offered: [...MOVEMENTS, ...more] }),
    find: (id: string) => more.find((one) => one.id === id) ?? find(id),
  };
  const faded = classWith({ slotMinutes: 100, main: [newPause('talk', 'long', 3600), line('looking', 30)] });
  const unready = (plan: Plan) =>
    judgeClass(plan, of).filter((found) => found.code === 'not-ready' && found.evidence.regions.includes('neck'));
  const analysed = analyseClass(faded, of);
  const [finding] = unready(faded);
  if (!analysed || !finding) throw new Error('an hour of talk lets a neck go cold');
  const again = remediesFor(analysed, finding).find(({ label }) => label === 'loosen, 30 seconds, before looking');
  expect(unready(applyEdits(faded, again?.edits ?? []))).toEqual([]);
  // Turned and bent as far as it goes the neck is asked for more than all there is, and that can be made ready for.
  const warm = classWith({ warmUp: [line('loosen', 200)], main: [line('loosen', 200), line('far-round', 10)] });
  expect(unready(warm)).toEqual([]);
});

test('a form that is not the same on both sides is one note, not a warning for each of its places', () => {
  const place = (n: number, sides: string) => line('sides', 2, { id: `place-${n}`, block: 'form', sides });
  const places = [...[1, 2, 3, 4].map((n) => place(n, 'left-only')), place(5, 'right-only')];
  const plan = classWith({ slotMinutes: 30, main: places });
  const form = {
    id: 'form',
    within: null,
    name: 'A short form',
    rounds: 1,
    roundRest: 0,
    lower: 0,
    chain: null,
    origin: null,
  };
  const foundAs = (oneWay: boolean) => {
    const blocks = [{ ...form, oneWay }];
    const sections = plan.sections.map((section) => (section.kind === 'main' ? { ...section, blocks } : section));
    return judgeClass({ ...plan, sections }, contextWith()).filter(({ code }) => code === 'sides-unequal');
  };
  const found = foundAs(true);
  // A row of lines that nobody calls a form is judged line by line.
  expect(foundAs(false).map(({ severity }) => severity)).toEqual(['warn', 'warn', 'warn', 'warn', 'warn']);
  expect(found.map(({ severity, what }) => [severity, what])).toEqual([
    ['notice', 'A short form is done more on the left, as it is taught.'],
  ]);
});
