import { STRETCH } from '../schema/rules';

/** How many times its usual length each thing is done, where none goes beyond its own most, so that all last so many seconds. */
export function stretchFor(
  seconds: number,
  things: readonly { readonly seconds: number; readonly most: number }[],
): number {
  const lasting = (times: number) => things.reduce((sum, one) => sum + one.seconds * Math.min(times, one.most), 0);
  if (things.length === 0) return 1;
  let [least, most]: [number, number] = [STRETCH.least, STRETCH.most];
  if (lasting(most) <= seconds) return most;
  if (lasting(least) >= seconds) return least;
  for (let look = 0; look < 30; look += 1) {
    const times = (least + most) / 2;
    if (lasting(times) < seconds) least = times;
    else most = times;
  }
  return most;
}
