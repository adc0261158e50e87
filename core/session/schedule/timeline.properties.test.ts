import type { Phase } from '../../movement/schema/phase';
import { fc } from '../../testing/properties';
import {
  beats,
  inBreath,
  line,
  movement,
  natural,
  outBreath,
  plan,
  timelineFor,
  timelineOfLine,
} from '../../testing/sample';
import type { Pace } from '../../timing/pace';
import type { Item } from '../plan/session';

const paces: fc.Arbitrary<Pace> = fc.record({
  from: fc.double({ min: 4, max: 12, noNaN: true }),
  to: fc.double({ min: 4, max: 12, noNaN: true }),
  easing: fc.integer({ min: 0, max: 1200 }),
});
const repertoire = [
  movement({ id: 'even' }),
  movement({ id: 'sides', laterality: { sides: { kind: 'each-side', first: 'left' } } }),
  movement({ id: 'beats', parts: { cycle: [beats(4, 90), natural(1), inBreath, outBreath] } }),
  movement({
    id: 'turns',
    laterality: { sides: { kind: 'alternating', first: 'right', repetition: 'there-and-back' } },
  }),
  movement({ id: 'whole', parts: { entry: [inBreath], cycle: [inBreath, outBreath], exit: [outBreath, natural(2)] } }),
];
const lines: fc.Arbitrary<Item[]> = fc
  .array(
    fc.record({
      movementId: fc.constantFrom(...repertoire.map(({ id }) => id)),
      count: fc.integer({ min: 1, max: 12 }),
      rounds: fc.integer({ min: 1, max: 3 }),
      roundRest: fc.constantFrom(0, 15),
      manner: fc.constantFrom('explained', 'follow-along', 'quiet'),
      settle: fc.constantFrom({ kind: 'none' }, { kind: 'still', seconds: 7 }),
    }),
    { minLength: 1, maxLength: 12 },
  )
  .map((items) => items.map((item, index) => line({ ...item, id: `line-${index}` })));

test('segments follow each other without gap or overlap, and every part sums to its whole', () => {
  fc.assert(
    fc.property(lines, paces, (items, pace) => {
      const { segments, items: stretches, sections, totalMs } = timelineFor(plan(items, pace), ...repertoire);
      let clock = 0;
      const apart = segments.filter(({ startMs, lengthMs }) => {
        const isApart = startMs !== clock || lengthMs < 0;
        clock += lengthMs;
        return isApart;
      });
      expect(apart).toEqual([]);
      expect(clock).toBe(totalMs);
      expect(sections.reduce((sum, { lengthMs }) => sum + lengthMs, 0)).toBe(totalMs);
      expect(stretches.reduce((sum, { lengthMs }) => sum + lengthMs, 0)).toBe(totalMs);
      expect(stretches.map(({ itemId }) => itemId)).toEqual(items.map(({ id }) => id));
      expect(
        segments.every(({ itemId }, index) =>
          stretches.some((s) => s.itemId === itemId && s.first <= index && index < s.end),
        ),
      ).toBe(true);
    }),
  );
});

test('more counts are never shorter', () => {
  fc.assert(
    fc.property(lines, paces, fc.nat(), (items, pace, pick) => {
      const index = pick % items.length;
      const more = items.map((item, i) =>
        i === index && item.kind === 'movement' ? { ...item, count: item.count + 1 } : item,
      );
      expect(timelineFor(plan(more, pace), ...repertoire).totalMs).toBeGreaterThanOrEqual(
        timelineFor(plan(items, pace), ...repertoire).totalMs,
      );
    }),
  );
});

test('a slower pace is never shorter', () => {
  fc.assert(
    fc.property(lines, paces, fc.double({ min: 0.5, max: 1, noNaN: true }), (items, pace, factor) => {
      const slower = { ...pace, from: pace.from * factor, to: pace.to * factor };
      expect(timelineFor(plan(items, slower), ...repertoire).totalMs).toBeGreaterThanOrEqual(
        timelineFor(plan(items, pace), ...repertoire).totalMs,
      );
    }),
  );
});

test('splitting a phase changes no boundary outside it', () => {
  fc.assert(
    fc.property(
      paces,
      fc.double({ min: 0.05, max: 0.95, noNaN: true }),
      fc.integer({ min: 1, max: 20 }),
      (pace, at, count) => {
        const half = (share: number): Phase => ({ ...outBreath, length: { kind: 'span', share } });
        const split = movement({ parts: { cycle: [inBreath, half(at), half(1 - at)] } });
        const whole = timelineOfLine(movement(), { count }, pace).segments;
        const parts = timelineOfLine(split, { count }, pace).segments.filter(({ phase }) => phase !== 2);
        expect(parts.map(({ startMs }) => startMs)).toEqual(whole.map(({ startMs }) => startMs));
      },
    ),
  );
});
