import { sumBy } from 'remeda';
import { numberAt } from '../../numbers/numberAt';
import type { FitModel, FitOption, FitSection } from './fitModel';

/** The fewest and the most seconds something can take, or may. */
export interface Range {
  readonly shortest: number;
  readonly longest: number;
}

/** How long a line can be at one pace. */
export const spanOf = (options: readonly FitOption[], pace: number): Range => {
  const seconds = options.map((option) => numberAt(option.seconds, pace));
  return { shortest: Math.min(...seconds), longest: Math.max(...seconds) };
};

/** How long a section can be, over all its paces. */
export function reachOfSection({ lines, paces, least }: FitSection): Range {
  const spans = paces.map((_, pace) => lines.map(({ options }) => spanOf(options, pace)));
  const sums = (end: keyof Range) => spans.map((span) => sumBy(span, (one) => one[end]));
  return {
    shortest: Math.max(lines.length === 0 ? 0 : least, Math.min(...sums('shortest'))),
    longest: Math.max(lines.length === 0 ? 0 : least, Math.max(...sums('longest'))),
  };
}

/** The shortest and the longest that a model can be made, seconds. */
export function reachOf({ sections }: FitModel): Range {
  const reaches = sections.map(reachOfSection);
  const sum = (end: keyof Range) => sumBy(reaches, (one) => one[end]);
  return { shortest: sum('shortest'), longest: sum('longest') };
}
