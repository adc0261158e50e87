import { standIn } from '../../body/standing/stand';
import { Posture } from '../../body/written/posture';
import { bridgeBetween } from '../../movement/bridge/bridge';
import type { Movement } from '../../movement/schema/movement';
import { movement, outBreath, phase } from '../../testing/sample';
import { feetSeconds, type Into, linkSeconds } from './linkSeconds';

const span = { kind: 'span', share: 1 } as const;
const posed = (written: Record<string, unknown>) => standIn(Posture.parse({ arms: 'hanging', ...written }));
const parallel = posed({ stance: 'parallel', load: { left: 50, right: 50 }, sink: 10 });
const bow = { stance: 'bow', side: 'left', sink: 38 } as const;
const forward = { ...bow, load: { left: 70, right: 30 } };
const back = { ...bow, load: { left: 30, right: 70 } };

const into = (change: Record<string, unknown>): Into => ({
  movement: movement(change) satisfies Movement,
  part: 'cycle',
  side: 'left',
  direction: null,
});
const rocking = (start: object, to: object) =>
  into({
    laterality: { sides: { kind: 'each-side', first: 'left' } },
    start: { ...start, arms: 'hanging' },
    parts: { cycle: [phase({ breath: 'in', length: span, to, call: 'Go' }), outBreath] },
  });
const actionsTo = (from: typeof parallel, goal: Record<string, unknown>) =>
  bridgeBetween(from, posed(goal))?.actions ?? [];

describe('how long the feet need', () => {
  const steps = actionsTo(parallel, back);

  test('a second and a half for each action, but a foot turns while the weight goes to the other', () => {
    expect(steps.map(({ kind }) => kind)).toEqual(['shift', 'step', 'shift']);
    expect(feetSeconds(steps, parallel.load)).toBe(4.5);
    const over = actionsTo(posed(forward), { ...forward, side: 'right', load: { left: 30, right: 70 } });
    expect(over.map(({ kind }) => kind)).toEqual(['shift', 'step', 'shift', 'turn']);
    expect(feetSeconds(over, posed(forward).load)).toBe(4.5);
  });

  test('a shift that the movement goes on with is its own; one it comes back from is not', () => {
    const sitting = actionsTo(posed(forward), back);
    expect(sitting.map(({ kind }) => kind)).toEqual(['shift']);
    const from = { left: 70, right: 30, seat: 0 };
    expect(feetSeconds(sitting, from, rocking(back, { load: { left: 10, right: 90 } }))).toBe(0);
    expect(feetSeconds(sitting, from, rocking(back, { load: { left: 70, right: 30 } }))).toBe(1.5);
  });

  test('a foot that the movement itself sets down need not be set down before', () => {
    const ready = { stance: 'step-ready', side: 'left', load: { left: 10, right: 90 }, sink: 34 };
    const closing = actionsTo(posed(back), ready);
    expect(closing.some(({ kind, foot }) => kind === 'close' && foot === 'left')).toBe(true);
    const stepsOut = rocking(ready, { stance: 'bow', side: 'left', load: { left: 10, right: 90 } });
    expect(feetSeconds(closing, posed(back).load)).toBe(3);
    expect(feetSeconds(closing, posed(back).load, stepsOut)).toBe(1.5);
  });

  test('on the other side of a movement it is the other foot', () => {
    const mirrored = actionsTo(posed({ ...back, side: 'right', load: { left: 30, right: 70 } }), {
      ...bow,
      side: 'right',
      load: { left: 70, right: 30 },
    });
    const from = { left: 30, right: 70, seat: 0 };
    const further = { ...rocking(back, { load: { left: 10, right: 90 } }), side: 'right' } as const;
    expect(feetSeconds(mirrored, from, further)).toBe(0);
  });

  test('sitting down takes as long as two steps', () => {
    const chair = { stance: 'seated', load: { left: 10, right: 10, seat: 80 }, sink: 0 };
    const sits = actionsTo(parallel, chair).filter(({ kind }) => kind === 'sit');
    expect(feetSeconds(sits, parallel.load)).toBe(3);
  });
});

describe('what the steps add', () => {
  test('nothing up to half of the first breath half, then ever more, and all of it where the feet need the whole of it', () =>
    expect([0, 1, 2.5, 3, 4, 5, 8].map((feet) => linkSeconds(feet, 5, 10))).toEqual([0, 0, 0, 1, 3, 5, 8]));
  test('never more than a whole breath', () => expect(linkSeconds(12, 5, 10)).toBe(10));
  test('all of it where the movement begins with steps of its own', () => expect(linkSeconds(1.5, 0, 10)).toBe(1.5));
  test('with a slower breath, opening and steps together never last less', () => {
    for (let feet = 0; feet < 10; feet += 0.5)
      for (let opening = 1; opening < 15; opening += 0.5)
        expect(linkSeconds(feet, opening + 0.5, 30) + opening + 0.5).toBeGreaterThanOrEqual(
          linkSeconds(feet, opening, 30) + opening - 1e-9,
        );
  });
});
