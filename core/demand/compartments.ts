import { CHANNELS, type ChannelValues, FAST_TAU, SLOW_TAU } from './channels';
import { filledBy } from './strain';

const TAUS: readonly number[] = [...new Set(Object.values(FAST_TAU))];
const FAST: readonly number[] = CHANNELS.map(({ region }) => FAST_TAU[region]);
const PLACES: readonly number[] = FAST.map((tau) => TAUS.indexOf(tau));

/** One compartment of every channel, and the fullest it has been. In demand-seconds, by channel. */
class Filling {
  readonly filled = new Float64Array(CHANNELS.length);
  readonly most = new Float64Array(CHANNELS.length);
  /** By the end of which stretch it was at its fullest; -1 while nothing has been asked. */
  readonly at = new Int32Array(CHANNELS.length).fill(-1);
  readonly #taus: Float64Array;

  constructor(taus: readonly number[]) {
    this.#taus = Float64Array.from(taus);
  }

  fill(asked: Float64Array, kept: Float64Array, stretch: number): void {
    const { filled, most, at } = this;
    const taus = this.#taus;
    for (let channel = 0; channel < asked.length; channel += 1) {
      const now = filledBy(
        filled[channel] as number,
        asked[channel] as number,
        taus[channel] as number,
        kept[channel] as number,
      );
      filled[channel] = now;
      if (now > (most[channel] as number)) {
        most[channel] = now;
        at[channel] = stretch;
      }
    }
  }
}

/** The fast and the slow compartment of every channel, filled together as a class goes on. */
export class Compartments {
  readonly fast = new Filling(FAST);
  readonly slow = new Filling(CHANNELS.map(() => SLOW_TAU));
  readonly #asked = new Float64Array(CHANNELS.length);
  readonly #kept = new Float64Array(CHANNELS.length);
  readonly #byTau = new Float64Array(TAUS.length);
  #stretches = 0;

  /** A stretch of constant demand. */
  fill(demand: ChannelValues, seconds: number): void {
    // How much is kept depends on the time alone, and is reckoned once for all channels.
    for (let place = 0; place < TAUS.length; place += 1)
      this.#byTau[place] = Math.exp(-seconds / (TAUS[place] as number));
    for (let channel = 0; channel < PLACES.length; channel += 1) {
      this.#asked[channel] = demand[channel] as number;
      this.#kept[channel] = this.#byTau[PLACES[channel] as number] as number;
    }
    this.fast.fill(this.#asked, this.#kept, this.#stretches);
    this.slow.fill(this.#asked, this.#kept.fill(Math.exp(-seconds / SLOW_TAU)), this.#stretches);
    this.#stretches += 1;
  }
}
