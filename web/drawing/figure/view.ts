import { dot, type Vec } from '../../../core/body/geometry/vector';

/** From where a figure is looked at. Front faces the mover; side stands at the mover's right, back where a class stands whose instructor turns the back to it. */
export type View = 'front' | 'three-quarter' | 'side' | 'back' | 'top';

export interface Eye {
  /** What goes to the right, up and nearer on the drawing. */
  readonly across: Vec;
  readonly upward: Vec;
  readonly nearer: Vec;
}

const from = (azimuth: number, raised: number): Eye => {
  const [sa, ca] = [Math.sin((azimuth * Math.PI) / 180), Math.cos((azimuth * Math.PI) / 180)];
  const [sr, cr] = [Math.sin((raised * Math.PI) / 180), Math.cos((raised * Math.PI) / 180)];
  return { across: [-ca, sa, 0], upward: [-sa * sr, -ca * sr, cr], nearer: [sa * cr, ca * cr, sr] };
};

export const EYES: Readonly<Record<View, Eye>> = {
  front: from(0, 0),
  'three-quarter': from(38, 8),
  side: from(90, 0),
  back: from(180, 0),
  top: { across: [1, 0, 0], upward: [0, 1, 0], nearer: [0, 0, 1] },
};

/** A point of the drawing in centimetres, y downward. */
export type Dot = readonly [x: number, y: number];

/** Where a point of the room, in metres, comes to lie on the drawing. */
export const onPaper = ({ across, upward }: Eye, point: Vec): Dot => [
  dot(point, across) * 100,
  -dot(point, upward) * 100,
];

/** How near a point is; larger is nearer. */
export const nearness = ({ nearer }: Eye, point: Vec): number => dot(point, nearer);
