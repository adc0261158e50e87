import type { NumberKind } from './NumberField';

/** The numbers of a line that its panel offers. */
export const ROUNDS: NumberKind = {
  label: 'Rounds',
  name: 'Rounds',
  min: 1,
  max: 20,
  isWhole: true,
  put: (rounds) => ({ rounds }),
};

export const ROUND_REST: NumberKind = {
  label: 'Rest between',
  name: 'Rest between rounds in seconds',
  min: 0,
  max: 600,
  step: 5,
  suffix: 's',
  put: (roundRest) => ({ roundRest }),
};

export const LOWER: NumberKind = {
  label: 'Lower each round',
  name: 'Degrees of knee bend lower each round',
  min: -20,
  max: 20,
  suffix: '°',
  put: (lower) => ({ lower }),
};

export const STILL_AFTER: NumberKind = {
  label: 'Stand still after',
  name: 'Stand still after, in seconds',
  min: 0,
  max: 600,
  step: 5,
  suffix: 's',
  put: (seconds) => ({ settle: seconds > 0 ? { kind: 'still', seconds } : { kind: 'none' } }),
};

export const OWN_PACE: NumberKind = {
  label: 'Own pace',
  name: 'Own pace in breaths a minute',
  min: 2,
  max: 30,
  step: 0.5,
  placeholder: 'the section’s',
  put: (pace) => ({ pace }),
  empty: { pace: null },
};
