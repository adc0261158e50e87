import { seeded } from '../weave/graph/seeded';
import { type PieceChoice, type SpreadRules, spreadCost, spreadPieces } from './spreadPieces';

const rules: SpreadRules = {
  core: new Set(['neck', 'knees']),
  slots: [
    ['swings', 'turns'],
    ['shake', 'pat'],
  ],
  familiar: { least: 0.75, most: 0.9 },
};
const choice = (...pieces: string[]): PieceChoice => ({
  pieces,
  minutes: pieces.map(() => 1),
  cost: 0,
  nothingNew: false,
});

test('what a spread costs, by hand', () => {
  const always = [choice('neck', 'knees', 'swings', 'shake'), choice('neck', 'knees', 'turns', 'pat')];
  const classes = Array.from({ length: 5 }, () => always);
  // Nothing is fresh after the first class: the fourth has three running without (3), the fourth and fifth are all familiar (4 x 0.1 x 10
  // each), and swings and shake are done more often than their like in classes 2 to 5 (8 x 0.2).
  expect(spreadCost(classes, [0, 0, 0, 0, 0], rules)).toBeCloseTo(3 + 2 * 4 + 8 * 0.2);
  // Two new pieces at once in the second class cost 1 besides; nothing is stale in the second and third.
  expect(spreadCost(classes.slice(0, 3), [0, 1, 0], rules)).toBeCloseTo(1);
});

test('where two things are new already, a piece that never was waits', () => {
  const whole = choice('neck', 'knees', 'swings');
  const classes = [
    [choice('neck', 'knees')],
    [choice('neck', 'knees'), whole].map((one) => ({ ...one, nothingNew: true })),
    [whole],
  ];
  expect(spreadPieces(classes, rules)).toEqual([0, 0, 0]);
});

test('a class without a choice is left to itself', () => {
  expect(spreadPieces([[choice('neck')], [], [choice('neck')]], rules)).toEqual([0, null, 0]);
});

test('over small courses no spread costs less', () => {
  for (let seed = 1; seed <= 30; seed += 1) {
    const random = seeded(seed);
    const classes = Array.from({ length: 4 }, () =>
      ['swings', 'turns']
        .flatMap((one) => ['shake', 'pat'].map((other) => ['neck', 'knees', one, other]))
        .filter(() => random() < 0.8)
        .map(
          (pieces): PieceChoice => ({
            pieces,
            minutes: pieces.map(() => 0.5 + random()),
            cost: random(),
            nothingNew: random() < 0.2,
          }),
        ),
    );
    let least = Number.POSITIVE_INFINITY;
    const all = (place: number, chosen: (number | null)[]): void => {
      if (place === classes.length) {
        least = Math.min(least, spreadCost(classes, chosen, rules));
        return;
      }
      const choices = classes[place] ?? [];
      if (choices.length === 0) all(place + 1, [...chosen, null]);
      for (const at of choices.keys()) all(place + 1, [...chosen, at]);
    };
    all(0, []);
    expect(spreadCost(classes, spreadPieces(classes, rules), rules)).toBeCloseTo(least, 9);
  }
});
