import { USUAL_BODY } from '../body/standing/bodySize';
import { freeFloor } from './freeFloor';
import { acrossAndDeep, type Hall, type Less } from './hall';
import type { HallReport } from './layClass';
import { layOut } from './spots';

/** What somebody who stands with the arms out takes to each side, metres. */
const ARMS_OUT = USUAL_BODY.arm + USUAL_BODY.hand + USUAL_BODY.shoulders / 2;
/** How far one then stands from the next: 1.2 arm spans. */
const PITCH = 2.4 * ARMS_OUT;
/** What the feet take before and behind. */
const FEET = 0.3;

/** A hall without a class: how many can stand in it with their arms out to the side, and where. */
export function emptyHall(
  hall: Hall,
  less?: Less,
): Pick<HallReport, 'across' | 'deep' | 'floor' | 'spots' | 'pitch' | 'instructor'> {
  const floor = freeFloor(hall, less);
  const { across, deep } = acrossAndDeep(hall);
  const room = { left: ARMS_OUT, right: ARMS_OUT, front: FEET, back: FEET };
  const at = { x: (floor.floor.left + floor.floor.right) / 2, y: deep - (less?.front ?? 0) - 0.5 };
  return {
    across,
    deep,
    floor,
    ...layOut(floor, room, PITCH),
    instructor: { at, shares: [], seen: 0 },
  };
}
