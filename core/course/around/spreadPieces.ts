/** A way the warm-up of a class can be: its pieces, by what they are called, each with its minutes. */
export interface PieceChoice {
  readonly pieces: readonly string[];
  readonly minutes: readonly number[];
  /** What it costs by itself, whatever the other classes do. */
  readonly cost: number;
  /** Whether the class has so much else that is new that no piece of it may be. */
  readonly nothingNew: boolean;
}

/** What a spread of warm-ups is held to. */
export interface SpreadRules {
  /** Pieces that are familiar from the beginning. */
  readonly core: ReadonlySet<string>;
  /** The slots: pieces that stand in for each other. */
  readonly slots: readonly (readonly string[])[];
  /** The share of familiar minutes that is wished for, from the fourth class on. */
  readonly familiar: { readonly least: number; readonly most: number };
}

/** Figures of a spread: what each fault of it costs. */
const OUTSIDE = 10;
const STALE = 3;
const NEW_BESIDES = 1;
const UNEVEN = 0.2;
const NEW_WHERE_NONE_MAY_BE = 1000;
/** Familiar is what was done in the last so many classes; so many running without anything else are stale. */
const RECENT = 3;
/** From this class on, from 0, the share of what is familiar counts. */
const SETTLED_FROM = 3;
/** So many ways are gone on with from class to class. */
const BEAM = 200;

interface Way {
  readonly chosen: readonly number[];
  readonly cost: number;
  /** The pieces of the last classes, the latest first. */
  readonly last: readonly ReadonlySet<string>[];
  readonly times: ReadonlyMap<string, number>;
  /** Classes running without a fresh piece. */
  readonly stale: number;
}

/** What a choice costs after some classes, and how things stand then. */
function goOn(
  way: Way,
  choice: PieceChoice,
  place: number,
  { core, slots, familiar }: SpreadRules,
): Omit<Way, 'chosen'> {
  const isFamiliar = (piece: string) => core.has(piece) || way.last.some((pieces) => pieces.has(piece));
  const whole = choice.minutes.reduce((sum, one) => sum + one, 0);
  const known = choice.minutes.reduce((sum, one, at) => sum + (isFamiliar(choice.pieces[at] ?? '') ? one : 0), 0);
  const share = whole > 0 ? known / whole : 1;
  const outside = Math.max(0, familiar.least - share) + Math.max(0, share - familiar.most);
  const fresh = choice.pieces.filter((piece) => !isFamiliar(piece)).length;
  const never = choice.pieces.filter((piece) => !way.times.has(piece)).length;
  const stale = fresh > 0 || place === 0 ? 0 : way.stale + 1;
  // A piece that was done more often than another of its slot could have been that other.
  const uneven = slots.filter((slot) => {
    const piece = slot.find((one) => choice.pieces.includes(one));
    const times = slot.map((one) => way.times.get(one) ?? 0);
    return piece !== undefined && (way.times.get(piece) ?? 0) > Math.min(...times);
  }).length;
  const times = new Map(way.times);
  for (const piece of choice.pieces) times.set(piece, (times.get(piece) ?? 0) + 1);
  return {
    cost:
      way.cost +
      choice.cost +
      (place >= SETTLED_FROM ? OUTSIDE * outside * whole : 0) +
      (stale >= RECENT ? STALE : 0) +
      (place > 0 ? NEW_BESIDES * Math.max(0, never - 1) : 0) +
      (place > 0 && choice.nothingNew ? NEW_WHERE_NONE_MAY_BE * never : 0) +
      UNEVEN * uneven,
    last: [new Set(choice.pieces), ...way.last].slice(0, RECENT),
    times,
    stale: stale >= RECENT ? 0 : stale,
  };
}

/** What a spread costs: a choice for each class, by its place among those the class has; null where it has none. */
export function spreadCost(
  classes: readonly (readonly PieceChoice[])[],
  chosen: readonly (number | null)[],
  rules: SpreadRules,
): number {
  let way: Way = { chosen: [], cost: 0, last: [], times: new Map(), stale: 0 };
  chosen.forEach((at, place) => {
    const choice = at === null ? undefined : classes[place]?.[at];
    if (choice) way = { chosen: [], ...goOn(way, choice, place, rules) };
  });
  return way.cost;
}

/**
 * One choice for each class, so that over the course most is familiar and something fresh comes in time: a beam over the classes.
 * @returns the place of the choice in its class; null for a class that has none
 */
export function spreadPieces(classes: readonly (readonly PieceChoice[])[], rules: SpreadRules): (number | null)[] {
  let ways: Way[] = [{ chosen: [], cost: 0, last: [], times: new Map(), stale: 0 }];
  classes.forEach((choices, place) => {
    if (choices.length === 0) {
      ways = ways.map((way) => ({ ...way, chosen: [...way.chosen, -1] }));
      return;
    }
    const further = ways.flatMap((way) =>
      choices.map((choice, at): Way => ({ ...goOn(way, choice, place, rules), chosen: [...way.chosen, at] })),
    );
    ways = further.sort((a, b) => a.cost - b.cost).slice(0, BEAM);
  });
  return (ways[0]?.chosen ?? []).map((at) => (at < 0 ? null : at));
}
