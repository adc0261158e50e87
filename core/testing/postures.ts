import { ArmShape } from '../body/written/armShape';
import { Posture } from '../body/written/posture';
import { Site } from '../body/written/site';
import { StanceName } from '../body/written/stance';
import { fc } from './properties';

const whole = (min: number, max: number) => fc.integer({ min, max });
const side = fc.constantFrom('left' as const, 'right' as const, null);
const point = fc.tuple(whole(-9, 9), whole(-9, 9), whole(-9, 9)).map(([a, b, c]) => [a / 10, b / 10, c / 10] as const);
const hand = fc.record(
  {
    at: point.map((at): [number, number, number] => [...at]),
    wrist: whole(-80, 80),
    palm: fc.constantFrom('down' as const, 'up' as const, 'in' as const, 'front' as const),
    rests: fc.constantFrom(...Site.options, null),
  },
  { requiredKeys: [], noNullPrototype: true },
);
const foot = fc.record(
  {
    right: whole(-40, 40).map((n) => n / 100),
    forward: whole(-40, 40).map((n) => n / 100),
    angle: whole(-60, 60),
    pitch: whole(-40, 30),
  },
  { requiredKeys: [], noNullPrototype: true },
);
const sided = <Thing>(one: fc.Arbitrary<Thing>) =>
  fc.record({ left: one, right: one }, { requiredKeys: [], noNullPrototype: true });

/** Postures of every kind, possible for a body or not. */
export const postures: fc.Arbitrary<Posture> = fc
  .record(
    {
      stance: fc.constantFrom(...StanceName.options),
      side,
      load: whole(0, 100).map((left) => ({ left, right: 100 - left, seat: 0 })),
      sink: whole(0, 90),
      heading: whole(-180, 180),
      turn: whole(-90, 90),
      arms: fc.constantFrom(...ArmShape.options),
      armSide: side,
      spread: whole(5, 15).map((n) => n / 10),
      rock: whole(-10, 10).map((n) => n / 10),
      gaze: fc.constantFrom('ahead' as const, 'left-hand' as const, 'right-hand' as const),
      spine: fc.record({ hinge: whole(0, 90), round: whole(-20, 80), bend: whole(-30, 30) }, { noNullPrototype: true }),
      head: fc.record({ turn: whole(-80, 80), nod: whole(-50, 50), tilt: whole(-40, 40) }, { noNullPrototype: true }),
      hips: fc.record(
        {
          turn: whole(-40, 40),
          tilt: whole(-10, 10),
          right: whole(-10, 10).map((n) => n / 100),
          forward: whole(-10, 10).map((n) => n / 100),
        },
        { noNullPrototype: true },
      ),
      feet: sided(foot),
      hands: sided(hand),
    },
    { noNullPrototype: true },
  )
  .map((written) => Posture.parse(written));
