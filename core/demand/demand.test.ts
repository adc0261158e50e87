import { skeletonOf } from '../body/figure/skeleton';
import { mirrorPose, type Pose } from '../body/standing/pose';
import { standIn } from '../body/standing/stand';
import { Posture } from '../body/written/posture';
import { ease } from '../movement/walk/liftWindow';
import { postures } from '../testing/postures';
import { fc } from '../testing/properties';
import { type CHANNELS, channelIndex, MIRRORED } from './channels';
import { demandAt } from './demandAt';
import { mirrorDemand } from './movementDemand';
import { allowedDemand, readied } from './readiness';
import { fill } from './strain';

const pose = (written: Record<string, unknown> = {}): Pose =>
  standIn(Posture.parse({ stance: 'parallel', load: { left: 50, right: 50 }, sink: 20, arms: 'hanging', ...written }));
const asked = (of: Pose) => demandAt(of, skeletonOf(of));
const of = (
  written: Record<string, unknown>,
  region: (typeof CHANNELS)[number]['region'],
  side: 'left' | 'right' | null = 'left',
) => asked(pose(written)).channels[channelIndex(region, side)] ?? 0;

describe('strain in a leaky compartment', () => {
  test('constant demand from empty: d tau (1 - e^(-t/tau))', () => {
    expect(fill(0, 0.5, 40, 75)).toBeCloseTo(0.5 * 75 * (1 - Math.exp(-40 / 75)), 12);
    expect(fill(30, 0, 75, 75)).toBeCloseTo(30 / Math.E, 12);
  });

  test('splitting a stretch equals one update to 1e-12', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (d, t, share) => {
          const whole = fill(5, d, t, 60);
          const split = fill(fill(5, d, t * share, 60), d, t * (1 - share), 60);
          expect(Math.abs(whole - split)).toBeLessThan(1e-12 * Math.max(1, whole));
        },
      ),
    );
  });

  test('eased demand in four constant pieces agrees with Runge-Kutta on those pieces at 0.05 s to 1e-6', () => {
    const [from, to, seconds, tau] = [0.1, 0.7, 5, 75];
    const piece = (t: number) => from + (to - from) * ease((Math.min(3, Math.floor((t / seconds) * 4)) + 0.5) / 4);
    let exact = 0;
    for (let index = 0; index < 4; index += 1)
      exact = fill(exact, piece((index + 0.5) * (seconds / 4)), seconds / 4, tau);
    let stepped = 0;
    const h = 0.05;
    for (let step = 0; step < seconds / h; step += 1) {
      const d = piece((step + 0.5) * h);
      const rate = (filled: number) => d - filled / tau;
      const k1 = rate(stepped);
      const k2 = rate(stepped + (h * k1) / 2);
      const k3 = rate(stepped + (h * k2) / 2);
      const k4 = rate(stepped + h * k3);
      stepped += (h * (k1 + 2 * k2 + 2 * k3 + k4)) / 6;
    }
    expect(Math.abs(exact - stepped)).toBeLessThan(1e-6);
  });

  test('three horses of 40 s at 60 degrees with 20 s between pass 0.30, as one of them does not', () => {
    let filled = 0;
    const level: number[] = [];
    for (let bout = 0; bout < 3; bout += 1) {
      filled = fill(filled, 0.5, 40, 75);
      level.push(filled / 75);
      filled = fill(filled, 0, 20, 75);
    }
    expect(level[0]).toBeLessThan(0.3);
    expect(level[2]).toBeGreaterThan(0.3);
  });
});

describe('readiness', () => {
  test('32 s of full mobilising give 0.6492, and 900 s idle leave half', () => {
    expect(readied(0, 1, 32)).toBeCloseTo(0.6492, 4);
    expect(readied(readied(0, 1, 32), 0, 900)).toBeCloseTo(0.3246, 4);
  });
  test('splitting a stretch changes nothing, and it never leaves 0 to 1', () => {
    expect(readied(readied(0.2, 0.4, 10), 0.4, 22)).toBeCloseTo(readied(0.2, 0.4, 32), 12);
    expect(readied(1, 1, 1e6)).toBeLessThanOrEqual(1);
  });
  test('cold, 0.15 may be asked; ready, all', () => {
    expect([allowedDemand(0), allowedDemand(1)]).toEqual([0.15, 1]);
  });
});

describe('what a pose asks', () => {
  test('one leg with all the weight at 60 degrees asks 1 of its thigh', () => {
    expect(of({ stance: 'one-leg', side: 'left', load: { left: 100, right: 0 }, sink: 60 }, 'thighs')).toBeCloseTo(
      1,
      6,
    );
  });

  test('a seat takes its share from the thighs', () => {
    expect(of({ stance: 'seated', load: { left: 10, right: 10, seat: 80 } }, 'thighs')).toBeLessThan(0.2);
  });

  test('a higher stance never asks more of the thighs', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 90 }), fc.integer({ min: 0, max: 100 }), (sink, left) => {
        const load = { left, right: 100 - left };
        const index = channelIndex('thighs', left >= 50 ? 'left' : 'right');
        const [low, high] = [sink, sink - 1].map(
          (bend) => asked(pose({ stance: 'horse', spread: 0.6, load, sink: bend })).channels[index] ?? 0,
        );
        expect(high).toBeLessThanOrEqual((low ?? 0) + 1e-9);
      }),
    );
  });

  test('arms: hanging asks next to nothing, level about 0.9, overhead is counted', () => {
    expect(of({}, 'shoulders')).toBeLessThan(0.1);
    expect(of({ arms: 'raised-front' }, 'shoulders')).toBeGreaterThan(0.75);
    expect(asked(pose({ arms: 'overhead-round' })).overhead).toEqual({ left: true, right: true });
    expect(asked(pose({ arms: 'hands-on-head' })).overhead).toEqual({ left: false, right: false });
  });

  test('a straight hinge of 45 degrees asks half of the low back, a rounded one more', () => {
    expect(of({ spine: { hinge: 45 } }, 'low-back', null)).toBeCloseTo(0.5, 6);
    expect(of({ spine: { round: 90 } }, 'low-back', null)).toBeGreaterThan(0.6);
  });

  test('raised heels ask the calves, a turned and nodding head the neck', () => {
    const raised = { stance: 'closed', feet: { left: { contact: 'ball' }, right: { contact: 'ball' } } };
    expect(of(raised, 'calves')).toBeCloseTo(0.5, 6);
    expect(of({ head: { turn: 70, nod: 45 } }, 'neck', null)).toBeCloseTo(1, 6);
  });

  test('balance: none on two feet, more on one, more with eyes closed, half with a hand on a chair', () => {
    const balance = (written: Record<string, unknown>) => asked(pose(written)).balance;
    const one = { stance: 'one-leg', side: 'left', load: { left: 100, right: 0 } };
    expect(balance({})).toBe(0);
    expect(balance(one)).toBeCloseTo(1 - 0.0462 / 0.1, 3);
    expect(balance({ ...one, eyes: 'closed' })).toBeGreaterThan(balance(one));
    expect(balance({ ...one, arms: 'hand-on-chair', armSide: 'right' })).toBeLessThanOrEqual(balance(one) / 2 + 1e-9);
    expect(asked(pose(one)).oneLeg).toBe('left');
  });

  test('a head below the pelvis is low', () => {
    expect(asked(pose({ spine: { hinge: 70, round: 80 }, head: { nod: 30 } })).headLow).toBe(true);
    expect(asked(pose({ spine: { hinge: 45 } })).headLow).toBe(false);
  });

  test('the mirror image asks the same of the other side', () => {
    fc.assert(
      fc.property(postures, (posture) => {
        const [one, other] = [asked(standIn(posture)), asked(mirrorPose(standIn(posture)))];
        for (const [index, value] of other.channels.entries())
          expect(value).toBeCloseTo(one.channels[MIRRORED[index] ?? 0] ?? 0, 5);
        expect(mirrorDemand(mirrorDemand(one))).toEqual(one);
      }),
    );
  });
});
