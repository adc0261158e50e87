import { USUAL_SCHOOLS } from '../core/movement/adapt/schools';
import { emptySections, newMovementItem } from '../core/session/plan/defaults';
import type { Plan } from '../core/session/plan/session';
import { NO_DOORS } from '../core/session/plan/slotTime';
import { lateLoosening } from '../core/session/propose/lateLoosening';
import { classOf, find } from './proposalBench';

const withWarmUp = (ids: readonly string[], main: readonly string[]): Plan => {
  const lines = (kind: 'warm-up' | 'main', of: readonly string[]) =>
    of.flatMap((id, place) => {
      const movement = find(id);
      return movement ? [newMovementItem(`${kind}-${place}`, movement, kind)] : [];
    });
  return {
    slotMinutes: 60,
    doors: NO_DOORS,
    breath: { in: 1, out: 1 },
    schools: USUAL_SCHOOLS,
    sections: emptySections().map((section) =>
      section.kind === 'warm-up' || section.kind === 'main'
        ? { ...section, items: lines(section.kind, section.kind === 'main' ? main : ids) }
        : section,
    ),
  };
};

test('a latecomer loosens for two minutes at most, with pieces of this warm-up that prepare what the main part loads', () => {
  const warmUp = ['shoulder-rolls', 'hip-circles', 'knee-circles', 'ankle-circles', 'arm-swings'];
  const pieces = lateLoosening(withWarmUp(warmUp, ['brush-knee', 'lift-the-sky']), find);
  expect(pieces.length).toBeGreaterThan(0);
  const seconds = pieces.reduce((sum, piece) => sum + piece.seconds, 0);
  expect(seconds).toBeLessThanOrEqual(121);
  expect(seconds).toBeGreaterThan(60);
  const names = warmUp.map((id) => find(id)?.names.english[0]);
  for (const { name, count } of pieces) {
    expect(names).toContain(name);
    expect(count).toBeGreaterThan(0);
  }
});

test('a class without a warm-up has none to offer', () => {
  expect(lateLoosening(classOf(['brush-knee']), find)).toEqual([]);
});
