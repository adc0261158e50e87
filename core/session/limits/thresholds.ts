import type { Role } from '../../movement/schema/movement';

/** Every threshold of every check, in one table. Conventions of this product; seconds unless said otherwise. */
export const THRESHOLDS = {
  /** A class may end this much after its time, as late as it does in eight of ten, before it is called over. */
  slotOver: 15,
  /** A class may leave this much of its time empty, as late as it ends in eight of ten, before it is called under. */
  slotUnder: 180,
  /** Hands overhead in one stretch. */
  overheadWarn: 60,
  overheadStop: 120,
  /** On one leg in one stretch. */
  oneLegWarn: 45,
  oneLegStop: 90,
  oneLegGentleWarn: 20,
  oneLegGentleStop: 45,
  /** Both arms held round before the body in one stretch; half as long again is a warning. */
  armsRound: { gentle: 180, steady: 360, strong: 720 },
  /** From this demand on both shoulders the arms are held up. */
  armsHeld: 0.25,
  /** Shoulders that are mobilised less than this are still. */
  armsStill: 0.12,
  /** A change of height that takes no longer than this does not rest the arms. */
  armsChange: 10,
  /** Before an arm or a leg is swung, or a stretch is held, the class has moved for this long; and what counts as swung or held. */
  movedFirst: 120,
  armsSwung: 90,
  legSwung: 15,
  stretchHeld: 20,
  /** On one leg in one line altogether, where balance is asked for more than so much. */
  oneLegFreeGentle: 60,
  oneLegFreeSteady: 180,
  freeBalance: 0.4,
  /** Turned over planted feet in one line altogether. */
  turningGentle: 150,
  turning: 240,
  /** Hands overhead: a gentle group is told this share of the time earlier. */
  overheadGentle: 0.75,
  /** Coming up for less than so long is no break for a head that hangs. */
  headUp: 10,
  /** The head below the heart in one stretch; twice that is too long. */
  headLow: 15,
  /** Strain in percent of the group's ceiling. */
  strainWarn: 100,
  /** Up to here it is only noted. */
  strainNear: 106,
  strainStop: 125,
  /** A line that makes up less than this share of the worst moment is not what it comes from. */
  strainPart: 0.15,
  /** How much more than readiness allows, over how long: index-seconds. Three times that is a warning. */
  readinessGap: 0.8,
  /** A cool-down lasts at least this long, and this share of the slot. */
  coolDownLeast: 180,
  coolDownShare: 0.1,
  /** A class that fills this share of its slot counts as written; before that its shape says nothing. */
  writtenShare: 0.6,
  /** The pelvis turned from the front so far, in degrees, for so long, loses sight of the instructor. */
  turnedAwayAngle: 60,
  turnedAway: 10,
  /** How far the class may come from where it began, metres. */
  drift: 3,
  /** How much lower a movement may come again, in degrees, before this share of the main part. */
  secondLower: 5,
  secondLowerShare: 0.4,
  /** Breath halves that the steps between two movements may take where the class flows on. */
  bridgeHalves: 4,
  /** A head that has been low for so long has hung. */
  hung: 2.5,
  /** A head that goes below the heart takes at least this long to get there. */
  dropping: 2.5,
  /** The head back, or round in a circle, by so many degrees. */
  headBack: 35,
  /** Bent forward by more than so many degrees, a turn of so many is let pass. */
  folded: 45,
  foldedTurn: 18,
  /** With closed eyes so much room to every side of where the weight is, metres. */
  blindMargin: 0.11,
  /** A head that hung low takes at least this long to come up. */
  rising: 4,
  /** The longest stopped breath. */
  retention: 3,
  /** In the cool-down, knees bent by more than so many degrees for longer than so many seconds of one line. */
  coolDownSink: 35,
  coolDownLow: 30,
  /** A class ends with at least this long without moving, within its last so many seconds. */
  still: 10,
  stillWithin: 90,
  /** Ending so late is grave: the next hirer is at the door. */
  slotGrave: 300,
  /** In a class shorter than this, in seconds, a short cool-down is a warning and no stop. */
  veryShort: 600,
  /** A cool-down at this pace is slow, however slow the main part was; breaths a minute. */
  slowPace: 6,
  /** Words that still sound when this much of the next line has begun do no harm. */
  trailingWords: 1.5,
} as const;

/** What of the slot a section usually takes, percent. The cool-down's least has a check of its own. */
export const SECTION_SHARES: Readonly<Record<Role, { readonly least: number; readonly most: number }>> = {
  opening: { least: 0, most: 15 },
  'warm-up': { least: 10, most: 35 },
  main: { least: 30, most: 70 },
  'cool-down': { least: 0, most: 30 },
  closing: { least: 0, most: 15 },
};
