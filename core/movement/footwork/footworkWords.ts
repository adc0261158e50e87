import type { FootworkFinding } from './footwork';

const round = (value: number): string => String(Math.round(value));
const cm = (metres: number): string => `${Math.round(metres * 100)} cm`;

function words({ code, side, amount, limit, load }: FootworkFinding): string {
  switch (code) {
    case 'loaded-lift':
      return `The ${side} foot is lifted while it bears ${round(load ?? amount)} %; ${limit} % is the most.`;
    case 'hurried-lift':
      return `The ${side} foot has only ${amount.toFixed(1)} s in the air; it needs ${limit} s.`;
    case 'loaded-roll':
      return `The ${side} foot rolls while it bears ${round(load ?? amount)} %; it is flat first.`;
    case 'not-flat':
      return `The ${side} foot bears ${round(amount)} % and is not flat on the floor.`;
    case 'knee-twist':
      return `The ${side} foot turns ${round(amount)}° while it bears ${round(load ?? 0)} %: that twists the knee.`;
    case 'weighted-turn':
      return `The ${side} foot turns ${round(amount)}° with weight on it.`;
    case 'hurried-shift':
      return `The weight moves at ${round(amount)} % a second; ${limit} is the most.`;
    case 'step-too-long':
      return `The ${side} foot steps ${cm(amount)} from under the hip; ${cm(limit)} is within reach.`;
    case 'head-height':
      return `The head ${amount > 0 ? 'rises' : 'sinks'} ${cm(Math.abs(amount))} through the step.`;
    case 'leg-too-long':
      return `The ${side} leg would have to be ${cm(amount)} longer.`;
    case 'ankle':
      return `The ${side} ankle bends ${round(amount)}°; ${limit}° is the most.`;
    case 'hand-out-of-reach':
      return `The ${side} hand stays ${cm(amount)} short of its place.`;
    case 'hip':
      return `The ${side} foot is turned ${round(amount)}° against the pelvis; ${limit}° is the most.`;
    case 'knee':
      return `The ${side} knee folds ${round(amount)}°; ${limit}° is the most.`;
    case 'elbow':
      return `The ${side} elbow folds ${round(amount)}°; ${limit}° is the most.`;
    case 'off-seat':
      return `The body leans ${cm(amount)} off the middle of the seat.`;
  }
}

/** A finding in a plain sentence, with what would help. */
export function footworkWords(finding: FootworkFinding): string {
  const { sinkThatWorks } = finding;
  return sinkThatWorks === null ? words(finding) : `${words(finding)} A knee bend of ${sinkThatWorks}° would do.`;
}
