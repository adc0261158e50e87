import { LIGHT_NAMES, LIGHTS } from './lights';

/** Relative luminance of a colour written as #rrggbb, by WCAG 2. */
function luminance(colour: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const share = Number.parseInt(colour.slice(at, at + 2), 16) / 255;
    return share <= 0.03928 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(one: string, other: string): number {
  const [low, high] = [luminance(one), luminance(other)].toSorted((a, b) => a - b) as [number, number];
  return (high + 0.05) / (low + 0.05);
}

test('black on white is twenty-one to one', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 6);
  expect(contrast('#777777', '#777777')).toBe(1);
});

test.each(LIGHT_NAMES)('in %s light everything that is read stands out by 4.5, on whatever it stands', (name) => {
  const { paper, sheet, ink, faded, amberInk, reed, clay, plum } = LIGHTS[name];
  for (const ground of [paper, sheet])
    for (const read of [ink, faded, amberInk, reed, clay, plum]) expect(contrast(read, ground)).toBeGreaterThan(4.5);
});

test.each(['dusk', 'day'] as const)('what is read from afar while teaching stands out by 7 in %s light', (name) => {
  const { paper, well, ink, faded } = LIGHTS[name];
  for (const ground of [paper, well]) expect(contrast(ink, ground)).toBeGreaterThan(7);
  // A call that is not said is fainter, and still read.
  expect(contrast(faded, paper)).toBeGreaterThan(7);
});
