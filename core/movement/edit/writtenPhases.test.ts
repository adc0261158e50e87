import type { PostureChange } from '../../body/written/posture';
import { readPhase } from './readPhase';

/** Phases as an instructor scribbles them, and what they must be understood as; nothing may be left over. */

const feet = (contact: 'ball' | 'heel' | 'edge' | 'sole') => ({ left: { contact }, right: { contact } });
const hands = <Change>(change: Change) => ({ left: change, right: change });

const TABLE: readonly (readonly [written: string, to: PostureChange])[] = [
  ['in eyes closed', { eyes: 'closed' }],
  ['in eyes shut', { eyes: 'closed' }],
  ['in close your eyes', { eyes: 'closed' }],
  ['out eyes open', { eyes: 'open' }],
  ['free parallel eyes closed', { stance: 'parallel', eyes: 'closed' }],
  ['in look up', { gaze: 'up' }],
  ['in arms up look up', { arms: 'overhead-press', gaze: 'up' }],
  ['out look down', { gaze: 'down' }],
  ['out gaze ahead', { gaze: 'ahead' }],
  ['in look after the right hand', { gaze: 'right-hand' }],
  ['in look left 40', { head: { turn: -40 } }],
  ['out chin down', { head: { nod: 20 } }],
  ['out nod 30', { head: { nod: 30 } }],
  ['in head back', { head: { nod: -20 } }],
  ['in tilt head', { head: { tilt: 20 } }],
  ['in left tilt 15', { head: { tilt: -15 } }],
  ['in heels up', { feet: feet('ball') }],
  ['in heels raised', { feet: feet('ball') }],
  ['in on the toes', { feet: feet('ball') }],
  ['in left heel up', { feet: { left: { contact: 'ball' } } }],
  ['out heels down', { feet: feet('sole') }],
  ['in toes up', { feet: feet('heel') }],
  ['in right toes up', { feet: { right: { contact: 'heel' } } }],
  ['out feet flat', { feet: feet('sole') }],
  ['free edge', { feet: feet('edge') }],
  ['free on the outer edges', { feet: feet('edge') }],
  ['free left foot edge', { feet: { left: { contact: 'edge' } } }],
  ['out round', { spine: { round: 30 } }],
  ['out round the back', { spine: { round: 30 } }],
  ['out round 45', { spine: { round: 45 } }],
  ['in arch', { spine: { round: -15 } }],
  ['in arched back 20', { spine: { round: -20 } }],
  ['in upright', { spine: { hinge: 0, round: 0, bend: 0 } }],
  ['out hinge 30 round 20', { spine: { hinge: 30, round: 20 } }],
  ['in arms up', { arms: 'overhead-press' }],
  ['in hands overhead', { arms: 'overhead-press' }],
  ['in overhead round', { arms: 'overhead-round' }],
  ['in arms forward', { arms: 'raised-front' }],
  ['in arms out', { arms: 'raised-sides' }],
  ['out arms down', { arms: 'hanging' }],
  ['out hands by your sides', { arms: 'hanging' }],
  ['free hug a tree', { arms: 'embrace-chest' }],
  ['out fists', { hands: hands({ shape: 'fist' }) }],
  ['out left fist', { hands: { left: { shape: 'fist' } } }],
  ['in loose fists', { hands: hands({ shape: 'loose-fist' }) }],
  ['in sword fingers', { hands: hands({ shape: 'sword-fingers' }) }],
  ['in right one finger up', { hands: { right: { shape: 'one-finger' } } }],
  ['in claws', { hands: hands({ shape: 'claw' }) }],
  ['out open hands', { hands: hands({ shape: 'open' }) }],
  ['in palms up', { hands: hands({ palm: 'up' }) }],
  ['out palms down', { hands: hands({ palm: 'down' }) }],
  ['out right palm forward', { hands: { right: { palm: 'front' } } }],
  ['in hands on hips', { arms: 'hands-on-hips' }],
  ['in hands on the belly', { hands: hands({ rests: 'belly' }) }],
  ['in hands on thighs', { hands: hands({ rests: 'thigh' }) }],
  ['free hand on the chair', { hands: hands({ rests: 'chair' }) }],
  ['free left hand on the wall', { hands: { left: { rests: 'wall' } } }],
  ['in hands on the collarbone', { hands: hands({ rests: 'collarbone' }) }],
  ['in shoulders up', { shoulders: hands({ lift: 4, forward: 0 }) }],
  ['out drop the shoulders', { shoulders: hands({ lift: 0, forward: 0 }) }],
  ['out weight in the heels', { rock: -0.7 }],
  ['in weight on the balls', { rock: 0.7 }],
  ['out firm', { firmness: 0.6 }],
  ['in soften', { firmness: 0 }],
  ['out horse wider knees 40', { stance: 'horse', spread: 1.25, sink: 40 }],
  [
    'out bow left 70/30 knees 40 fists look ahead',
    {
      stance: 'bow',
      side: 'left',
      load: { left: 70, right: 30, seat: 0 },
      sink: 40,
      hands: hands({ shape: 'fist' }),
      gaze: 'ahead',
    },
  ],
  ['in one leg left eyes closed arms out', { stance: 'one-leg', side: 'left', eyes: 'closed', arms: 'raised-sides' }],
];

test.each(TABLE)('%s', (written, to) => {
  const { phase, unknown } = readPhase(written);
  expect({ to: phase.to, unknown }).toEqual({ to, unknown: [] });
});

test.each([
  ['out through the mouth: Let go', { route: 'mouth' }],
  ['out sounded ah: Ah', { route: 'sounded', sound: 'ah' }],
  ['in into the ribs: Widen', { into: 'ribs' }],
  ['in reverse breathing: Draw in', { into: 'reverse' }],
])('how the breath is taken: %s', (written, manner) => {
  const { phase, unknown } = readPhase(written);
  expect(phase.manner).toMatchObject(manner);
  expect(unknown).toEqual([]);
});

test('eyes closed do not close the feet, and what is unknown beside them is said', () => {
  const { phase, unknown } = readPhase('in eyes closed flurb: Rest');
  expect(phase.to.stance).toBeUndefined();
  expect(unknown).toEqual(['flurb']);
});
