import type { FootworkFinding } from './footwork';
import { footworkWords } from './footworkWords';

const finding = (change: Partial<FootworkFinding>): FootworkFinding => ({
  code: 'loaded-lift',
  severity: 'warn',
  stride: 0,
  side: 'left',
  amount: 30,
  limit: 20,
  load: null,
  sinkThatWorks: null,
  ...change,
});

test.each<[Partial<FootworkFinding>, string]>([
  [{ load: 29.6 }, 'The left foot is lifted while it bears 30 %; 20 % is the most.'],
  [{ code: 'hurried-lift', amount: 0.34, limit: 0.6 }, 'The left foot has only 0.3 s in the air; it needs 0.6 s.'],
  [
    { code: 'knee-twist', side: 'right', amount: 62.4, load: 70 },
    'The right foot turns 62° while it bears 70 %: that twists the knee.',
  ],
  [{ code: 'weighted-turn', amount: 20 }, 'The left foot turns 20° with weight on it.'],
  [{ code: 'hurried-shift', amount: 81.2, limit: 60 }, 'The weight moves at 81 % a second; 60 is the most.'],
  [
    { code: 'step-too-long', amount: 0.712, limit: 0.6, sinkThatWorks: 35 },
    'The left foot steps 71 cm from under the hip; 60 cm is within reach. A knee bend of 35° would do.',
  ],
  [{ code: 'head-height', side: null, amount: 0.07 }, 'The head rises 7 cm through the step.'],
  [{ code: 'head-height', side: null, amount: -0.07 }, 'The head sinks 7 cm through the step.'],
  [{ code: 'leg-too-long', amount: 0.03 }, 'The left leg would have to be 3 cm longer.'],
  [{ code: 'ankle', amount: 38.2, limit: 35 }, 'The left ankle bends 38°; 35° is the most.'],
  [{ code: 'hand-out-of-reach', amount: 0.12 }, 'The left hand stays 12 cm short of its place.'],
  [{ code: 'hip', amount: 61, limit: 55 }, 'The left foot is turned 61° against the pelvis; 55° is the most.'],
  [{ code: 'knee', amount: 141, limit: 135 }, 'The left knee folds 141°; 135° is the most.'],
  [{ code: 'elbow', amount: 150, limit: 145 }, 'The left elbow folds 150°; 145° is the most.'],
  [{ code: 'off-seat', side: null, amount: 0.16 }, 'The body leans 16 cm off the middle of the seat.'],
])('%j is said in a sentence, in the units of practice', (change, words) => {
  expect(footworkWords(finding(change))).toBe(words);
});
