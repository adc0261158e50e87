import type { Breath, BreathManner } from '../schema/phase';

/** How a breath is taken where nothing is said: through the nose, into the belly, without a sound. */
const PLAIN: BreathManner = { route: 'nose', into: 'belly', sound: '' };

const INTO = {
  belly: '',
  ribs: 'into the ribs',
  reverse: 'in reverse: belly in on the in-breath',
} as const;

/**
 * How a phase is breathed, where it is not through the nose and into the belly: "through the mouth, into the ribs". Empty where it
 * is, and where no breath is drawn.
 */
export function breathMannerWords(breath: Breath, { route, into, sound }: BreathManner = PLAIN): string {
  if (breath === 'retained-full' || breath === 'retained-empty') return '';
  const through = route === 'nose' ? '' : route === 'mouth' ? 'through the mouth' : soundedWords(sound);
  return [through, INTO[into]].filter(Boolean).join(', ');
}

const soundedWords = (sound: string): string => (sound === '' ? 'with a sound' : `sounded “${sound}”`);
