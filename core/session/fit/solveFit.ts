import { byteAt, floatAt, intAt, numberAt, shortAt } from '../../numbers/numberAt';
import {
  type FitChoice,
  type FitModel,
  type FitOption,
  type FitPace,
  type FitSection,
  shareCost,
  weighChoice,
} from './fitModel';
import { type Range, reachOfSection, spanOf } from './fitReach';

/**
 * Choices are gathered in buckets of time, and of each bucket the cheapest is kept; its exact seconds are carried along, so that
 * rounding does not add up. A large class is looked at second by second, a small one more finely.
 */
const FINEST = 4;
const ENOUGH = 330_000;
const finenessOf = ({ sections, slot, isRough = false }: FitModel): number => {
  if (isRough) return 1;
  const lines = sections.reduce((sum, section) => sum + section.lines.length, 0);
  return Math.min(FINEST, Math.max(1, Math.floor(ENOUGH / Math.max(1, lines * slot))));
};

/** How time is cut into buckets: so many to a second, and where they begin. */
interface Buckets {
  readonly fine: number;
  readonly offset: number;
}

/** The cheapest ways through one section at one pace, by the seconds they take. */
interface Table {
  readonly cost: Float64Array;
  readonly seconds: Float64Array;
  /** For each line and bucket of time, the option taken and the bucket come from. */
  readonly taken: readonly Int16Array[];
  readonly from: readonly Int32Array[];
}

/** The best of a section by seconds, over all its paces. */
interface Best {
  readonly buckets: readonly number[];
  readonly cost: Float64Array;
  readonly seconds: Float64Array;
  readonly pace: Int8Array;
  readonly tables: readonly Table[];
}

function tableOf({ lines }: FitSection, pace: number, range: Range, most: number, { fine, offset }: Buckets): Table {
  // What the lines still to come can add: only what can then end within the range is worth keeping.
  const rest = lines.map(({ options }) => spanOf(options, pace));
  let longest = range.longest - rest.reduce((sum, one) => sum + one.shortest, 0);
  let shortest = range.shortest - rest.reduce((sum, one) => sum + one.longest, 0);
  let cost = new Float64Array(most + 1).fill(Number.POSITIVE_INFINITY);
  let seconds = new Float64Array(most + 1);
  cost[0] = 0;
  let highest = 0;
  const taken: Int16Array[] = [];
  const from: Int32Array[] = [];
  for (const [line, { options }] of lines.entries()) {
    longest += rest[line]?.shortest ?? 0;
    shortest += rest[line]?.longest ?? 0;
    const nextCost = new Float64Array(most + 1).fill(Number.POSITIVE_INFINITY);
    const nextSeconds = new Float64Array(most + 1);
    const takes = new Int16Array(most + 1).fill(-1);
    const comes = new Int32Array(most + 1);
    let reached = 0;
    for (let place = 0; place < options.length; place += 1) {
      const option = options[place] as FitOption;
      const length = numberAt(option.seconds, pace);
      for (let bucket = 0; bucket <= highest; bucket += 1) {
        const before = floatAt(cost, bucket);
        if (before === Number.POSITIVE_INFINITY) continue;
        const whole = floatAt(seconds, bucket) + length;
        if (whole > longest || whole < shortest) continue;
        const to = Math.floor(whole * fine + offset);
        if (to > most) continue;
        const sum = before + option.cost;
        if (sum >= floatAt(nextCost, to) - 1e-12) continue;
        nextCost[to] = sum;
        nextSeconds[to] = whole;
        takes[to] = place;
        comes[to] = bucket;
        if (to > reached) reached = to;
      }
    }
    cost = nextCost;
    seconds = nextSeconds;
    highest = reached;
    taken.push(takes);
    from.push(comes);
  }
  return { cost, seconds, taken, from };
}

function bestOf(section: FitSection, slot: number, range: Range, most: number, buckets: Buckets): Best {
  const tables = section.paces.map((_, pace) => tableOf(section, pace, range, most, buckets));
  const cost = new Float64Array(most + 1).fill(Number.POSITIVE_INFINITY);
  const seconds = new Float64Array(most + 1);
  const paces = new Int8Array(most + 1);
  tables.forEach((table, pace) => {
    const extra = section.paces[pace]?.cost ?? 0;
    for (let bucket = 0; bucket <= most; bucket += 1) {
      if (table.cost[bucket] === Number.POSITIVE_INFINITY) continue;
      const exact = floatAt(table.seconds, bucket);
      if (exact < section.least - 1e-9) continue;
      const sum = floatAt(table.cost, bucket) + extra + shareCost(section, exact, slot);
      if (sum >= floatAt(cost, bucket)) continue;
      cost[bucket] = sum;
      seconds[bucket] = exact;
      paces[bucket] = pace;
    }
  });
  const reached: number[] = [];
  for (let bucket = 0; bucket <= most; bucket += 1) if (cost[bucket] !== Number.POSITIVE_INFINITY) reached.push(bucket);
  return { buckets: reached, cost, seconds, pace: paces, tables };
}

/** The options that led to a bucket of a section, line by line. */
function optionsTo({ tables, pace }: Best, bucket: number): { pace: number; options: number[] } {
  const at = byteAt(pace, bucket);
  const { taken, from } = tables[at] as Table;
  const options: number[] = [];
  let place = bucket;
  for (let line = taken.length - 1; line >= 0; line -= 1) {
    const [option, before] = [taken[line], from[line]];
    if (!option || !before) break;
    options.unshift(shortAt(option, place));
    place = intAt(before, place);
  }
  return { pace: at, options };
}

/** Several sections together: the cheapest by seconds, and of which bucket of the last one it is made. */
interface Joined {
  readonly cost: Float64Array;
  readonly seconds: Float64Array;
  readonly last: Int32Array;
  readonly before: Int32Array;
  readonly buckets: readonly number[];
}

function join(joined: Joined, best: Best, from: number, to: number, { fine, offset }: Buckets): Joined {
  const cost = new Float64Array(to + 1).fill(Number.POSITIVE_INFINITY);
  const seconds = new Float64Array(to + 1);
  const last = new Int32Array(to + 1);
  const before = new Int32Array(to + 1);
  for (const one of joined.buckets) {
    const [had, took] = [floatAt(joined.cost, one), floatAt(joined.seconds, one)];
    // Two buckets together may come out one bucket off the sum of both.
    for (let place = firstFrom(best.buckets, from - one - 1); place < best.buckets.length; place += 1) {
      const two = numberAt(best.buckets, place);
      const whole = took + floatAt(best.seconds, two);
      const bucket = Math.floor(whole * fine + offset);
      if (bucket > to) break;
      if (bucket < from) continue;
      const sum = had + floatAt(best.cost, two);
      if (sum >= floatAt(cost, bucket)) continue;
      cost[bucket] = sum;
      seconds[bucket] = whole;
      last[bucket] = two;
      before[bucket] = one;
    }
  }
  const buckets: number[] = [];
  for (let bucket = from; bucket <= to; bucket += 1)
    if (cost[bucket] !== Number.POSITIVE_INFINITY) buckets.push(bucket);
  return { cost, seconds, last, before, buckets };
}

/** The place of the first of some rising buckets that is not below another. */
function firstFrom(buckets: readonly number[], least: number): number {
  let [low, high] = [0, buckets.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (numberAt(buckets, middle) < least) low = middle + 1;
    else high = middle;
  }
  return low;
}

const NOTHING: Joined = {
  cost: Float64Array.of(0),
  seconds: Float64Array.of(0),
  last: Int32Array.of(0),
  before: Int32Array.of(0),
  buckets: [0],
};

/**
 * The cheapest choice that meets the slot, by dynamic programming over time: line by line within a section, then
 * section by section, those with the fewest outcomes first. Null where none meets it.
 */
export function solveFit(model: FitModel): FitChoice | null {
  const still = solved(leastPaces(model, 0));
  // A change of pace that alone costs more than a class with the written paces need not be looked at.
  const kept = leastPaces(model, still?.cost ?? Number.POSITIVE_INFINITY);
  if (still && kept.sections.every(({ paces }) => paces.length === 1)) return inModel(model, kept, still);
  const answer = solved(kept);
  return answer && inModel(model, kept, answer);
}

/** The model with only those paces that cost no more than `most`. */
function leastPaces(model: FitModel, most: number): FitModel {
  const sections = model.sections.map((section) => {
    const kept = section.paces.flatMap(({ cost }, pace) => (cost <= most ? [pace] : []));
    const lines = section.lines.map(({ itemId, options }) => ({
      itemId,
      options: options.map((option) => ({ ...option, seconds: kept.map((pace) => numberAt(option.seconds, pace)) })),
    }));
    return { ...section, lines, paces: kept.map((pace) => section.paces[pace] as FitPace) };
  });
  return { ...model, sections };
}

/** A choice of a model with fewer paces, told in the places of the whole one. */
function inModel(model: FitModel, kept: FitModel, choice: FitChoice): FitChoice {
  const sections = choice.sections.map(({ pace, options }, index) => ({
    pace: model.sections[index]?.paces.indexOf(kept.sections[index]?.paces[pace] as FitPace) ?? 0,
    options,
  }));
  return { ...choice, sections };
}

/** Buckets that begin elsewhere keep other choices; where there is time, both are looked at and the cheaper one is taken. */
function solved(model: FitModel): FitChoice | null {
  const fine = finenessOf(model);
  const even = solvedIn(model, { fine, offset: 0.5 });
  const odd = fine > 1 ? solvedIn(model, { fine, offset: 0 }) : null;
  return even && odd ? (odd.cost < even.cost ? odd : even) : (even ?? odd);
}

/** The fewest and the most seconds a section can take. */
const firstOf = ({ buckets, seconds }: Best): number => seconds[buckets[0] ?? 0] ?? 0;
const lastOf = ({ buckets, seconds }: Best): number => seconds[buckets.at(-1) ?? 0] ?? 0;

function solvedIn(model: FitModel, grid: Buckets): FitChoice | null {
  const { fine } = grid;
  const most = Math.floor((model.slot + model.tolerance) * fine);
  const reaches = model.sections.map(reachOfSection);
  /** How long a section may be for the others to make up the rest of the slot; a little is let for what is rounded. */
  const rangeOf = (index: number): Range => {
    const others = (end: keyof Range) => reaches.reduce((sum, one, place) => sum + (place === index ? 0 : one[end]), 0);
    return {
      shortest: model.slot - model.tolerance - others('longest') - 1e-6,
      longest: model.slot + model.tolerance - others('shortest') + 1e-6,
    };
  };
  const order = model.sections
    .map((section, index) => ({ index, best: bestOf(section, model.slot, rangeOf(index), most, grid) }))
    .toSorted((a, b) => a.best.buckets.length - b.best.buckets.length);
  const steps: Joined[] = [];
  let joined = NOTHING;
  // Only what the sections still to come can bring to the slot is worth keeping.
  let shortest = model.slot - model.tolerance - order.reduce((sum, { best }) => sum + lastOf(best), 0);
  let longest = model.slot + model.tolerance - order.reduce((sum, { best }) => sum + firstOf(best), 0);
  const bucketOf = (seconds: number) => Math.floor(seconds * fine + grid.offset);
  for (const { best } of order) {
    shortest += lastOf(best);
    longest += firstOf(best);
    const to = Math.max(-1, Math.min(most, bucketOf(longest + 1e-6)));
    joined = join(joined, best, Math.max(0, bucketOf(shortest - 1e-6)), to, grid);
    steps.push(joined);
  }
  let end = -1;
  for (const bucket of joined.buckets) {
    if (Math.abs(floatAt(joined.seconds, bucket) - model.slot) > model.tolerance) continue;
    if (end < 0 || floatAt(joined.cost, bucket) < floatAt(joined.cost, end)) end = bucket;
  }
  if (end < 0) return null;
  const sections = new Array<FitChoice['sections'][number]>(model.sections.length);
  for (let step = steps.length - 1; step >= 0; step -= 1) {
    const { last, before } = steps[step] as Joined;
    const { index, best } = order[step] as (typeof order)[number];
    sections[index] = optionsTo(best, intAt(last, end));
    end = intAt(before, end);
  }
  return { sections, ...weighChoice(model, sections) };
}
