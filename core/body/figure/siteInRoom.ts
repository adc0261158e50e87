import { outwardOf, toRoom, turned } from '../geometry/frame';
import { add, between, type Vec } from '../geometry/vector';
import { otherSide, type Side } from '../written/side';
import { SITES, type Site } from '../written/site';
import type { PlacedLeg } from './placeLeg';
import type { Armless, PlacedArm } from './upperBody';

/**
 * Where the wrist is when the hand of a side rests on a site.
 * @param other the other arm, if it is laid; sites on it, as on legs that are not laid, are answered with null
 */
export function siteInRoom(site: Site, side: Side, body: Armless, other: PlacedArm | null): Vec | null {
  const place = SITES[site];
  const { height } = body.size;
  const by = (frame: { right: Vec; forward: Vec; up: Vec }, from: Vec): Vec => {
    const [out, forward, up] = place.offset;
    return add(
      from,
      toRoom({ right: outwardOf(frame, side), forward: frame.forward, up: frame.up }, [
        out * height,
        forward * height,
        up * height,
      ]),
    );
  };
  const { legs } = body;
  const onLeg = ({ hip, knee, shankEnd }: PlacedLeg): Vec => {
    return place.limb === 'shank'
      ? between(knee, shankEnd, place.along ?? 0.5)
      : between(hip, knee, place.along ?? 0.5);
  };
  switch (place.base) {
    case 'head':
      return by(body.headFrame, body.head);
    case 'chest':
      return by(body.chestFrame, body.spine[3]);
    case 'pelvis':
      return by(body.pelvisFrame, body.pelvis);
    case 'thigh':
    case 'shank':
      return legs && by(body.pelvisFrame, onLeg(legs[side]));
    case 'foot':
      return legs && by(body.pelvisFrame, legs[side].ball);
    case 'other-leg':
      return legs && by(body.pelvisFrame, onLeg(legs[otherSide(side)]));
    case 'other-arm': {
      if (!other) return null;
      const from = place.limb === 'forearm' ? [other.elbow, other.wrist] : [other.shoulder, other.elbow];
      return by(body.chestFrame, between(from[0] as Vec, from[1] as Vec, place.along ?? 0.5));
    }
    case 'stand': {
      const [x, y] = body.pelvis;
      // Chair and wall stand on the floor, square to the way the pelvis faces.
      const facing = turned((Math.atan2(body.pelvisFrame.forward[0], body.pelvisFrame.forward[1]) * 180) / Math.PI);
      return by(facing, [x, y, 0]);
    }
  }
}
