import { lineTitle } from '../../plan/lineTitle';
import type { AnalysedClass } from './finding';

const TIMES = ['', ' (the second time)', ' (the third time)', ' (the fourth time)'] as const;

/** The name of a line, as its instructor says it; of two of one name, which time it is: "Cloud Hands (the second time)". */
export function nameOf({ plan, find }: Pick<AnalysedClass, 'plan' | 'find'>, itemId: string): string {
  const items = plan.sections.flatMap(({ items: some }) => some);
  const item = items.find(({ id }) => id === itemId);
  if (!item) return 'a line';
  const title = lineTitle(item, find);
  if (item.kind !== 'movement') return title;
  const alike = items.filter((other) => other.kind === 'movement' && lineTitle(other, find) === title);
  const place = alike.indexOf(item);
  return `${title}${TIMES[place] ?? ` (time ${place + 1})`}`;
}
