import { join } from 'node:path';
import { CAUTION_WORDS } from '../core/movement/caution';
import { Role } from '../core/movement/movement';
import { cycleStrip } from '../core/movement/strip';
import { speechSeconds } from '../core/session/speech';
import { readRepertoire } from '../server/repertoire';

const movements = readRepertoire(join(import.meta.dirname));

test('there are at least thirty movements, some for every section', () => {
  expect(movements.length).toBeGreaterThanOrEqual(30);
  for (const role of Role.options) expect(movements.filter(({ roles }) => roles.includes(role)).length).toBeGreaterThanOrEqual(3);
});

test('no two movements share a usual name', () => {
  const names = movements.map(({ names: { english } }) => english[0]);
  expect(new Set(names).size).toBe(names.length);
});

test.each(movements.map((movement) => [movement.id, movement] as const))('%s', (_id, movement) => {
  const strip = cycleStrip(movement, null);
  const postures = [movement.start, ...strip.flatMap(({ from, end }) => [from, end])];
  // A caution stands wherever the movement gives cause for it.
  if (postures.some(({ stance }) => stance === 'one-leg')) expect(movement.cautions).toContain('balance');
  if (postures.some(({ arms }) => arms.startsWith('overhead'))) expect(movement.cautions).toContain('shoulders');
  if (postures.some(({ sink, stance }) => sink >= 28 && !stance.startsWith('seated'))) expect(movement.cautions).toContain('knees');
  if (movement.tradition === 'self-massage') expect(movement.cautions).toContain('self-massage');
  expect(movement.cautions.every((caution) => CAUTION_WORDS[caution].length > 0)).toBe(true);
  // A call fits its phase at an easy pace: a breath half of 4.5 s, beats and seconds as written.
  for (const { phase } of strip) {
    const { length } = phase;
    const seconds =
      length.kind === 'span' ? 4.5 * length.share : length.kind === 'beats' ? (length.beats * 60) / length.tempo : 4.5;
    expect([phase.call, speechSeconds(phase.call) <= seconds]).toEqual([phase.call, true]);
  }
});

test('pairs done on both sides come back to where they began, mirrored', () => {
  for (const movement of movements.filter(({ laterality }) => laterality.sides.kind === 'each-side')) {
    const [left, right] = [cycleStrip(movement, 'left'), cycleStrip(movement, 'right')];
    expect(left.map(({ end }) => end.load.left)).toEqual(right.map(({ end }) => end.load.right));
  }
});
