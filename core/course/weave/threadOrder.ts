import { numberAt } from '../../numbers/numberAt';
/** Threads in any order, each as likely as another. @param random from 0 to below 1 */
export function shuffle(threads: readonly number[], random: () => number): number[] {
  const order = [...threads];
  for (let place = order.length - 1; place > 0; place -= 1) {
    const other = Math.floor(random() * (place + 1));
    [order[place], order[other]] = [numberAt(order, other), numberAt(order, place)];
  }
  return order;
}

/** A thread that waits for another: `me` comes after `other`. */
interface Waits {
  readonly me: number;
  readonly other: number;
}

/** Threads with those that others among them wait for before those; else in their order. */
export function awaitedFirst(threads: readonly number[], links: readonly Waits[]): number[] {
  const order = [...threads];
  for (let round = 0; round < order.length; round += 1) {
    let isMoved = false;
    for (const { me, other } of links) {
      const [first, second] = [order.indexOf(other), order.indexOf(me)];
      if (second < 0 || first < second) continue;
      order.splice(first, 1);
      order.splice(second, 0, other);
      isMoved = true;
    }
    if (!isMoved) break;
  }
  return order;
}
