import { fc } from '../../testing/properties';
import { constant, line } from '../../testing/sample';
import { Session } from '../plan/session';
import { insertLine, moveLine, neighbourPlace, placeOf, removeLine } from './editPlan';

const sessions: fc.Arbitrary<Session> = fc
  .array(fc.integer({ min: 0, max: 5 }), { minLength: 1, maxLength: 5 })
  .map((sizes) =>
    Session.parse({
      id: 'some-class',
      title: 'Some class',
      groupId: null,
      date: null,
      startsAt: '10:15',
      slotMinutes: 45,
      breath: { in: 1, out: 1 },
      sections: sizes.map((size, section) => ({
        kind: 'main',
        pace: constant(6),
        items: Array.from({ length: size }, (_, index) => line({ id: `${section}-${index}` })),
      })),
    }),
  );
const ids = (session: Session) => session.sections.flatMap(({ items }) => items.map(({ id }) => id));

test('moving a line keeps every line, and the others in their order', () => {
  fc.assert(
    fc.property(sessions, fc.nat(), fc.nat(), fc.nat(), (session, pick, toSection, toIndex) => {
      const all = ids(session);
      fc.pre(all.length > 0);
      const id = all[pick % all.length] ?? '';
      const section = toSection % session.sections.length;
      const moved = moveLine(session, id, { section, index: toIndex % 6 });
      expect(ids(moved).toSorted()).toEqual(all.toSorted());
      expect(ids(removeLine(moved, id))).toEqual(ids(removeLine(session, id)));
      expect(placeOf(moved, id)?.section).toBe(section);
    }),
  );
});

test('a line put in and taken out again leaves the class as it was', () => {
  fc.assert(
    fc.property(sessions, fc.nat(), fc.nat(), (session, toSection, toIndex) => {
      const at = { section: toSection % session.sections.length, index: toIndex % 6 };
      expect(removeLine(insertLine(session, at, line({ id: 'new' })), 'new')).toEqual(session);
    }),
  );
});

test('stepping down and up again comes back to the same place, from anywhere but the last line', () => {
  fc.assert(
    fc.property(sessions, fc.nat(), (session, pick) => {
      const all = ids(session);
      fc.pre(all.length > 0);
      const id = all[pick % all.length] ?? '';
      const down = neighbourPlace(session, id, 1);
      fc.pre(down !== null);
      const moved = moveLine(session, id, down ?? { section: 0, index: 0 });
      const up = neighbourPlace(moved, id, -1);
      expect(moveLine(moved, id, up ?? { section: 0, index: 0 })).toEqual(session);
    }),
  );
});
