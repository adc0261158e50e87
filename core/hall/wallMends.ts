import { usualName } from '../movement/schema/movement';
import { passesOf } from '../movement/schema/pass';
import { analyseAfter } from '../session/findings/finding/analyseClass';
import type { AnalysedClass, Remedy } from '../session/findings/finding/finding';
import { nameOf } from '../session/findings/finding/nameOf';
import { previewOf, type TriedRemedy } from '../session/findings/preview';
import { fewer, inRounds, restsBefore } from '../session/findings/remedies/easing';
import { movementLine } from '../session/findings/remedies/mending';
import { facingWords } from '../session/plan/line/facing';
import type { Hall, Less } from './hall';
import { edgeWords } from './hallWords';
import type { MeetsWall } from './meetsWall';
import { layRows, type Rows } from './rows';

/** Turned by a quarter to the right, to the left, or right round. */
const TURNS = [90, -90, 180] as const;

/** The lines walked since the class was last in its places, up to the one that meets the wall. */
function linesOnTheWay({ track, wall }: Rows): string[] {
  if (!wall) return [];
  const way: string[] = [];
  for (const { itemId, atMs, x, y } of track) {
    if (atMs > wall.atMs) break;
    if (x === 0 && y === 0) way.length = 0;
    if (way.at(-1) !== itemId) way.push(itemId);
  }
  return [...new Set([...way, wall.itemId])];
}

/** Degrees from -180 up to 180, for any. */
const withinTurn = (degrees: number): number => ((((degrees + 180) % 360) + 360) % 360) - 180;

/** Some lines turned: the rows then go along the hall where they went across it. */
function turned(analysed: AnalysedClass, lines: readonly string[], by: number): Remedy[] {
  const edits = lines.flatMap((itemId) => {
    const item = movementLine(analysed, itemId);
    return item ? [{ kind: 'change' as const, itemId, to: { facing: withinTurn(item.facing + by) } }] : [];
  });
  const [first] = lines;
  if (first === undefined || edits.length === 0) return [];
  const label = edits.length > 1 ? `${edits.length} lines from ${nameOf(analysed, first)} on` : nameOf(analysed, first);
  return [{ label: `${label} turned ${facingWords(by)}`, edits }];
}

/** A line that goes all its way to one side and then all of it back, taken to and fro: both sides in each of some rounds. */
function sidesByTurns(analysed: AnalysedClass, itemId: string): Remedy[] {
  const item = movementLine(analysed, itemId);
  const movement = item && analysed.find(item.movementId);
  if (!item || !movement) return [];
  if (item.sides.endsWith('-only'))
    return [
      { label: `${usualName(movement)} on both sides`, edits: [{ kind: 'change', itemId, to: { sides: 'usual' } }] },
    ];
  if (item.rounds > 1 || passesOf(movement.laterality, item).length < 2) return [];
  const { least, step, unit } = movement.count;
  return Array.from({ length: 19 }, (_, at) => at + 2).flatMap((rounds): Remedy[] => {
    const count = item.count / rounds;
    const isWhole = Math.abs(count / step - Math.round(count / step)) < 1e-9;
    if (count < least || !isWhole) return [];
    return [
      {
        label: `${usualName(movement)}: the sides by turns, ${rounds} times ${count} ${unit} a side`,
        edits: [{ kind: 'change', itemId, to: { rounds, count, roundRest: 0 } }],
      },
    ];
  });
}

interface Further {
  readonly remedy: Remedy;
  /** What meets the wall then. */
  readonly next: MeetsWall;
}

/** The first of some remedies with which another line, later in the class, is the first to meet something. */
function firstThatGoesFurther(
  remedies: readonly Remedy[],
  now: MeetsWall,
  wallWith: (remedy: Remedy) => MeetsWall | null,
): Further[] {
  for (const remedy of remedies) {
    const next = wallWith(remedy);
    if (next && next.itemId !== now.itemId && next.atMs > now.atMs) return [{ remedy, next }];
  }
  return [];
}

const withNext = (analysed: AnalysedClass, { remedy, next }: Further): Remedy => ({
  ...remedy,
  label: `${remedy.label}; then ${nameOf(analysed, next.itemId)} meets ${edgeWords(next)}`,
});

/**
 * What keeps the outer row from the wall, each tried on the floor and with what else it would do to the class: turning the row, the
 * sides by turns, a rest to walk back, rounds, fewer. Where none is enough, those after which another line is the first to meet it. None
 * where the rows meet nothing; those that bring the least that is new first.
 */
export function wallMends(
  analysed: AnalysedClass,
  request: { readonly hall: Hall; readonly less: Less; readonly people: number },
): TriedRemedy[] {
  const rows = layRows(analysed, request);
  const { wall } = rows;
  if (!wall) return [];
  const way = linesOnTheWay(rows);
  const kinds: readonly (readonly Remedy[])[] = [
    // Those that are turned together need no steps from one to the next.
    ...TURNS.map((by) => [
      ...turned(analysed, [wall.itemId], by),
      ...(way.length > 1 ? turned(analysed, way, by) : []),
    ]),
    way.toReversed().flatMap((itemId) => sidesByTurns(analysed, itemId)),
    restsBefore(analysed, wall.itemId),
    inRounds(analysed, wall.itemId),
    fewer(analysed, wall.itemId),
  ];
  const wallWith = ({ edits }: Remedy): MeetsWall | null => {
    const after = analyseAfter(analysed, edits);
    const then = after && layRows(after, request);
    // Nobody is kept from the wall by having no place.
    return then && then.spots.length >= rows.spots.length ? then.wall : wall;
  };
  const clearing = kinds.flatMap((remedies) => remedies.find((remedy) => wallWith(remedy) === null) ?? []);
  // Where several lines meet it, one is mended at a time, and the next is named.
  const first = clearing.length > 0 ? [] : kinds.flatMap((remedies) => firstThatGoesFurther(remedies, wall, wallWith));
  return [...clearing, ...first.map((one) => withNext(analysed, one))]
    .flatMap((remedy) => {
      const preview = previewOf(analysed, remedy.edits);
      return preview ? [{ ...remedy, preview }] : [];
    })
    .toSorted((a, b) => a.preview.appears.length - b.preview.appears.length);
}
