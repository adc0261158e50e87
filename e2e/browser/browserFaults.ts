/** The browser's own death, told from a fault of a page. */

const journeyName = (): string => expect.getState().currentTestName ?? '';

/** The journeys in which a page's process or the browser died: a few times in ten thousand pages. */
const crashed = new Set<string>();

/** Notes that the browser itself failed in this journey, and tells how. */
export function blame(how: string): void {
  crashed.add(journeyName());
  console.warn(`The browser failed (${how}) in: ${journeyName()}`);
}

/**
 * A journey in which the browser itself died is begun once more, and that is told; one that failed otherwise has failed. What the
 * first try has left on the server would mislead the second, so its house goes back to the data it began with.
 */
export function beginAgainAfterCrash(goBack: () => Promise<void>): void {
  let last = '';
  jest.retryTimes(1, { logErrorsBeforeRetry: true, retryImmediately: true });
  beforeEach(async () => {
    const isRetry = last === journeyName();
    last = journeyName();
    if (isRetry && !crashed.has(last)) throw new Error('This journey failed, and not because the browser died.');
    if (isRetry) await goBack();
  });
}
