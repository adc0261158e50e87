import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launchChromium } from '../e2e/browser/chromium';
import { openHouse, type RunningHouse } from '../e2e/runningHouse';
import { today } from '../server/clock/clock';
import { fillYears } from './years/fillYears';
import { pageFigures } from './years/pageFigures';
import { serverFigures } from './years/serverFigures';

/**
 * A house after years of use: what everything takes that goes through all it keeps, how that grows, and how soon its pages can be used
 * beside those of the demo. Needs a built interface. `npm run bench -- years 1 5` measures some lengths only.
 */

const named = process.argv.slice(2).map(Number).filter(Boolean);
const YEARS = named.length > 0 ? named : [1, 3, 5, 10];
const repertoire = join(import.meta.dirname, '..', 'repertoire');
const emptyFolder = (): string => mkdtempSync(join(tmpdir(), 'vesperum-years-'));

/** How what took CPU seconds has grown from the shortest to the longest, in times of how the years have. */
function showGrowth(figures: readonly { readonly years: number; readonly cpu: ReadonlyMap<string, number> }[]): void {
  const [least, most] = [figures[0], figures.at(-1)];
  if (!least || !most || least === most) return;
  console.log(`from ${least.years} to ${most.years} years, beside a growth in step with the years:`);
  for (const [what, before] of least.cpu) {
    const after = most.cpu.get(what) ?? 0;
    // What took next to nothing is not compared.
    if (before < 0.1) continue;
    console.log(`  ${what.padEnd(30)} ${(after / before / (most.years / least.years)).toFixed(2)}`);
  }
}

async function showPages(): Promise<void> {
  const folders = YEARS.map((years) => {
    const folder = emptyFolder();
    fillYears(folder, repertoire, years, today());
    return folder;
  });
  const houses: RunningHouse[] = [];
  const browser = await launchChromium();
  try {
    houses.push(await openHouse());
    for (const folder of folders) houses.push(await openHouse({ folder }));
    for (const [path, [demo, ...years]] of await pageFigures(houses, browser)) {
      const shown = years.map(({ ms, nodes }, at) => {
        const ratio = (ms / (demo?.ms ?? ms)).toFixed(2);
        return `${YEARS[at]} years ${ratio} times the demo, ${nodes} nodes`;
      });
      console.log(`${path.padEnd(12)} demo ${demo?.ms.toFixed(0)} ms, ${demo?.nodes} nodes; ${shown.join('; ')}`);
    }
  } finally {
    await browser.close();
    for (const house of houses) await house.close();
  }
}

async function main(): Promise<void> {
  const figures = [];
  for (const years of YEARS) {
    const folder = emptyFolder();
    try {
      fillYears(folder, repertoire, years, today());
      console.log(`${years} years`);
      figures.push({ years, cpu: await serverFigures(folder) });
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  }
  showGrowth(figures);
  await showPages();
}

void main();
