import { renderToStaticMarkup } from 'react-dom/server';
import { skeletonOf } from '../../../core/body/figure/skeleton';
import { mirrorPose, type Pose } from '../../../core/body/standing/pose';
import { standIn } from '../../../core/body/standing/stand';
import { Posture } from '../../../core/body/written/posture';
import { walkMovement } from '../../../core/movement/walk/walkMovement';
import { movement, phase } from '../../../core/testing/sample';
import { movementTraits } from '../../../core/traits/movementTraits';
import { DemandBars } from '../DemandBars';
import { FloorPath } from '../FloorPath';
import { Figure } from './Figure';
import { stroke } from './ink';
import { partsOf } from './parts';
import { EYES, onPaper, type View } from './view';

const pose = (written: Record<string, unknown> = {}): Pose =>
  standIn(Posture.parse({ stance: 'parallel', load: { left: 50, right: 50 }, sink: 20, arms: 'hanging', ...written }));
const parts = (of: Pose, view: View) => partsOf(of, skeletonOf(of), EYES[view]);
const sizeOf = (markup: string) => {
  const [, width = '0', height = '0'] = /width="([\d.]+)" height="([\d.]+)"/.exec(markup) ?? [];
  return { width: Number(width), height: Number(height) };
};

describe('a figure in ink', () => {
  test.each(Object.keys(EYES) as View[])('seen from %s it has all its limbs, far ones first', (view) => {
    const drawn = parts(
      pose({ stance: 'bow', side: 'left', load: { left: 70, right: 30 }, sink: 46, arms: 'pushing-front' }),
      view,
    );
    for (const name of ['leg', 'arm', 'foot', 'hand'])
      expect(drawn.filter((part) => part.name === name).length).toBeGreaterThanOrEqual(2);
    expect(drawn.map(({ near }) => near)).toEqual(drawn.map(({ near }) => near).toSorted((a, b) => a - b));
    expect(drawn.map(({ path }) => path).join()).not.toMatch(/NaN|undefined/);
  });

  test('a foot is as dark as the weight it bears', () => {
    const feet = parts(pose({ load: { left: 80, right: 20 } }), 'front').filter(({ name }) => name === 'foot');
    expect(feet.map(({ weight }) => weight).toSorted()).toEqual([0.2, 0.8]);
  });

  test('from the side one arm and one leg are far; from the front none is', () => {
    const far = (view: View) =>
      parts(pose({ arms: 'raised-sides' }), view)
        .filter((part) => part.far)
        .map(({ name }) => name);
    expect(far('side')).toEqual(expect.arrayContaining(['arm', 'leg', 'foot', 'hand']));
    expect(far('front')).toEqual([]);
  });

  test('it looks at the eye only when it faces it', () => {
    const face = (heading: number) => parts(pose({ heading }), 'front').some(({ name }) => name === 'face');
    expect([face(0), face(180)]).toEqual([true, false]);
  });

  test('hands differ by their shape', () => {
    const hand = (shape: string) => {
      const drawn = parts(pose({ arms: 'raised-front', hands: { left: { shape }, right: { shape } } }), 'side');
      return drawn
        .filter(({ name }) => name === 'hand' || name === 'fingers')
        .map(({ path }) => path)
        .join();
    };
    const shapes = ['open', 'fist', 'hook', 'pointing', 'claw', 'sword-fingers', 'one-finger', 'curled'].map(hand);
    expect(new Set(shapes).size).toBe(shapes.length);
  });

  test('the mirror image seen from the front is the drawing turned round', () => {
    const lean = pose({ stance: 'bow', side: 'left', load: { left: 70, right: 30 }, sink: 46, turn: 20 });
    const [one, other] = [lean, mirrorPose(lean)].map((of) => onPaper(EYES.front, skeletonOf(of).legs.left.knee));
    const right = onPaper(EYES.front, skeletonOf(lean).legs.right.knee);
    expect(other?.[0]).toBeCloseTo(-right[0], 6);
    expect(one?.[1]).not.toBeCloseTo(right[1], 1);
  });

  test('compared figures have one scale: raised hands make the drawing taller, not the body smaller', () => {
    const tall = (arms: string) => sizeOf(renderToStaticMarkup(<Figure pose={pose({ arms })} scale={0.5} />)).height;
    expect(tall('overhead-round') - tall('hanging')).toBeGreaterThan(10);
    const roomy = (arms: string) =>
      sizeOf(renderToStaticMarkup(<Figure pose={pose({ arms })} scale={0.5} roomy />)).height;
    expect(roomy('overhead-round')).toBe(roomy('hanging'));
  });

  test('a seat and a chair to hold on to are drawn with it', () => {
    const furniture = (written: Record<string, unknown>) =>
      /figure-furniture" d="([^"]*)"/.exec(renderToStaticMarkup(<Figure pose={pose(written)} />))?.[1] ?? '';
    expect(furniture({})).toBe('');
    expect(furniture({ stance: 'seated', load: { left: 10, right: 10, seat: 80 } })).toMatch(/^M/);
    expect(furniture({ arms: 'hand-on-chair' })).toMatch(/^M/);
  });

  test('a stroke whose ends fall together is a dot', () => {
    expect(stroke([0, 0], [0.01, 0], 3, 1)).toMatch(/^M-3 0A3 3/);
    expect(stroke([0, 0], [20, 0], 3, 1)).toMatch(/^M.*L.*A.*L.*A.*Z$/);
  });
});

describe('the floor and the bars', () => {
  const step = movement({
    laterality: { sides: { kind: 'each-side', first: 'left' } },
    start: { stance: 'closed', load: { left: 50, right: 50 }, sink: 30, arms: 'hanging' },
    parts: {
      cycle: [
        phase({
          breath: 'in',
          length: { kind: 'span', share: 1 },
          to: { load: { left: 0, right: 100 } },
          call: 'Empty',
        }),
        phase({
          breath: 'out',
          length: { kind: 'span', share: 1 },
          to: { stance: 'parallel', load: { left: 10, right: 90 } },
          call: 'Step',
        }),
      ],
    },
  });
  const strides = walkMovement(step, { side: 'left' }).map(({ stride }) => stride);

  test('a step is one new print with its number; stations are numbered instead', () => {
    const drawn = (stations?: { at: number; label: string }[]) =>
      renderToStaticMarkup(
        <FloorPath strides={strides} height={200} width={200} label="x" {...(stations ? { stations } : {})} />,
      );
    expect(drawn().match(/floor-print/g)).toHaveLength(3);
    expect(drawn()).toMatch(/floor-order[^>]*>1</);
    expect(drawn([{ at: 0, label: '7' }])).toMatch(/floor-station-label[^>]*>7</);
    expect(drawn([{ at: 0, label: '7' }])).not.toContain('floor-order');
  });

  test('bars tell mean, peak and how well a region is moved, also in words', () => {
    const markup = renderToStaticMarkup(<DemandBars regions={movementTraits(step).regions} />);
    expect(markup).toContain('thighs');
    expect(markup).toMatch(/mobilised \d\.\d\d/);
    const widths = [...markup.matchAll(/demand-mean"[^>]*width="([\d.]+)"/g)].map(([, width]) => Number(width));
    expect(widths.every((width) => width >= 0 && width <= 100)).toBe(true);
  });
});
