import { USUAL_SCHOOLS } from '../core/movement/adapt/schools';
import type { Movement } from '../core/movement/schema/movement';
import type { Phase } from '../core/movement/schema/phase';
import { formLines } from '../core/session/edit/formLines';
import { newMovementItem, newPause } from '../core/session/plan/defaults';
import type { Item, MovementItem, Plan, Section } from '../core/session/plan/session';
import { NO_DOORS } from '../core/session/plan/slotTime';
import { timelineOf } from '../core/session/schedule/timeline';
import type { SegmentKind } from '../core/session/timeline/segment';
import { fc } from '../core/testing/properties';
import { times } from '../core/testing/sweep';
import { shippedRepertoire } from '../server/shippedRepertoire';

/** What is true of the minutes of any class, whatever it is made of. */

const { movements, forms, find } = shippedRepertoire();

const classOf = (items: readonly Item[], perMinute = 6, more: Partial<Section> = {}): Plan => ({
  slotMinutes: 60,
  doors: NO_DOORS,
  breath: { in: 1, out: 1 },
  schools: USUAL_SCHOOLS,
  sections: [
    {
      kind: 'main',
      pace: { from: perMinute, to: perMinute, easing: 0 },
      items: [...items],
      blocks: [],
      settle: null,
      ...more,
    },
  ],
});
const timelineFor = (plan: Plan, finding = find) => {
  const answer = timelineOf(plan, finding);
  if (!answer.ok) throw new Error('movements of the repertoire');
  return answer.timeline;
};
const msOf = (plan: Plan, finding = find) => timelineFor(plan, finding).totalMs;
const shareOf = (plan: Plan, kind: SegmentKind) => {
  const { segments, totalMs } = timelineFor(plan);
  return segments.reduce((sum, one) => (one.kind === kind ? sum + one.lengthMs : sum), 0) / totalMs;
};

const manners = ['explained', 'named', 'follow-along', 'quiet'] as const;
const anyLine = fc.record({ movement: fc.constantFrom(...movements), manner: fc.constantFrom(...manners) });
const anyLines = fc.array(anyLine, { minLength: 2, maxLength: 5 }).map((lines) =>
  lines.map(
    ({ movement, manner }, place): MovementItem => ({
      ...newMovementItem(`line-${place}`, movement, 'main', movement.count.least),
      manner,
    }),
  ),
);
const anyPace = fc.integer({ min: 4, max: 20 }).map((halves) => halves / 2);
/** A millisecond is lost where two boundaries are rounded. */
const ROUNDED = 1;

test('a rest, a talk, a moment of standing still or a routine put in anywhere never makes a class shorter', () => {
  const routines = [
    ['gather-and-pour', 1],
    ['settling-walk', 4],
    ['rub-the-palms', 12],
  ] as const;
  fc.assert(
    fc.property(
      anyLines,
      anyPace,
      fc.nat(4),
      fc.integer({ min: 1, max: 20 }),
      fc.constantFrom(...routines),
      (items, pace, at, seconds, [movementId, count]) => {
        const place = at % (items.length + 1);
        const before = msOf(classOf(items, pace));
        for (const kind of ['rest', 'talk'] as const)
          expect(msOf(classOf(items.toSpliced(place, 0, newPause(kind, 'p', seconds) as never), pace))).toBe(
            before + seconds * 1000,
          );
        const settled = items.map((item, index) =>
          index === at % items.length ? { ...item, settle: { kind: 'still' as const, seconds } } : item,
        );
        expect(msOf(classOf(settled, pace))).toBe(before + seconds * 1000);
        const settle = { name: '', when: 'after-each' as const, lines: [{ movementId, count }] };
        expect(msOf(classOf(items, pace, { settle }))).toBeGreaterThanOrEqual(before - ROUNDED);
      },
    ),
    { numRuns: times(1200, 120) },
  );
});

/** A movement whose first phase is written as two: half as long each, and all of the change in the second. */
function takenApart(movement: Movement): Movement | null {
  const part = movement.parts.entry ? 'entry' : 'cycle';
  const [first, ...others] = movement.parts[part] ?? [];
  // Circles and shakes, windows and beats cannot be halved so simply.
  if (first?.length.kind !== 'span' || first.overlays.length > 0 || Object.keys(first.windows).length > 0) return null;
  const half = { kind: 'span' as const, share: first.length.share / 2 };
  const halves: Phase[] = [
    { ...first, length: half, to: {} },
    { ...first, length: half },
  ];
  return { ...movement, breathSchools: [], parts: { ...movement.parts, [part]: [...halves, ...others] } };
}

test('a movement whose first phase is taken apart is stepped into in the same time', () => {
  const apart = movements.flatMap((movement) => {
    const written = takenApart(movement);
    return written && movement.count.unit === 'repetitions' ? [[movement.id, written] as const] : [];
  });
  expect(apart.length).toBeGreaterThan(40);
  fc.assert(
    fc.property(fc.constantFrom(...movements), fc.constantFrom(...apart), anyPace, (before, [id, written], pace) => {
      const items = [before, find(id) as Movement].map((movement, place) => ({
        ...newMovementItem(`line-${place}`, movement, 'main', movement.count.least),
        manner: 'quiet' as const,
      }));
      const plan = classOf(items, pace);
      expect(msOf(plan, (wanted) => (wanted === id && before.id !== id ? written : find(wanted)))).toBe(msOf(plan));
    }),
    { numRuns: times(2000, 200) },
  );
});

test('a long stepping form spends a tenth of its time in the steps between its places, a standing set next to none', () => {
  const shares = new Map(
    forms.map((form) => {
      let place = 0;
      const lines = formLines(form, find, () => {
        place += 1;
        return `line-${place}`;
      });
      return [form.id, shareOf(classOf(lines), 'bridge') + shareOf(classOf(lines), 'entry')] as const;
    }),
  );
  expect(shares.get('lantern-form')).toBeGreaterThan(0.1);
  expect(shares.get('lantern-form')).toBeLessThan(0.2);
  for (const id of ['eighteen-pieces', 'eight-pieces', 'animal-play', 'four-posts', 'on-the-chair', 'neck-to-ankles'])
    expect([id, (shares.get(id) ?? 1) < 0.08]).toEqual([id, true]);
});

test('naming and rounding off a piece costs five to eight seconds', () => {
  const costs = movements.map((movement) => {
    const item = newMovementItem('a', movement, 'main', movement.count.least);
    const [named, silent] = (['named', 'follow-along'] as const).map((manner) => msOf(classOf([{ ...item, manner }])));
    return [movement.id, ((named ?? 0) - (silent ?? 0)) / 1000] as const;
  });
  const outside = costs.filter(([, seconds]) => seconds < 5 || seconds > 8);
  expect(outside).toEqual([]);
});
