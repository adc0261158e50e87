import axe from 'axe-core';
import type { Page } from 'puppeteer-core';

/** The serious and critical faults axe finds on a page, or within a part of it. */
export async function graveFaults(page: Page, within = 'html'): Promise<string[]> {
  await page.evaluate(axe.source);
  return page.evaluate(async (part: string) => {
    const { violations } = await (window as unknown as { axe: typeof axe }).axe.run(part, {
      resultTypes: ['violations'],
    });
    return violations
      .filter(({ impact }) => impact === 'serious' || impact === 'critical')
      .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 140)).join(' | ')}`);
  }, within);
}
