import type { Breath, Phase } from '../../movement/schema/phase';
import { breathMannerWords } from '../../movement/walk/breathManner';
import type { Manner } from '../plan/session';

/** The plain word for a breath. */
export const BREATH_WORDS: Readonly<Record<Breath, string>> = {
  in: 'Breathe in',
  out: 'Breathe out',
  'retained-full': 'Pause, full',
  'retained-empty': 'Pause, empty',
  natural: 'Breathe freely',
};

/**
 * What is said for a phase. Calls thin out as a class gets into a movement: the shape on the first repetition, the breath
 * and how it is taken on the second, the breath on the third, then silence, and "Last one" as the last begins.
 * @param index of the phase in its cycle, from 0
 * @param repetition from 1, of `of`; null where nobody knows yet which is the last
 * @returns the words, or '' for silence
 */
export function callFor(
  phase: Pick<Phase, 'breath' | 'call' | 'manner'>,
  index: number,
  repetition: number,
  of: number | null,
  manner: Manner,
): string {
  if (repetition === of && repetition > 1 && index === 0) return 'Last one';
  if (manner === 'quiet') return '';
  if (repetition === 1) return phase.call;
  if (repetition > 3 || phase.breath === 'natural') return '';
  const how = breathMannerWords(phase.breath, phase.manner);
  return repetition === 2 && how !== '' ? `${BREATH_WORDS[phase.breath]} ${how}` : BREATH_WORDS[phase.breath];
}
