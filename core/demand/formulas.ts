import type { Region } from '../body/written/region';

/** How the demand of a region is reckoned, and why so. Shown when a figure is asked "why?". All are conventions. */
export const FORMULAS: Readonly<Record<Region, { readonly formula: string; readonly reason: string }>> = {
  neck: {
    formula: '(the larger of nod and tilt / 45° + turn / 70°) / 2',
    reason: 'the head is held out of line against its own weight or the end of its range',
  },
  shoulders: {
    formula:
      '0.7 × level distance of the arm’s mass, against a straight level arm + 0.3 × (elevation − 30°) / 90° + 0.35 × (elevation − 120°) / 40°, 0.3 of it for a hand at rest; + 0.15 × firmness',
    reason: 'holding an arm out costs by its lever, holding it high by how high it is, and overhead most of all',
  },
  elbows: {
    formula: '0.3 × level distance of forearm and hand + 0.15 × firmness',
    reason: 'the forearm is held against its weight',
  },
  wrists: {
    formula: '0.35 × bend / 80° + 0.2 leaning on a chair or wall + 0.15 × firmness',
    reason: 'a hand bent far back or pressed on tires the wrist',
  },
  'upper-back': {
    formula: '0.5 × both arms’ lever + 0.25 × turn / 45° + 0.25 × rounding / 60°',
    reason: 'the shoulder blades carry the arms, and the ribs the turn',
  },
  'low-back': {
    formula:
      '(0.5 × sin(lean) / sin 45° + 0.25 × side bend / 30° + 0.25 × turn / 45°), up to a quarter more when rounded; each hand on a thigh, a knee or a chair takes a quarter of the lean',
    reason: 'a leaning trunk hangs on the low back, and more so when it is round',
  },
  hips: {
    formula:
      '0.4 × share of weight × sin(bend / 2) / sin 30°, + 0.25 alone on one leg; a lifted leg 0.5 × lift / 90° + 0.1',
    reason: 'the hip holds the pelvis level over the standing leg and carries the lifted one',
  },
  thighs: {
    formula: 'share of weight × sin(bend / 2) / sin 30°; a quarter of it on a chair; + 0.15 × firmness',
    reason: 'the knee’s lever grows with the bend: all the weight on one leg at 60° is 1',
  },
  knees: {
    formula: 'bend / 90° × share of weight / 50 %, a quarter of it on a chair; + 0.3 in a turn under load',
    reason: 'pressure behind the kneecap grows with bend and weight, and a twist adds to it',
  },
  calves: {
    formula:
      'share of weight × 1 on the ball of the foot, less 0.12 for each hand on a chair or a wall; 0.15 on the sole',
    reason: 'a raised heel is held by the calf alone, and by the hands that hold on',
  },
  ankles: {
    formula: 'share of weight × (0.6 × bend / 35° + 0.6 on the ball + 0.42 × balance)',
    reason: 'the ankle works at the end of its bend and when it has to balance',
  },
};
