import { unique } from 'remeda';
import type { Side } from '../../body/written/side';
import type { Schools } from '../../movement/adapt/schools';
import type { FindMovement, Movement, Role } from '../../movement/schema/movement';
import { passesOf } from '../../movement/schema/pass';
import type { Breath } from '../../movement/schema/phase';
import type { UsualFault } from '../../movement/schema/teachingWords';
import { breathMannerWords } from '../../movement/walk/breathManner';
import { phasesFor } from '../../movement/walk/cycleFor';
import { adaptMovement } from '../plan/adaptMovement';
import { type Block, blocksAround, blocksBegun } from '../plan/block';
import { type Depth, depthsIn, depthWords } from '../plan/line/depth';
import { lineTitle } from '../plan/lineTitle';
import { matchItem } from '../plan/matchItem';
import type { MovementItem, Plan } from '../plan/session';
import { settledLines } from '../schedule/unrollBlocks';
import { lineTimes } from '../timeline/lineTimes';
import type { Timeline } from '../timeline/segment';
import { focusesOf } from '../words/lineSpeech';
import { cueAtWords, placedWords } from '../words/wordsSaid';
import { blockWords } from './blockWords';
import { countSaid } from './countWords';
import { settleWords } from './settleWords';

/** How the instructor stands: facing the class and mirroring it, or with the back to it. */
export type Facing = 'mirrored' | 'same';
/**
 * How left and right are said: as sides, as hours of a clock that lies on the floor with twelve in front, or by what stands
 * on each side of the room.
 */
export type SideWords = 'sides' | 'hours' | Readonly<Record<Side, string>>;

/** What is said and counted for one line, in the order of the class. */
export interface Cue {
  readonly itemId: string;
  readonly section: Role;
  readonly startMs: number;
  readonly lengthMs: number;
  readonly title: string;
  readonly pinyin: string;
  readonly chinese: string;
  /** "8 times each side, 3 rounds", or seconds of a rest. */
  readonly count: string;
  /** How many passes of how many, as they are counted out loud, with "last one" before the last. */
  readonly counting: string;
  /** The sides in order, as the class sees them and as the instructor moves. */
  readonly sides: string;
  /** What is said for each phase, with its breath, and how that is taken where it is not the plain way. */
  readonly calls: readonly { readonly call: string; readonly breath: Breath; readonly how: string }[];
  readonly note: string;
  /** What to watch, what is often seen with what to say to it, and what each round looks at. */
  readonly points: readonly string[];
  readonly faults: readonly UsualFault[];
  readonly focuses: readonly string[];
  /** Words at their moments, as "2:00 Let the shoulders go". */
  readonly said: readonly string[];
  /** What is read out; empty where nothing is. */
  readonly script: string;
  /** Where the instructor stands, where that is not as usual. */
  readonly stands: string;
  readonly tags: readonly string[];
  /** How low the class goes in it, where it was found today to be less than is written. */
  readonly lowest: string;
  /** What the blocks that begin with it do: "Two of the form: 3 rounds". Empty where none begins. */
  readonly opens: string;
  /** In how many blocks it stands. */
  readonly depth: number;
  /** What is said for the steps into it; empty where there are none. */
  readonly steps: string;
  /** What it is settled with; empty where it is not. */
  readonly settles: string;
  /** What comes after it; null at the end. */
  readonly next: string | null;
  /** The movement as it is done here; null for rests and talks. */
  readonly movement: Movement | null;
}

const HOURS: Readonly<Record<Side, string>> = { left: '9 o’clock', right: '3 o’clock' };

/** A side as the class hears it and as the instructor does it: `sideWords('left', 'mirrored', 'sides')` is "left (you: right)". */
export function sideWords(side: Side, facing: Facing, words: SideWords): string {
  const yours: Side = facing === 'same' ? side : side === 'left' ? 'right' : 'left';
  const said = words === 'sides' ? side : `towards ${(words === 'hours' ? HOURS : words)[side]}`;
  return facing === 'same' ? said : `${said} (you: ${yours})`;
}

function sidesOf(movement: Movement, item: MovementItem, facing: Facing, words: SideWords): string {
  const passes = passesOf(movement.laterality, item);
  const sides = passes.flatMap(({ side }) => (side === 'left' || side === 'right' ? [side] : []));
  const { sides: laterality, directions } = movement.laterality;
  if (laterality.kind === 'alternating') {
    const first: Side = item.sides.startsWith('right')
      ? 'right'
      : item.sides.startsWith('left')
        ? 'left'
        : laterality.first;
    return `${sideWords(first, facing, words)} first, by turns`;
  }
  const ordered = unique(sides)
    .map((side) => sideWords(side, facing, words))
    .join(', then ');
  const both = directions.kind === 'both' && item.directions === 'usual' ? `${directions.names.join(', then ')}` : '';
  return [ordered, both].filter(Boolean).join('; ');
}

/** "1 … 7, last one" for a counted line; nothing where the breath or the clock is counted. */
function countingOf(movement: Movement, count: number): string {
  if (movement.count.unit !== 'repetitions' || movement.count.ends !== 'counted') return '';
  if (count === 1) return 'once';
  return count === 2 ? '1, last one' : `1 … ${count - 1}, last one`;
}

const said = (block: Block): string => (block.name === '' ? blockWords(block) : `${block.name}: ${blockWords(block)}`);

/** What a line in which nobody moves leaves empty. */
const NOTHING = {
  pinyin: '',
  chinese: '',
  counting: '',
  sides: '',
  calls: [],
  movement: null,
  points: [],
  faults: [],
  focuses: [],
  said: [],
  stands: '',
  tags: [],
  lowest: '',
} as const;

/** How left and right are to be said in a line: as the instructor stands for it, or as usual. */
function facingOf({ stands }: MovementItem, usual: Facing): Facing {
  switch (stands.faces) {
    case 'usual':
      return usual;
    case 'class':
      return 'mirrored';
    // Side-on the instructor looks the way the class does.
    case 'back':
    case 'side-on':
      return 'same';
  }
}

/** What is said of a movement's line: its names, how often, how it is counted out, the calls of its cycle. */
function movementCue(
  written: Movement,
  item: MovementItem,
  schools: Schools,
  depth: Depth | undefined,
): Pick<
  Cue,
  | 'pinyin'
  | 'chinese'
  | 'count'
  | 'counting'
  | 'calls'
  | 'movement'
  | 'points'
  | 'faults'
  | 'focuses'
  | 'said'
  | 'stands'
  | 'tags'
  | 'lowest'
> {
  const asWritten = adaptMovement(written, item, schools);
  const movement = adaptMovement(written, item, schools, depth?.deepest ?? null);
  const first = passesOf(movement.laterality, item)[0];
  const side = first?.side === 'left' || first?.side === 'right' ? first.side : null;
  return {
    pinyin: written.names.pinyin[0] ?? '',
    chinese: written.names.chinese[0] ?? '',
    count: countSaid(written, item),
    counting: item.ends.by === 'count' && item.range === null ? countingOf(written, item.count) : '',
    calls: phasesFor(movement, 'cycle', side).map(({ call, breath, manner }) => ({
      call,
      breath,
      how: breathMannerWords(breath, manner),
    })),
    movement,
    points: written.points.map(({ text }) => text),
    faults: written.faults,
    focuses: focusesOf(item, written),
    said: item.cues.map(({ at, say }) => `${cueAtWords(at)}: ${say}`),
    stands: placedWords(item),
    lowest: depth && movement !== asWritten ? depthWords(depth) : '',
    tags: [...new Set([...item.tags, ...written.tags])],
  };
}

/**
 * The cue sheet of a class: for every line when it begins, what it is, how often, which side, what is said, and what comes next.
 * @param facing and `words` say left and right the way the instructor teaches
 */
export function cueSheet(
  plan: Pick<Plan, 'sections' | 'schools'>,
  timeline: Timeline,
  find: FindMovement,
  { facing, words }: { readonly facing: Facing; readonly words: SideWords },
): Cue[] {
  const lines = plan.sections.flatMap((section) => {
    const { kind, items, blocks, settle } = section;
    const settled = settledLines(section);
    return items.map((item, index) => ({
      kind,
      item,
      settles: settle && settled.has(item.id) ? settleWords(settle, find) : '',
      opens: blocksBegun(items, blocks, index).map(said).join('; '),
      depth: blocksAround(blocks, item).length,
    }));
  });
  const times = lineTimes(timeline);
  return lines.flatMap(({ kind, item, opens, depth, settles }, place): Cue[] => {
    const stretch = times.get(item.id);
    if (!stretch) return [];
    const next = lines[place + 1];
    const shared = {
      itemId: item.id,
      section: kind,
      startMs: stretch.startMs,
      lengthMs: stretch.lengthMs,
      title: lineTitle(item, find),
      note: item.note,
      script: item.script,
      opens,
      depth,
      steps: stretch.occurrences[0]?.bridge?.call ?? '',
      settles,
      next: next ? lineTitle(next.item, find) : null,
    };
    const pause = ({ seconds }: { readonly seconds: number }): Cue => ({
      ...shared,
      ...NOTHING,
      count: `${seconds} s`,
    });
    return [
      matchItem<Cue>(item, {
        movement: (line) => {
          const written = find(line.movementId);
          if (!written) return pause({ seconds: 0 });
          return {
            ...shared,
            ...movementCue(written, line, plan.schools, depthsIn(plan.sections).get(line.id)),
            sides: sidesOf(written, line, facingOf(line, facing), words),
          };
        },
        rest: pause,
        talk: pause,
        clock: pause,
      }),
    ];
  });
}
