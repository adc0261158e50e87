import { USUAL_SCHOOLS } from '../../core/movement/adapt/schools';
import type { FindMovement, Role } from '../../core/movement/schema/movement';
import { emptySections, newMovementItem, newPause } from '../../core/session/plan/defaults';
import type { Item, MovementItem, Plan, Section } from '../../core/session/plan/session';
import { NO_DOORS } from '../../core/session/plan/slotTime';
import { forecastFor } from '../../core/session/report/forecast';
import { timelineOf } from '../../core/session/schedule/timeline';

/** A class as it is written down for judging: a line a line, "lift-the-sky 8 x2 r20 s10 named". */
export interface WrittenClass {
  readonly opening?: string;
  readonly warmUp?: string;
  readonly main: string;
  readonly coolDown?: string;
  readonly closing?: string;
  /** Breaths a minute in the main part and the cool-down, where they are not the usual. */
  readonly pace?: number;
  readonly coolDownPace?: number;
}

const SECTIONS: readonly (readonly [keyof WrittenClass, Role])[] = [
  ['opening', 'opening'],
  ['warmUp', 'warm-up'],
  ['main', 'main'],
  ['coolDown', 'cool-down'],
  ['closing', 'closing'],
];

/**
 * What stands after the name of a movement: a count; `x2` rounds with `r20` s of rest between; `s10` s of standing still after; `left`
 * one side only; `(id)` a variant; a manner.
 */
function changeOf(words: readonly string[]): Partial<MovementItem> {
  return Object.assign(
    {},
    ...words.map((word): Partial<MovementItem> => {
      if (/^\d+(\.\d+)?$/.test(word)) return { count: Number(word) };
      const number = Number(word.slice(1));
      if (/^x\d+$/.test(word)) return { rounds: number };
      if (/^r\d+$/.test(word)) return { roundRest: number };
      if (/^s\d+$/.test(word)) return { settle: { kind: 'still', seconds: number } };
      if (/^v\d+$/.test(word)) return { lower: number };
      if (/^p\d+$/.test(word)) return { pace: number };
      if (word === 'left' || word === 'right') return { sides: `${word}-only` };
      if (word.startsWith('(')) return { variant: word.slice(1, -1) };
      if (word === 'explained' || word === 'named' || word === 'follow-along' || word === 'quiet')
        return { manner: word };
      throw new Error(`“${word}” is not understood`);
    }),
  );
}

function itemsOf(text: string, section: Role, find: FindMovement): Item[] {
  return text.split(',').map((written, place) => {
    const [name = '', ...words] = written.trim().split(/\s+/);
    const id = `${section}-${place}`;
    if (name === 'rest' || name === 'talk') return newPause(name, id, Number(words[0] ?? 30), words.slice(1).join(' '));
    const movement = find(name);
    if (!movement) throw new Error(`there is no movement “${name}”`);
    return { ...newMovementItem(id, movement, section), ...changeOf(words) };
  });
}

/** The class as a plan, in a slot it just fits, so that only what is done in it is judged. */
export function readClass(written: WrittenClass, find: FindMovement): Plan {
  const texts = new Map<Role, string>(
    SECTIONS.flatMap(([key, role]) => {
      const text = written[key];
      return typeof text === 'string' ? [[role, text] as const] : [];
    }),
  );
  const paceOf = (section: Section): Section['pace'] => {
    const own =
      section.kind === 'main' ? written.pace : section.kind === 'cool-down' ? written.coolDownPace : undefined;
    return own === undefined ? section.pace : { from: own, to: own, easing: 0 };
  };
  const sections = emptySections().map((section) => ({
    ...section,
    pace: paceOf(section),
    items: texts.has(section.kind) ? itemsOf(texts.get(section.kind) ?? '', section.kind, find) : [],
  }));
  const plan: Plan = { slotMinutes: 60, doors: NO_DOORS, breath: { in: 1, out: 1 }, schools: USUAL_SCHOOLS, sections };
  const answer = timelineOf(plan, find);
  if (!answer.ok) throw new Error(answer.problems.map(({ message }) => message).join('; '));
  const { safeMs } = forecastFor(plan, answer.timeline, find);
  return { ...plan, slotMinutes: Math.max(5, Math.ceil(safeMs / 60_000)) };
}
