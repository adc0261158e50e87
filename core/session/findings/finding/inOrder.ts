import type { Finding } from './finding';

const GRAVITY = { stop: 0, warn: 1, notice: 2 } as const;

/** The gravest first, then in the order of the class. */
export const inOrder = (findings: readonly Finding[]): Finding[] =>
  findings.toSorted((a, b) => GRAVITY[a.severity] - GRAVITY[b.severity] || (a.atMs ?? 0) - (b.atMs ?? 0));
