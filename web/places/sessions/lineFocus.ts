/** Where the keyboard stands in the running order. Lines are found by the id they carry. */

const lines = (): HTMLElement[] => [...document.querySelectorAll<HTMLElement>('[data-line]')];

/** Puts the keyboard on a line once it is on the screen. */
export function focusLine(itemId: string): void {
  requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-line="${CSS.escape(itemId)}"]`)?.focus());
}

/** Puts the keyboard one line further (1) or back (-1); at the ends it stays. */
export function focusNeighbour(itemId: string, direction: 1 | -1): void {
  const all = lines();
  const here = all.findIndex(({ dataset }) => dataset.line === itemId);
  all[here + direction]?.focus();
}

/** The line that takes over when one goes: the next, or else the one before. */
export function heirOf(itemId: string): string | null {
  const all = lines();
  const here = all.findIndex(({ dataset }) => dataset.line === itemId);
  return (all[here + 1] ?? all[here - 1])?.dataset.line ?? null;
}
