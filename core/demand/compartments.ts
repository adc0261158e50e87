import { floatAt, intAt, numberAt } from '../numbers/numberAt';
import { CHANNELS, type ChannelValues, FAST_TAU, SLOW_TAU } from './channels';
import { filledBy } from './strain';

const TAUS: readonly number[] = [...new Set(Object.values(FAST_TAU))];
const FAST = Float64Array.from(CHANNELS, ({ region }) => FAST_TAU[region]);
const PLACES = Int32Array.from(FAST, (tau) => TAUS.indexOf(tau));

/** One compartment of every channel, and the fullest it has been. In demand-seconds, by channel. */
class Filling {
  readonly filled = new Float64Array(CHANNELS.length);
  readonly most = new Float64Array(CHANNELS.length);
  /** By the end of which stretch it was at its fullest; -1 while nothing has been asked. */
  readonly at = new Int32Array(CHANNELS.length).fill(-1);

  put(channel: number, now: number, stretch: number): void {
    this.filled[channel] = now;
    if (now <= floatAt(this.most, channel)) return;
    this.most[channel] = now;
    this.at[channel] = stretch;
  }
}

/** The fast and the slow compartment of every channel, filled together as a class goes on. */
export class Compartments {
  readonly fast = new Filling();
  readonly slow = new Filling();
  readonly #byTau = new Float64Array(TAUS.length);
  #stretches = 0;

  /** A stretch of constant demand. */
  fill(demand: ChannelValues, seconds: number): void {
    const { fast, slow } = this;
    const byTau = this.#byTau;
    const stretch = this.#stretches;
    // How much is kept depends on the time alone, and is reckoned once for all channels.
    for (let place = 0; place < byTau.length; place += 1) byTau[place] = Math.exp(-seconds / numberAt(TAUS, place));
    const slowKept = Math.exp(-seconds / SLOW_TAU);
    for (let channel = 0; channel < FAST.length; channel += 1) {
      const asked = numberAt(demand, channel);
      const kept = floatAt(byTau, intAt(PLACES, channel));
      fast.put(channel, filledBy(floatAt(fast.filled, channel), asked, floatAt(FAST, channel), kept), stretch);
      slow.put(channel, filledBy(floatAt(slow.filled, channel), asked, SLOW_TAU, slowKept), stretch);
    }
    this.#stretches = stretch + 1;
  }
}
