import { renderToStaticMarkup } from 'react-dom/server';
import type { z } from 'zod';
import { standIn } from '../../core/body/standing/stand';
import { Posture } from '../../core/body/written/posture';
import { postureWords } from '../../core/body/written/postureWords';
import { STANCES, StanceName } from '../../core/body/written/stance';
import { inBreath, movement, natural, outBreath } from '../../core/testing/sample';
import { BreathLine } from './BreathLine';
import { cycleBreath } from './cycleBreath';
import { Footprints } from './Footprints';

const posture = (change: Partial<z.input<typeof Posture>> = {}): Posture =>
  Posture.parse({ stance: 'parallel', load: { left: 50, right: 50 }, sink: 15, arms: 'hanging', ...change });
const Prints = ({ posture: of, ...more }: { posture: Posture; height?: number; labelled?: boolean }) => (
  <Footprints pose={standIn(of)} label={postureWords(of)} {...more} />
);
const numbers = (markup: string, pattern: RegExp) => [...markup.matchAll(pattern)].map(([, value]) => Number(value));

describe('footprints', () => {
  test('each sole is filled in proportion to the weight on it', () => {
    const markup = renderToStaticMarkup(<Prints posture={posture({ load: { left: 80, right: 20, seat: 0 } })} />);
    const [left = 0, right = 0] = numbers(markup, /<rect[^>]*height="([\d.]+)"/g);
    expect(left / right).toBeCloseTo(4, 9);
  });

  test('an empty foot is not filled, and a lifted one cannot be', () => {
    const lifted = posture({ stance: 'one-leg', side: 'left', load: { left: 100, right: 0, seat: 0 } });
    expect(numbers(renderToStaticMarkup(<Prints posture={lifted} />), /<rect[^>]*height="([\d.]+)"/g)).toEqual([26, 0]);
  });

  test.each(StanceName.options)('%s is drawn within its height and told in words, on both sides', (stance) => {
    for (const side of STANCES[stance].sideNames === null ? ([null] as const) : (['left', 'right'] as const)) {
      const markup = renderToStaticMarkup(<Prints posture={posture({ stance, side })} height={44} />);
      const [height = 0] = numbers(markup, /<svg[^>]* height="([\d.]+)"/g);
      const [width = 0] = numbers(markup, /<svg width="([\d.]+)"/g);
      expect(height).toBeGreaterThan(15);
      expect(height).toBeLessThanOrEqual(44.5);
      expect(width).toBeLessThanOrEqual(44 * 1.5);
      expect(markup).toContain(STANCES[stance].label);
      expect(markup).not.toContain('NaN');
    }
  });
});

describe('the breath line', () => {
  const width = (markup: string) => numbers(markup, /<svg[^>]* width="([\d.]+)"/g)[0] ?? 0;

  test('is as long as the repetition, to scale', () => {
    const once = renderToStaticMarkup(<BreathLine stretches={cycleBreath(movement())} scale={7} />);
    const twice = movement({ parts: { cycle: [inBreath, outBreath, inBreath, outBreath] } });
    expect(width(once)).toBe(72);
    expect(width(renderToStaticMarkup(<BreathLine stretches={cycleBreath(twice)} scale={7} />))).toBe(142);
    expect(once).toContain('One repetition breathes for 10 seconds');
  });

  test('two spans of one breath draw the same line as the whole breath', () => {
    const half = { ...inBreath, length: { kind: 'span' as const, share: 0.5 } };
    const split = movement({ parts: { cycle: [half, half, outBreath] } });
    const path = (markup: string) => / d="([^"]+)"/.exec(markup)?.[1];
    expect(path(renderToStaticMarkup(<BreathLine stretches={cycleBreath(split)} />))).toBe(
      path(renderToStaticMarkup(<BreathLine stretches={cycleBreath(movement())} />)),
    );
  });

  test('a free breath leaves from where the last one ended', () => {
    const mixed = movement({ parts: { cycle: [inBreath, natural(1), outBreath] } });
    const levels = numbers(
      renderToStaticMarkup(<BreathLine stretches={cycleBreath(mixed)} />),
      /C[\d. ]+ ([\d.]+)(?=C|")/g,
    );
    expect(levels).toEqual([3, 17, 7, 21]);
  });

  test('what goes by the clock is told as such', () => {
    const held = movement({
      count: { unit: 'seconds', least: 5, usual: 5, most: 5, step: 5 },
      parts: { cycle: [{ breath: 'natural', length: { kind: 'seconds', seconds: 5 }, call: 'Hold' }] },
    });
    expect(renderToStaticMarkup(<BreathLine stretches={cycleBreath(held)} />)).toContain(
      'goes by the clock for 5 seconds',
    );
  });
});
