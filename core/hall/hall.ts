import { z } from 'zod';
import { CalendarDay } from '../words/calendarDay';
import { Slug } from '../words/ids';

const metres = z.number().min(0).max(60);
const line = z.string().trim().max(200).default('');

/** Less of the floor on one evening: so many metres taken off at each side, as the class faces the front. */
export const Less = z.object({ front: metres, behind: metres, left: metres, right: metres });
export type Less = z.infer<typeof Less>;

export const NOTHING_LESS: Less = { front: 0, behind: 0, left: 0, right: 0 };

/** Something the class keeps out of: metres from the back left corner, as the class faces the front. */
export const KeepOut = z.object({
  name: z.string().trim().max(60),
  x: metres,
  y: metres,
  across: metres,
  deep: metres,
});
export type KeepOut = z.infer<typeof KeepOut>;

/** What whoever stands in the hall may need at once. Door and alarm codes are not among it, and are never printed. */
export const HallSheet = z.object({
  /** Entrance and postcode, for an ambulance. */
  entrance: line,
  defibrillator: line,
  firstAid: line,
  telephone: line,
  exits: line,
  caretaker: line,
  safeguarding: line,
  lights: line,
});
export type HallSheet = z.infer<typeof HallSheet>;

export const EMPTY_SHEET: HallSheet = {
  entrance: '',
  defibrillator: '',
  firstAid: '',
  telephone: '',
  exits: '',
  caretaker: '',
  safeguarding: '',
  lights: '',
};

/** A hall: four numbers and a front. Length and breadth in metres; the front is one of its short sides or of its long ones. */
export const Hall = z
  .object({
    id: Slug,
    name: z.string().trim().min(1, 'a hall needs a name').max(120),
    length: z.number().min(2).max(60),
    breadth: z.number().min(2).max(60),
    front: z.enum(['short', 'long']),
    lowCeiling: z.boolean().default(false),
    floor: z.enum(['wood', 'carpet', 'stone', 'mats', 'grass', 'yard']).default('wood'),
    shoes: z.enum(['bare', 'soft', 'boots']).default('soft'),
    chairs: z.number().int().min(0).max(500),
    /** Metres of wall that one may hold on to. */
    wall: metres,
    mirror: z.boolean().default(false),
    keepOuts: z.array(KeepOut).max(12).default([]),
    sheet: HallSheet.default(EMPTY_SHEET),
    /** Evenings on which less of the floor is free, by their local day. */
    nights: z
      .array(z.object({ day: CalendarDay, less: Less }))
      .max(60)
      .default([]),
  })
  .refine(({ length, breadth }) => length >= breadth, {
    path: ['breadth'],
    message: 'the length is the longer of the two',
  });
export type Hall = z.infer<typeof Hall>;

/** How much of a wall one person takes, metres. Convention. */
const WALL_PLACE = 1.2;

/** How many can stand by the wall of a hall and hold it. */
export const wallPlaces = ({ wall }: Pick<Hall, 'wall'>): number => Math.floor(wall / WALL_PLACE);

/** How wide a hall is along its front, and how deep from the front to the back. */
export const acrossAndDeep = ({ length, breadth, front }: Pick<Hall, 'length' | 'breadth' | 'front'>) =>
  front === 'short' ? { across: breadth, deep: length } : { across: length, deep: breadth };

/** What is taken off the floor on a day. */
export const lessOn = ({ nights }: Pick<Hall, 'nights'>, day: string): Less =>
  nights.find((night) => night.day === day)?.less ?? NOTHING_LESS;

/** The hall with so much less of its floor on a day; with nothing less, as it is on any other. */
export function withLess(hall: Hall, day: string, less: Less): Hall {
  const others = hall.nights.filter((night) => night.day !== day);
  const isWhole = Object.values(less).every((metresOff) => metresOff === 0);
  return { ...hall, nights: isWhole ? others : [...others, { day, less }].slice(-60) };
}
