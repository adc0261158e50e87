/** Where the keyboard stands in the running order. Lines are found by the id they carry. */

const lines = (): HTMLElement[] => [...document.querySelectorAll<HTMLElement>('[data-line]')];

/** The line the keyboard is on its way to; a later one takes its place. */
let wanted: string | null = null;
/** A page that is busy may draw a line some frames late. */
const FRAMES = 120;

/** Puts the keyboard on a line once it is on the screen, unless it has been taken to another one meanwhile. */
export function focusLine(itemId: string): void {
  wanted = itemId;
  look(itemId, document.activeElement, FRAMES);
}

const isLine = (one: Element | null): boolean => one instanceof HTMLElement && one.dataset.line !== undefined;

function look(itemId: string, from: Element | null, frames: number): void {
  requestAnimationFrame(() => {
    if (wanted !== itemId) return;
    const now = document.activeElement;
    const line = document.querySelector<HTMLElement>(`[data-line="${CSS.escape(itemId)}"]`);
    const isTaken = now !== from && isLine(now);
    if (!isTaken) line?.focus();
    if (line || isTaken || frames === 0) wanted = null;
    else look(itemId, from, frames - 1);
  });
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
