import { lineTitle } from '../../plan/lineTitle';
import type { AnalysedClass } from './finding';

/** The name of a line, as its instructor says it. */
export function nameOf({ plan, find }: Pick<AnalysedClass, 'plan' | 'find'>, itemId: string): string {
  const item = plan.sections.flatMap(({ items }) => items).find(({ id }) => id === itemId);
  return item ? lineTitle(item, find) : 'a line';
}
