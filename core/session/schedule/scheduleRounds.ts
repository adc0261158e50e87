import type { Pass } from '../../movement/schema/pass';
import { roundRest } from '../timeline/roundRest';
import { scheduleChange } from './changeOfSide';
import { type LineInTime, UNCOUNTED } from './lineInTime';

/**
 * Writes what is counted: every round, in it every pass, in it every repetition, with what stands between.
 * @returns how often the last pass repeated its cycle
 */
export function scheduleRounds(line: LineInTime): number {
  const { item, passes } = line;
  let before: Pass | null = null;
  let last = 1;
  for (let round = 1; round <= item.rounds; round += 1) {
    const rest = roundRest(round, item.roundRest);
    if (rest) {
      line.addStretch(rest.kind, rest.seconds, rest.call, { ...UNCOUNTED, round });
      before = null;
    }
    for (const [index, pass] of passes.entries()) {
      if (before) scheduleChange(line, before, pass, { ...UNCOUNTED, round, pass: index, direction: pass.direction });
      last = addRepetitions(line, pass, round, index);
      before = pass;
    }
  }
  return last;
}

function addRepetitions(line: LineInTime, pass: Pass, round: number, index: number): number {
  const of = line.repetitionsIn(pass, round);
  for (let repetition = 1; repetition <= of; repetition += 1) {
    const sides = line.sidesOf(pass, repetition);
    for (const [leg, side] of sides.entries()) {
      const place = { round, pass: index, direction: pass.direction, side, repetition, of };
      line.addPart('move', 'cycle', place, leg === sides.length - 1);
    }
  }
  return of;
}
