import { type Takes, timesOf } from '../plan/takes';
import { partKind } from './partKind';
import type { LineStretch, Segment, Timeline } from './segment';

/** Whose stretch it is, and where in its line; what is left out does not apply. */
type Whose = Pick<Segment, 'section' | 'itemId' | 'movementId'> &
  Partial<Pick<Segment, 'round' | 'lower' | 'pass' | 'side' | 'direction' | 'repetition' | 'of'>>;

/** What is done in it. */
type Done = Pick<Segment, 'kind' | 'call'> &
  Partial<Pick<Segment, 'part' | 'phase' | 'completes' | 'breath' | 'breaths'>>;

/**
 * The one real-valued clock of a timeline. Time runs unrounded in seconds; a boundary is round(1000 t) milliseconds and a
 * length is the difference of two boundaries, so parts always sum exactly to the whole.
 */
export class TimelineClock {
  #now = 0;
  #sectionStart = 0;
  readonly #takes: Takes | undefined;
  readonly #timeline: Timeline = { totalMs: 0, sections: [], items: [], segments: [] };

  /** @param takes how many times as long as is usual some parts take */
  constructor(takes?: Takes) {
    this.#takes = takes;
  }

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

  /** @param fill lays the line and answers the steps into it, and how it waits to be ended */
  item(itemId: string, section: number, fill: () => Pick<LineStretch, 'bridge' | 'waits'>): void {
    const startMs = this.ms;
    const first = this.#timeline.segments.length;
    const { bridge, waits } = fill();
    const end = this.#timeline.segments.length;
    this.#timeline.items.push({ itemId, section, startMs, lengthMs: this.ms - startMs, first, end, bridge, waits });
  }

  /** Adds a stretch from now on. What is not said does not apply: it is on no side, no repetition, not breathed. */
  segment(seconds: number, whose: Whose, done: Done): void {
    const startMs = this.ms;
    this.#now += seconds * timesOf(this.#takes, partKind(done));
    // Written out rather than spread: a class has a thousand of these, and it is laid out anew with every key.
    this.#timeline.segments.push({
      kind: done.kind,
      startMs,
      lengthMs: this.ms - startMs,
      section: whose.section,
      itemId: whose.itemId,
      movementId: whose.movementId,
      part: done.part ?? null,
      phase: done.phase ?? null,
      round: whose.round ?? 1,
      lower: whose.lower ?? 0,
      pass: whose.pass ?? null,
      side: whose.side ?? null,
      direction: whose.direction ?? null,
      repetition: whose.repetition ?? null,
      of: whose.of ?? null,
      completes: done.completes ?? false,
      breath: done.breath ?? null,
      breaths: done.breaths ?? null,
      call: done.call,
    });
  }

  finish(): Timeline {
    return { ...this.#timeline, totalMs: this.ms };
  }
}
