import { numberAt } from '../../numbers/numberAt';
/**
 * The exact model that fitting solves: for every line one option is taken, for every section one breath pace; the seconds
 * must meet the slot, and what it costs is how far the class is from the one that was written.
 */

/** One way of doing a line: so many, or left out. */
export interface FitOption {
  /** The count; null where the line is left out. */
  readonly count: number | null;
  readonly cost: number;
  /** Seconds it takes, for each of its section's paces. */
  readonly seconds: readonly number[];
}

export interface FitLine {
  readonly itemId: string;
  readonly options: readonly FitOption[];
}

export interface FitPace {
  /** Breaths a minute quicker (or slower, negative) than is written. */
  readonly shift: number;
  readonly cost: number;
}

export interface FitSection {
  readonly lines: readonly FitLine[];
  readonly paces: readonly FitPace[];
  /** Seconds it takes in the class that was written, stretched to the slot. */
  readonly share: number;
  /** It must last at least so long, seconds. */
  readonly least: number;
}

export interface FitModel {
  readonly sections: readonly FitSection[];
  /** The slot, and how far the class may end from it, seconds. */
  readonly slot: number;
  readonly tolerance: number;
  /** Whether seconds are fine enough. */
  readonly isRough?: boolean;
}

/** One choice for everything. */
export interface FitChoice {
  /** For each section the pace taken, and for each of its lines the option taken, by place. */
  readonly sections: readonly { readonly pace: number; readonly options: readonly number[] }[];
  readonly seconds: number;
  readonly cost: number;
}

/** What a class that is not the usual one costs. Weights are conventions. */
export const COST = {
  /** A line left out, against changing its count by all of it. */
  leftOut: 4,
  /** A section longer or shorter than its share, by the whole slot. */
  share: 30,
  /** Each breath a minute off the written pace. */
  pace: 1,
} as const;

/**
 * The cost of another count: a little for any change, and dearer the further it goes, so that many lines change a little rather
 * than one a lot. Half as many cost 0.875.
 */
export function countCost(count: number, usual: number): number {
  const away = Math.abs(count - usual) / usual;
  return away * (0.25 + 3 * away);
}

/** The cost of a section lasting so long. */
export const shareCost = (section: FitSection, seconds: number, slot: number): number =>
  (COST.share * Math.abs(seconds - section.share)) / slot;

/** What a choice takes and costs, reckoned anew from the model. */
export function weighChoice(model: FitModel, sections: FitChoice['sections']): Pick<FitChoice, 'seconds' | 'cost'> {
  let [seconds, cost] = [0, 0];
  model.sections.forEach((section, index) => {
    const { pace, options } = sections[index] as FitChoice['sections'][number];
    let own = 0;
    section.lines.forEach((line, place) => {
      const option = line.options[numberAt(options, place)] as FitOption;
      own += numberAt(option.seconds, pace);
      cost += option.cost;
    });
    seconds += own;
    cost += shareCost(section, own, model.slot) + (section.paces[pace] as FitPace).cost;
  });
  return { seconds, cost };
}
