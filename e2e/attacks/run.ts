import { openHouse } from '../runningHouse';
import { crash } from './crash';
import { fuzz } from './fuzz';

/** `npm run fuzz [-- REQUESTS [SEED]]` and `npm run crash [-- KILLS [SEED]]`: the whole suites, with their figures. */

const [what, many, seed] = process.argv.slice(2);
const FUZZED = 20_000;
const KILLED = 200;

async function main(): Promise<void> {
  const house = await openHouse();
  try {
    if (what === 'fuzz') {
      const { requests, statuses, reached, faults, longestSilence } = await fuzz(
        house,
        Number(many ?? FUZZED),
        Number(seed ?? 1),
      );
      const counts = Object.entries(statuses).map(([status, times]) => `${status}: ${times}`);
      console.log(
        `${requests} requests, ${counts.join(', ')}; ${reached.length} operations carried out; longest silence ${Math.round(longestSilence)} ms`,
      );
      for (const fault of faults.slice(0, 20)) console.log(fault);
      process.exitCode = faults.length === 0 ? 0 : 1;
      return;
    }
    const { kills, answered, lost, restores } = await crash(house, Number(many ?? KILLED), Number(seed ?? 1));
    console.log(
      `${kills} kills, ${answered} answered writes, ${lost.length} lost; ${restores.tried} while a backup was brought back, which ${restores.carried} times had been carried through`,
    );
    for (const one of lost.slice(0, 20)) console.log(one);
    process.exitCode = lost.length === 0 ? 0 : 1;
  } finally {
    await house.close();
  }
}

void main();
