/** How loud a bowl is struck at most, and how long it rings, seconds. */
const LOUDEST = 0.2;
const RINGS_FOR = 1.6;
/** A partial a little off the octave makes it a bowl rather than a beep. */
const PARTIALS = [1, 2.76] as const;

/**
 * Strikes a bowl once.
 * @param note hertz
 * @param loudness 0 to 1
 */
export function strike(context: AudioContext, note: number, loudness: number): void {
  const start = context.currentTime;
  const gain = context.createGain();
  gain.gain.setValueAtTime(0, start);
  gain.gain.linearRampToValueAtTime(LOUDEST * loudness, start + 0.012);
  gain.gain.exponentialRampToValueAtTime(0.0001, start + RINGS_FOR);
  gain.connect(context.destination);
  for (const ratio of PARTIALS) {
    const tone = context.createOscillator();
    tone.type = 'sine';
    tone.frequency.value = note * ratio;
    tone.connect(gain);
    tone.start(start);
    tone.stop(start + RINGS_FOR);
  }
}
