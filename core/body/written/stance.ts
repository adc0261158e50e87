import { z } from 'zod';
import { mirrorNumber } from '../geometry/mirrorNumber';
import type { Contact } from './contact';
import type { Side } from './side';

/**
 * The stances this product knows by name. What `side` means differs by stance and is stated in {@link STANCES}.
 */
export const StanceName = z.enum([
  'closed',
  'heels-together',
  'narrow',
  'parallel',
  'horse',
  'inward-toed',
  'bow',
  'sat-back-bow',
  'empty-heel',
  'empty-ball',
  'one-leg',
  'crossed-behind',
  'low-side',
  'step-ready',
  'seated',
  'seated-forward',
]);
export type StanceName = z.infer<typeof StanceName>;

/**
 * A foot as it stands: its middle in metres (x to the right, y forward), its angle in degrees clockwise, how far it is off
 * the floor in metres, and how far its toes are lifted (positive) or pointed down, in degrees.
 */
export interface FootPlace {
  readonly x: number;
  readonly y: number;
  readonly angle: number;
  readonly contact: Contact;
  readonly height: number;
  readonly pitch: number;
}

export type Feet = Readonly<Record<Side, FootPlace>>;

/** How the toes are held where a foot touches with less than its sole, degrees. Conventions. */
export const USUAL_PITCH: Readonly<Record<Contact, number>> = { sole: 0, heel: 20, ball: -25, edge: 0, off: -25 };

interface Stance {
  readonly label: string;
  /** Which foot the side names; null when both feet are alike. */
  readonly sideNames: string | null;
  /** The feet with `side` left (or without a side). */
  readonly feet: Feet;
}

const foot = (x: number, y: number, angle: number, contact: Contact = 'sole', height = 0): FootPlace => ({
  x,
  y,
  angle,
  contact,
  height,
  pitch: USUAL_PITCH[contact],
});

/**
 * Placements for a body of 1.68 m, in metres. Shoulder width is about 0.30 m between the middles of the feet;
 * the bow is 0.40 m long (0.60 at a spread of 1.5) and 0.24 m wide with the rear foot turned out 45 degrees. Conventions.
 */
export const STANCES: Readonly<Record<StanceName, Stance>> = {
  closed: {
    label: 'feet closed',
    sideNames: null,
    feet: { left: foot(-0.055, 0, 0), right: foot(0.055, 0, 0) },
  },
  'heels-together': {
    label: 'heels together',
    sideNames: null,
    feet: { left: foot(-0.085, 0, -30), right: foot(0.085, 0, 30) },
  },
  narrow: {
    label: 'feet hip-width apart',
    sideNames: null,
    feet: { left: foot(-0.1, 0, 0), right: foot(0.1, 0, 0) },
  },
  parallel: {
    label: 'parallel stance',
    sideNames: null,
    feet: { left: foot(-0.15, 0, 0), right: foot(0.15, 0, 0) },
  },
  horse: {
    label: 'horse stance',
    sideNames: null,
    feet: { left: foot(-0.32, 0, -10), right: foot(0.32, 0, 10) },
  },
  'inward-toed': {
    label: 'inward-toed stance',
    sideNames: null,
    feet: { left: foot(-0.17, 0, 15), right: foot(0.17, 0, -15) },
  },
  bow: {
    label: 'bow stance',
    sideNames: 'front foot',
    feet: { left: foot(-0.12, 0.2, 0), right: foot(0.12, -0.2, 45) },
  },
  'sat-back-bow': {
    label: 'sat-back bow stance',
    sideNames: 'front foot',
    feet: { left: foot(-0.12, 0.2, 0), right: foot(0.12, -0.2, 45) },
  },
  'empty-heel': {
    label: 'empty stance on the heel',
    sideNames: 'empty foot',
    feet: { left: foot(-0.08, 0.22, 0, 'heel'), right: foot(0.1, -0.12, 45) },
  },
  'empty-ball': {
    label: 'empty stance on the ball',
    sideNames: 'empty foot',
    feet: { left: foot(-0.08, 0.18, 0, 'ball'), right: foot(0.1, -0.12, 45) },
  },
  'one-leg': {
    label: 'one-leg stance',
    sideNames: 'standing foot',
    feet: { left: foot(-0.02, 0, 0), right: foot(0.16, 0.2, 0, 'off', 0.3) },
  },
  'crossed-behind': {
    label: 'crossed-behind stance',
    sideNames: 'foot behind',
    feet: { left: foot(0.16, -0.24, -20, 'ball'), right: foot(0.06, 0.05, 20) },
  },
  'low-side': {
    label: 'low side stance',
    sideNames: 'stretched leg',
    feet: { left: foot(-0.5, 0.02, 0), right: foot(0.24, 0, 30) },
  },
  'step-ready': {
    label: 'ready to step',
    sideNames: 'foot beside',
    feet: { left: foot(-0.07, 0.02, 0, 'ball'), right: foot(0.07, 0, 45) },
  },
  seated: {
    label: 'seated',
    sideNames: null,
    feet: { left: foot(-0.12, 0.05, 0), right: foot(0.12, 0.05, 0) },
  },
  'seated-forward': {
    label: 'seated at the front of the chair',
    sideNames: null,
    feet: { left: foot(-0.15, 0.12, -5), right: foot(0.15, 0.12, 5) },
  },
};

/** The mirror image of a foot, which is a foot of the other side. */
export const mirrorFoot = (place: FootPlace): FootPlace => ({
  ...place,
  x: mirrorNumber(place.x),
  angle: mirrorNumber(place.angle),
});

/**
 * Where the feet stand in a stance, from above.
 * @param name the stance
 * @param side the side it is named for; `null` for an even stance
 * @returns both feet, metres and degrees. `feetOf('bow', 'right').right.y` is 0.3: the right foot is in front.
 */
export function feetOf(name: StanceName, side: Side | null): Feet {
  const { feet } = STANCES[name];
  return side === 'right' ? { left: mirrorFoot(feet.right), right: mirrorFoot(feet.left) } : feet;
}
