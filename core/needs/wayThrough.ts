import { partition, sumBy } from 'remeda';
import { isSeated } from '../body/written/load';
import { cycleDemand } from '../demand/movementDemand';
import { cappedMovement } from '../movement/adapt/cappedMovement';
import { lowArmed, softFolded } from '../movement/adapt/gentlerWays';
import type { Schools } from '../movement/adapt/schools';
import type { Movement } from '../movement/schema/movement';
import { rememberFor } from '../remember/rememberFor';
import { adaptMovement } from '../session/plan/adaptMovement';
import { type LineAsks, type LineStanding, lineAsks } from './lineAsks';
import type { Need } from './need';
import { type InTheWay, inTheWay, WITHIN_REACH } from './needRules';

/** What somebody may hold. */
export type Support = 'chair' | 'wall';

/**
 * How somebody comes through a line with their needs: with nothing written down in the way, in another way, on a seat, or in no
 * way that is known. Never a clearance: it says what is written down, and nothing about a body.
 */
export interface WayThrough {
  readonly kind: 'clear' | 'way' | 'seat' | 'none';
  /** The variant to take: its id, '' as the movement is written; null as it is led, or in one of the ways every movement has. */
  readonly variant: string | null;
  /** How it is said in class: "the higher way". Empty as it is led. */
  readonly name: string;
  readonly support: Support | null;
  /** What to say meanwhile. */
  readonly say: readonly string[];
  /** What is in the way as it is led, with its figures. */
  readonly why: readonly string[];
  /** The usual cautions to it, each once. */
  readonly cautions: readonly string[];
}

/** A line of a class with its movement as it is written. */
export interface LineInClass extends LineStanding {
  readonly movement: Movement;
  readonly schools: Schools;
}

/** Another way of doing a line. */
export interface OtherWay {
  readonly variant: string | null;
  readonly name: string;
  readonly movement: Movement;
  readonly seated: boolean;
  /** How low they go in it, whatever the line does from round to round; null as the class does. */
  readonly deepest: number | null;
}

/** The stance everybody may take instead of a lower one, degrees. */
const HIGH = 25;

/** How much a movement asks in all: of two that will do, the one that asks more is the milder change. */
const askedInAll = rememberFor((movement: Movement): number =>
  sumBy(cycleDemand(movement), ({ pieces }) =>
    sumBy(pieces, ({ channels, balance }) => (sumBy([...channels], (value) => value) + balance) / pieces.length),
  ),
);

const seatLast = (a: OtherWay, b: OtherWay): number =>
  Number(a.seated) - Number(b.seated) || askedInAll(b.movement) - askedInAll(a.movement);

/** What everybody may do with any movement: take it higher, keep the hands low, fold less. One of a kind answers null where it changes nothing. */
const GENTLER: readonly {
  readonly name: string;
  readonly of: (movement: Movement) => Movement | null;
  readonly deepest: number | null;
}[] = [
  {
    name: 'the higher way',
    of: (movement) => (isSeated(movement.start.load) ? null : cappedMovement(movement, HIGH)),
    deepest: HIGH,
  },
  { name: 'hands below the shoulders', of: lowArmed, deepest: null },
  { name: 'a soft fold', of: softFolded, deepest: null },
];

/** Some ways of a line, and each of them made gentler in one thing, two or all three, the fewest first. */
function gentlerOf(ways: readonly OtherWay[]): OtherWay[] {
  const made = [1, 2, 3, 4, 5, 6, 7].toSorted((a, b) => bits(a) - bits(b) || a - b);
  return made.flatMap((mask) => ways.flatMap((way) => gentler(way, mask) ?? []));
}
const bits = (mask: number): number => [...mask.toString(2)].filter((bit) => bit === '1').length;

/** A way made gentler in the things a mask says; null where one of them changes nothing or cannot be. */
function gentler(way: OtherWay, mask: number): OtherWay | null {
  let { movement, deepest } = way;
  const names = way.name === '' ? [] : [way.name];
  for (const [place, { name, of, deepest: high }] of GENTLER.entries()) {
    if ((mask & (1 << place)) === 0) continue;
    const made = of(movement);
    if (made === null || (made === movement && high === null)) return null;
    movement = made;
    deepest = high ?? deepest;
    names.push(name);
  }
  return { ...way, movement, deepest, name: names.join(', ') };
}

/** Every other way a line can be done, the mildest change first: what any movement allows, its easier variants, and last a seat. */
export function otherWays({ item, movement, schools, deepest }: LineInClass): OtherWay[] {
  const adapted = (variant: string | null) => adaptMovement(movement, { ...item, variant }, schools, deepest);
  const way = (variant: string | null, name: string): OtherWay => {
    const done = adapted(variant === '' ? null : variant);
    return { variant, name, movement: done, seated: isSeated(done.start.load), deepest: null };
  };
  const led: OtherWay = { ...way(item.variant, ''), variant: null };
  const written = item.variant === null ? [] : [way('', 'as it is written')];
  const variants = movement.variants
    .filter(({ id, kind }) => kind !== 'harder' && id !== item.variant)
    .map(({ id, name }) => way(id, name));
  const others = [...written, ...variants].toSorted(seatLast);
  const [seats, standing] = partition(others, ({ seated }) => seated);
  return [...gentlerOf([led]), ...standing, ...gentlerOf(standing), ...seats, ...gentlerOf(seats)];
}

/**
 * What to hold, for those who need something within reach: a chair, where the line stays by it, or a wall at the side to go along;
 * null where nothing has to be held, undefined where nothing stays within reach.
 */
function supportFor(some: readonly InTheWay[], { far, farAcross }: LineAsks): Support | null | undefined {
  const wanted = some.filter(({ met }) => met === 'support');
  if (wanted.length === 0) return null;
  const reached = { chair: far <= WITHIN_REACH, wall: farAcross <= WITHIN_REACH };
  const first: Support = wanted.some(({ need }) => need.kind === 'chair-near') ? 'chair' : 'wall';
  return [first, 'chair' as const, 'wall' as const].find((support) => reached[support]);
}

const once = (some: readonly string[]): string[] => [...new Set(some)];

/**
 * How somebody with these needs comes through a line: as it is led, with something to hold and a word where that is enough; or else
 * in the mildest of its ways that meets every need; or on a seat; or in none that is known.
 */
export function wayThrough(line: LineInClass, needs: readonly Need[]): WayThrough {
  const { item, movement, deepest, schools } = line;
  const led = adaptMovement(movement, item, schools, deepest);
  const look = (done: Movement, low: number | null = null) => {
    const asks = lineAsks(low === null ? line : { ...line, deepest: low }, done);
    const left = inTheWay(needs, asks);
    const support = supportFor(left, asks);
    return { left, support, works: support !== undefined && left.every(({ met }) => met !== 'way') };
  };
  const asLed = look(led);
  const why = once(asLed.left.map((one) => one.why));
  const cautions = once(asLed.left.map(({ caution }) => caution));
  const answer = (kind: WayThrough['kind'], way: OtherWay | null, found: ReturnType<typeof look>): WayThrough => ({
    kind,
    variant: way?.variant ?? null,
    name: way?.name ?? '',
    support: found.support ?? null,
    say: once(found.left.flatMap(({ say }) => say ?? [])),
    why,
    cautions,
  });
  if (asLed.works) return answer('clear', null, asLed);
  for (const way of otherWays(line)) {
    const there = look(way.movement, way.deepest);
    if (there.works) return answer(way.seated && !isSeated(led.start.load) ? 'seat' : 'way', way, there);
  }
  return { kind: 'none', variant: null, name: '', support: null, say: [], why, cautions };
}

/** The seated way of a line; null where it has none, or is done on a chair as it is. */
export const seatIn = (line: LineInClass): { readonly variant: string | null; readonly name: string } | null =>
  otherWays(line).find(({ seated }) => seated) ?? null;
