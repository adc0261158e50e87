import { nanoid } from '@reduxjs/toolkit';

/** This page, as long as it is open. A page that is loaded anew is another one. */
export const tabId = nanoid(10);

const lockOf = (tab: string): string => `vesperum.tab.${tab}`;

/** Says that this page is open, to other pages, until it is left, closed, or crashes. */
export function sayOpen(): void {
  const hold = () =>
    // The browser lets go of it when the page is gone, however it went; a page that is only put away lets go itself.
    void navigator.locks?.request(
      lockOf(tabId),
      () => new Promise<void>((resolve) => window.addEventListener('pagehide', () => resolve(), { once: true })),
    );
  hold();
  window.addEventListener('pageshow', ({ persisted }) => persisted && hold());
}

/** Which of some pages are open now; all of them where the browser cannot tell. */
export async function openTabs(tabs: readonly string[]): Promise<ReadonlySet<string>> {
  if (!navigator.locks) return new Set(tabs);
  const { held = [] } = await navigator.locks.query();
  const names = new Set(held.map(({ name }) => name));
  return new Set(tabs.filter((tab) => tab === tabId || names.has(lockOf(tab))));
}
