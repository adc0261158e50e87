/**
 * Cells that a spreadsheet would take for a formula: they begin with = + - @, a tab or a return, behind any quotes that guard one
 * already. On the way out they are guarded by one quote.
 */
export const FORMULAE = /^'*[=+\-@\t\r]/;

const GUARD = /^'(?='*[=+\-@\t\r])/;

/** A cell on the way in, without the quote that guarded it. */
export const withoutGuard = (cell: string): string => cell.replace(GUARD, '');
