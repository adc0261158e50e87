import type { LaidBridge, Segment, Timeline } from './segment';

type Place = Omit<Segment, 'startMs' | 'lengthMs'>;

/**
 * The one real-valued clock of a timeline. Time runs unrounded in seconds; a boundary is round(1000 t) milliseconds and a
 * length is the difference of two boundaries, so parts always sum exactly to the whole.
 */
export class TimelineClock {
  #now = 0;
  #sectionStart = 0;
  readonly #timeline: Timeline = { totalMs: 0, sections: [], items: [], segments: [] };

  /** Seconds since the section began: what the section's pace depends on. */
  get sectionTime(): number {
    return this.#now - this.#sectionStart;
  }

  /** Where the class stands, in whole milliseconds. */
  get ms(): number {
    return Math.round(this.#now * 1000);
  }

  section(kind: string, fill: () => void): void {
    const startMs = this.ms;
    this.#sectionStart = this.#now;
    fill();
    this.#timeline.sections.push({ kind, startMs, lengthMs: this.ms - startMs });
  }

  /** @param fill lays the line and answers the steps into it */
  item(itemId: string, section: number, fill: () => LaidBridge | null): void {
    const startMs = this.ms;
    const first = this.#timeline.segments.length;
    const bridge = fill();
    const end = this.#timeline.segments.length;
    this.#timeline.items.push({ itemId, section, startMs, lengthMs: this.ms - startMs, first, end, bridge });
  }

  segment(seconds: number, place: Place): void {
    const startMs = this.ms;
    this.#now += seconds;
    // Written out rather than spread: a class has a thousand of these, and it is laid out anew with every key.
    this.#timeline.segments.push({
      kind: place.kind,
      startMs,
      lengthMs: this.ms - startMs,
      section: place.section,
      itemId: place.itemId,
      movementId: place.movementId,
      part: place.part,
      phase: place.phase,
      round: place.round,
      lower: place.lower,
      pass: place.pass,
      side: place.side,
      direction: place.direction,
      repetition: place.repetition,
      of: place.of,
      completes: place.completes,
      breath: place.breath,
      breaths: place.breaths,
      call: place.call,
    });
  }

  finish(): Timeline {
    return { ...this.#timeline, totalMs: this.ms };
  }
}
