import { z } from 'zod';
import { otherSide, Side } from '../../body/written/side';
import { Site } from '../../body/written/site';

/** A size or rate that may change evenly while the phase lasts. */
const Growing = z.object({ from: z.number().min(0).max(120), to: z.number().min(0).max(120) });

/** Which side of the body an overlay moves; null where the channel has no sides. */
const OverlaySide = Side.nullable().default(null);

/**
 * A channel that runs a closed path on top of what the phase does, with continuous speed: half a circle on the in-breath and
 * half on the out-breath meet without a stop.
 *
 * `radius` is in degrees for head, spine, waist, wrists and feet, in hundredths of body height for shoulders, in arm lengths
 * for hands, in centimetres for hips and knees. `turns` counts full rounds in the phase, `start` is where the path is
 * entered, in degrees: 0 to the right (hands: outward), 90 forward (hands: up).
 */
export const Loop = z.object({
  kind: z.literal('loop'),
  channel: z.enum(['hips', 'knees', 'spine', 'waist', 'head', 'shoulders', 'hands', 'wrists', 'feet']),
  side: OverlaySide,
  /** The plane a hand circles in: across the front, along the side, or level. */
  plane: z.enum(['front', 'side', 'level']).default('front'),
  form: z.enum(['circle', 'eight', 'sway']).default('circle'),
  radius: Growing,
  turns: z.number().positive().max(60),
  start: z.number().int().min(-360).max(360).default(0),
  direction: z.enum(['clockwise', 'anticlockwise']),
});
export type Loop = z.infer<typeof Loop>;

/** A shake, bounce, tap, flick or knock: `size` in degrees, `rate` per second, or so many `times` in the phase. */
export const Vibration = z.object({
  kind: z.literal('vibration'),
  form: z.enum(['shake', 'bounce', 'tap', 'flick', 'knock']),
  region: z.enum(['whole', 'hands', 'arms', 'shoulders', 'legs', 'heels', 'head']),
  side: OverlaySide,
  size: Growing,
  rate: Growing.nullable().default(null),
  times: z.number().int().positive().max(500).nullable().default(null),
});
export type Vibration = z.infer<typeof Vibration>;

/**
 * A hand that travels over the body from site to site; with a foot or a knee as the tool, the leg of that side, which rubs the other:
 * the sites are then on the other leg.
 */
export const Route = z.object({
  kind: z.literal('route'),
  hand: z.enum(['left', 'right', 'both']),
  sites: z.array(Site).min(2).max(12),
  tool: z.enum(['palm', 'fist', 'fingertips', 'knuckles', 'thumb', 'foot', 'knee']),
  stroke: z.enum(['rub', 'pat', 'knock', 'press', 'stroke']),
  times: z.number().int().positive().max(200),
});
export type Route = z.infer<typeof Route>;

const isLeg = (tool: Route['tool']): boolean => tool === 'foot' || tool === 'knee';
/** Where one leg reaches the other. */
export const LEG_SITES = ['toes', 'ankle', 'shin', 'calf', 'inner-leg', 'knee'] as const satisfies readonly Site[];
export type LegSite = (typeof LEG_SITES)[number];
export const isOnLeg = (site: Site): site is LegSite => LEG_SITES.some((one) => one === site);

export const Overlay = z
  .discriminatedUnion('kind', [Loop, Vibration, Route])
  .refine((overlay) => overlay.kind !== 'vibration' || (overlay.rate === null) !== (overlay.times === null), {
    message: 'a vibration has either a rate or so many times',
    path: ['rate'],
  })
  .refine((overlay) => overlay.kind !== 'route' || overlay.hand !== 'both' || !isLeg(overlay.tool), {
    message: 'one leg rubs the other: say which',
    path: ['hand'],
  })
  .refine((overlay) => overlay.kind !== 'route' || !isLeg(overlay.tool) || overlay.sites.every(isOnLeg), {
    message: 'a leg reaches only the other leg, from the toes to the knee',
    path: ['sites'],
  });
export type Overlay = z.infer<typeof Overlay>;

const flipped = (direction: Loop['direction']): Loop['direction'] =>
  direction === 'clockwise' ? 'anticlockwise' : 'clockwise';
const swapped = (side: Side | null): Side | null => (side === null ? null : otherSide(side));
/** Channels whose first axis points to the right of the room rather than outward: the mirror turns them. */
const TURNS = ['hips', 'knees', 'spine', 'waist', 'head'];

/** The mirror image of an overlay. Twice is exactly the identity. */
export function mirrorOverlay(overlay: Overlay): Overlay {
  switch (overlay.kind) {
    case 'loop': {
      const side = swapped(overlay.side);
      if (!TURNS.includes(overlay.channel)) return { ...overlay, side };
      return { ...overlay, side, direction: flipped(overlay.direction), start: 180 - overlay.start };
    }
    case 'vibration':
      return { ...overlay, side: swapped(overlay.side) };
    case 'route':
      return { ...overlay, hand: overlay.hand === 'both' ? 'both' : otherSide(overlay.hand) };
  }
}

/** The overlay run backwards along the same path: it begins where it used to end. */
export function retraceOverlay(overlay: Overlay): Overlay {
  switch (overlay.kind) {
    case 'loop': {
      const swept = Math.round(overlay.turns * 360) * (overlay.direction === 'clockwise' ? -1 : 1);
      const end = (overlay.start + swept) % 360;
      const radius = { from: overlay.radius.to, to: overlay.radius.from };
      return { ...overlay, radius, direction: flipped(overlay.direction), start: end };
    }
    case 'vibration':
      return { ...overlay, size: { from: overlay.size.to, to: overlay.size.from } };
    case 'route':
      return { ...overlay, sites: overlay.sites.toReversed() };
  }
}
