/** Where the keyboard stands in the running order. Lines are found by the id they carry. */

const lines = (): HTMLElement[] => [...document.querySelectorAll<HTMLElement>('[data-line]')];

/** Puts the keyboard on a line once it is on the screen. */
export function focusLine(itemId: string): void {
  requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-line="${CSS.escape(itemId)}"]`)?.focus());
}

/** Puts the keyboard one line further (1) or back (-1); at the ends it stays. Answers where it went. */
export function focusNeighbour(itemId: string, direction: 1 | -1): string | null {
  const all = lines();
  const here = all.findIndex(({ dataset }) => dataset.line === itemId);
  const next = all[here + direction];
  next?.focus();
  return next?.dataset.line ?? null;
}

/** The line that takes over when one goes, perhaps with others: the next that stays, or else the one before. */
export function heirOf(itemId: string, going: ReadonlySet<string>): string | null {
  const all = lines().filter(({ dataset }) => dataset.line === itemId || !going.has(dataset.line ?? ''));
  const here = all.findIndex(({ dataset }) => dataset.line === itemId);
  return (all[here + 1] ?? all[here - 1])?.dataset.line ?? null;
}
