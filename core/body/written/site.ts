import { z } from 'zod';

/**
 * Where a hand may rest. Sites are on the hand's own side; `other-` is across the middle. The chair's back and the wall
 * stand beside the hand and bear a little of the weight.
 */
export const Site = z.enum([
  'crown',
  'temple',
  'face',
  'eyes',
  'cheekbones',
  'ear',
  'neck',
  'collarbone',
  'heart',
  'ribs',
  'side-ribs',
  'belly',
  'waist',
  'lower-back',
  'hip',
  'thigh',
  'knee',
  'shin',
  'calf',
  'inner-leg',
  'outer-leg',
  'ankle',
  'toes',
  'other-shoulder',
  'other-upper-arm',
  'other-elbow',
  'other-forearm',
  'other-wrist',
  'other-hand',
  'other-knee',
  'other-ankle',
  'shoulder',
  'chair',
  'wall',
]);
export type Site = z.infer<typeof Site>;

/** The part of the body a site belongs to. */
export type SiteBase = 'head' | 'chest' | 'pelvis' | 'thigh' | 'shank' | 'foot' | 'other-arm' | 'other-leg' | 'stand';

interface Place {
  readonly base: SiteBase;
  /** Share of the way along a limb, from its upper end. */
  readonly along?: number;
  readonly limb?: 'upper-arm' | 'forearm' | 'shank' | 'thigh';
  /** Where the wrist comes to lie, in body heights: outward on the hand's side, forward, up, in the frame of the base. */
  readonly offset: readonly [number, number, number];
}

/** Where the wrist is when the palm lies on a site. Conventions, drawn from a body of usual build. */
export const SITES: Readonly<Record<Site, Place>> = {
  crown: { base: 'head', offset: [0.07, 0.0, 0.05] },
  temple: { base: 'head', offset: [0.075, 0.04, -0.02] },
  face: { base: 'head', offset: [0.03, 0.085, -0.07] },
  eyes: { base: 'head', offset: [0.035, 0.1, -0.035] },
  cheekbones: { base: 'head', offset: [0.045, 0.09, -0.05] },
  ear: { base: 'head', offset: [0.1, 0.06, -0.09] },
  neck: { base: 'head', offset: [0.07, -0.06, -0.06] },
  collarbone: { base: 'chest', offset: [0.06, 0.075, 0.0] },
  heart: { base: 'chest', offset: [0.05, 0.085, -0.07] },
  ribs: { base: 'chest', offset: [0.09, 0.06, -0.14] },
  'side-ribs': { base: 'chest', offset: [0.13, 0.015, -0.13] },
  belly: { base: 'pelvis', offset: [0.07, 0.09, 0.065] },
  waist: { base: 'pelvis', offset: [0.11, 0.02, 0.1] },
  'lower-back': { base: 'pelvis', offset: [0.1, -0.075, 0.09] },
  hip: { base: 'pelvis', offset: [0.115, 0.0, 0.055] },
  thigh: { base: 'thigh', limb: 'thigh', along: 0.62, offset: [0.01, 0.02, 0.05] },
  knee: { base: 'thigh', limb: 'thigh', along: 0.92, offset: [0.015, 0.015, 0.05] },
  shin: { base: 'shank', limb: 'shank', along: 0.45, offset: [0.02, 0.04, 0.04] },
  'inner-leg': { base: 'thigh', limb: 'thigh', along: 0.7, offset: [-0.035, 0.015, 0.045] },
  'outer-leg': { base: 'thigh', limb: 'thigh', along: 0.5, offset: [0.05, 0.0, 0.045] },
  calf: { base: 'shank', limb: 'shank', along: 0.4, offset: [0.03, -0.03, 0.04] },
  ankle: { base: 'shank', limb: 'shank', along: 0.9, offset: [0.03, 0.02, 0.06] },
  toes: { base: 'foot', offset: [0.0, 0.07, 0.05] },
  shoulder: { base: 'chest', offset: [0.15, 0.07, 0.03] },
  'other-shoulder': { base: 'chest', offset: [-0.09, 0.09, -0.01] },
  'other-upper-arm': { base: 'other-arm', limb: 'upper-arm', along: 0.55, offset: [0.05, 0.05, -0.01] },
  'other-elbow': { base: 'other-arm', limb: 'upper-arm', along: 0.98, offset: [0.05, 0.05, -0.01] },
  'other-forearm': { base: 'other-arm', limb: 'forearm', along: 0.5, offset: [0.04, 0.05, 0.01] },
  'other-wrist': { base: 'other-arm', limb: 'forearm', along: 0.95, offset: [0.04, 0.045, 0.01] },
  'other-hand': { base: 'other-arm', limb: 'forearm', along: 1.15, offset: [0.045, 0.03, 0.01] },
  'other-knee': { base: 'other-leg', limb: 'thigh', along: 0.95, offset: [0.02, 0.02, 0.05] },
  'other-ankle': { base: 'other-leg', limb: 'shank', along: 0.9, offset: [0.02, 0.02, 0.05] },
  chair: { base: 'stand', offset: [0.2, 0.12, 0.52] },
  wall: { base: 'stand', offset: [0.3, 0.05, 0.72] },
};

/** A hand on one of these bears weight and steadies. */
export const bearsWeight = (site: Site | null): boolean => site === 'chair' || site === 'wall';

/** A hand on one of these does not simply go where the trunk goes: the site is on a leg, or stands in the room. */
export const holdsBelow = (site: Site | null): boolean =>
  site !== null && ['thigh', 'shank', 'foot', 'other-leg', 'stand'].includes(SITES[site].base);
