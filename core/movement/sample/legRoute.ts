import type { Pose } from '../../body/standing/pose';
import { otherSide, type Side } from '../../body/written/side';
import type { FootPlace } from '../../body/written/stance';
import { isOnLeg, type LegSite, type Route } from '../schema/overlay';
import { mix } from './mix';

/**
 * Where a sole comes to lie on the other leg: its height, and how far before (or behind) that leg's own foot, metres. Conventions, drawn
 * from a seated body of usual size.
 */
const PLACES: Readonly<Record<LegSite, { readonly height: number; readonly forward: number }>> = {
  toes: { height: 0.05, forward: 0.1 },
  ankle: { height: 0.1, forward: 0.06 },
  shin: { height: 0.24, forward: 0.07 },
  calf: { height: 0.24, forward: -0.07 },
  'inner-leg': { height: 0.34, forward: 0.02 },
  knee: { height: 0.4, forward: 0.06 },
};

/** A sole beside the leg it rubs, metres to that leg's inner side. */
const BESIDE = 0.07;
/** A shin laid over the knee that rubs it: how far across, and the height it slides between. */
const ACROSS = 0.12;
const OVER_KNEE = [0.4, 0.5] as const;

const outward = (side: Side): 1 | -1 => (side === 'left' ? -1 : 1);

/** Where on its way over its sites a route is: the one it leaves, the one it comes to, and how far between them. */
function between(sites: readonly LegSite[], u: number): readonly [LegSite, LegSite, number] {
  const at = Math.min(u, 1) * (sites.length - 1);
  const from = Math.min(sites.length - 2, Math.floor(at));
  return [sites[from] as LegSite, sites[from + 1] as LegSite, at - from];
}

/** How far along its way a stroke that goes there and back so many times has come. */
const thereAndBack = (u: number, times: number): number => {
  const turn = (u * times) % 1;
  return turn < 0.5 ? turn * 2 : 2 - turn * 2;
};

/** The foot that rubs the other leg with its sole, or whose shin slides over the other knee. */
function placed(pose: Pose, { tool, sites, times }: Route, side: Side, u: number): FootPlace {
  const stands = pose.feet[tool === 'foot' ? otherSide(side) : side];
  const along = thereAndBack(u, times);
  const lifted = { ...stands, contact: 'off' as const, pitch: 0 };
  if (tool === 'knee')
    return {
      ...lifted,
      x: stands.x + outward(side) * ACROSS,
      y: stands.y + 0.02,
      height: mix(OVER_KNEE[0], OVER_KNEE[1], along),
    };
  const [from, to, share] = between(sites.filter(isOnLeg), along);
  const [a, b] = [PLACES[from], PLACES[to]];
  const height = mix(a.height, b.height, share);
  const forward = mix(a.forward, b.forward, share);
  return { ...lifted, x: stands.x + outward(side) * BESIDE, y: stands.y + forward, height };
}

/**
 * A leg that rubs the other: with a foot, its sole goes over the other leg from site to site; with a knee, the other shin slides over
 * it. Once there and back for each of its times.
 */
export function routeOfLeg(pose: Pose, overlay: Route, u: number): Pose {
  if (overlay.hand === 'both') return pose;
  const moves = overlay.tool === 'foot' ? overlay.hand : otherSide(overlay.hand);
  return { ...pose, feet: { ...pose.feet, [moves]: placed(pose, overlay, overlay.hand, u) } };
}
