import type { WeaveInstance } from './instance';

/** A practice: the stage before it, whether it is the first, how many classes it was waited for, and whether it adds layers. */
interface Practised {
  readonly stage: number;
  readonly isFirst: boolean;
  readonly wait: number;
  readonly adds: boolean;
}

/** The stage a practice leads to: adding layers goes back, a review that was waited for long enough goes on. */
export function stageAfter(
  { stageBack = Number.POSITIVE_INFINITY, halfWait = false }: Pick<WeaveInstance, 'stageBack' | 'halfWait'>,
  gaps: readonly number[],
  { stage, isFirst, wait, adds }: Practised,
): number {
  if (adds) return isFirst ? 0 : Math.max(0, stage - stageBack);
  const gains = !isFirst && (!halfWait || 2 * wait >= (gaps[stage] ?? 1));
  return gains ? Math.min(gaps.length - 1, stage + 1) : stage;
}
