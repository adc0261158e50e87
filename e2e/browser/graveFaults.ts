import axe from 'axe-core';
import type { Page } from 'puppeteer-core';

/** Nothing but colours differs between the two lights. */
const COLOURS = ['color-contrast'];

/**
 * The serious and critical faults axe finds on a page, or within a part of it.
 * @param onlyColours looks at contrast alone: the rest of a page has been looked at in the other light
 */
export async function graveFaults(page: Page, within = 'html', onlyColours = false): Promise<string[]> {
  // A dialog that is still coming up is see-through, and colours that are still changing are not yet what they will be.
  if (within !== 'html')
    await page.waitForFunction(
      (part: string) =>
        document
          .querySelector(part)
          ?.getAnimations({ subtree: true })
          .every(({ playState }) => playState !== 'running'),
      {},
      within,
    );
  await page.evaluate(axe.source);
  return page.evaluate(
    async (part: string, rules: string[]) => {
      const { violations } = await (window as unknown as { axe: typeof axe }).axe.run(part, {
        resultTypes: ['violations'],
        ...(rules.length > 0 ? { runOnly: { type: 'rule', values: rules } } : {}),
      });
      return violations
        .filter(({ impact }) => impact === 'serious' || impact === 'critical')
        .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 140)).join(' | ')}`);
    },
    within,
    onlyColours ? COLOURS : [],
  );
}
