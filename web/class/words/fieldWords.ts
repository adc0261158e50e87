/** Fields whose own name says too little. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  movementId: 'version',
  roundRest: 'rest between rounds',
  note: 'note',
  settle: 'standing still after',
  ownBreath: 'whose breath',
  ends: 'what ends it',
  range: 'from how many to how many',
  pinned: 'pinned',
  optional: 'may be left out',
  variant: 'way',
  layer: 'step',
  offers: 'offered too',
  inRounds: 'in which rounds',
  lower: 'depth from round to round',
  ramp: 'what grows each time',
  bridge: 'steps into it',
  schools: 'where schools disagree',
  cues: 'words on the way',
  focuses: 'what each round looks at',
  script: 'what is read out',
  stands: 'where I stand',
  depth: 'the depth that is kept',
  slot: 'minutes',
  perMinute: 'pace',
};

/** A field of a line or of a class in words. */
export const fieldWord = (field: string): string => FIELD_WORDS[field] ?? field;
