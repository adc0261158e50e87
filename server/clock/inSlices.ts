import { setImmediate as soon } from 'node:timers/promises';

/** How long others wait before they are answered in between, milliseconds. */
const SLICE_MS = 15;

/** Does something with one after the other, and lets others be answered in between. */
export async function inSlices<Thing>(things: Iterable<Thing>, act: (thing: Thing) => void): Promise<void> {
  let begin = performance.now();
  for (const thing of things) {
    act(thing);
    if (performance.now() - begin < SLICE_MS) continue;
    await soon();
    begin = performance.now();
  }
}
