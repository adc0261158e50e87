import { type MovementSearch, stemOf } from '../../movement/edit/search';
import type { Form } from '../../movement/schema/form';
import { type FindMovement, usualName } from '../../movement/schema/movement';
import { baseId } from '../../movement/schema/version';
import type { HeldClass } from '../calendar/courseClasses';
import type { CourseThread } from '../schema/thread';
import { bindThreads } from './bindThreads';
import { formThread, movementThread } from './makeThread';

/** What of a typed syllabus was not understood, and where. */
export interface SyllabusFault {
  /** From 1. */
  readonly line: number;
  readonly text: string;
  readonly message: string;
}

export interface SyllabusRead {
  readonly threads: readonly CourseThread[];
  readonly faults: readonly SyllabusFault[];
  /** The classes that are written about: the last is the least number a course has. */
  readonly classes: number;
}

interface Repertoire {
  readonly search: MovementSearch;
  readonly find: FindMovement;
  readonly forms: readonly Form[];
}

/** "3: ...", "week 3: ...", "class 3. ..." */
const NUMBERED = /^\s*(?:week|class|lesson)?\s*(\d{1,3})\s*[:.)]\s*(.*)$/i;
/** "places 3-6", "1 to 5", "5" at the end of a form's name. */
const PLACES = /^(.*?)\s+(?:places?\s+)?(?:(\d{1,2})\s*(?:-|–|to)\s*)?(\d{1,2})$/i;
const AGAIN = /^(?:again|review|practi[sc]e|go over)$/i;

/** A form by one of its names, whatever its words' endings. */
function formNamed(name: string, forms: readonly Form[]): Form | undefined {
  const stems = (text: string) => text.split(/\s+/).map(stemOf).sort().join(' ');
  const wanted = stems(name);
  return forms.find(({ id, names }) =>
    [...names.english, ...names.pinyin, id.replaceAll('-', ' ')].some((one) => stems(one) === wanted),
  );
}

/** The layer, from 1, that some words name: "steps" is "Add the steps". */
function layerNamed({ layers }: CourseThread, words: string): number | null {
  const wanted = words.split(/\s+/).map(stemOf);
  const place = layers.findIndex(({ name }) => {
    const stems = new Set(name.split(/\s+/).map(stemOf));
    return wanted.some((word) => stems.has(word));
  });
  return place < 0 ? null : place + 1;
}

/** One thing that is written for a class. */
interface Written {
  readonly line: number;
  readonly number: number;
  readonly text: string;
}

/** The lines of a text, each with the class it is about: its own number, or the one after the line before. */
function linesOf(text: string): Written[] {
  let number = 0;
  return text.split(/\r?\n/).flatMap((raw, index): Written[] => {
    if (raw.trim() === '') return [];
    const numbered = NUMBERED.exec(raw);
    number = numbered ? Number(numbered[1]) : number + 1;
    const rest = numbered?.[2] ?? raw;
    return rest
      .split(';')
      .map((one) => one.trim())
      .filter((one) => one !== '')
      .map((one) => ({ line: index + 1, number, text: one }));
  });
}

/**
 * Reads a syllabus as terms have always been planned: a line a week, "3: cloud hands, steps; brush knee, arms". What is written is
 * pinned to its class; a thing that is named again without a word for its step goes one step on; "again" only practises it.
 * @param held the classes of the course, for what is pinned
 */
export function readSyllabus(
  text: string,
  held: readonly HeldClass[],
  { search, find, forms }: Repertoire,
): SyllabusRead {
  const threads = new Map<string, CourseThread>();
  const reached = new Map<string, number>();
  const faults: SyllabusFault[] = [];
  const written = linesOf(text);

  const threadFor = (name: string): { thread: CourseThread; upTo: number | null } | null => {
    const places = PLACES.exec(name);
    const form = formNamed(name, forms) ?? formNamed(places?.[1] ?? '', forms);
    if (form) {
      const asked = { kind: 'steps', wish: 'must', size: 'M' } as const;
      const upTo = Math.min(form.entries.length, Number(places?.[3] ?? 1));
      const most = Math.max(upTo, threads.get(form.id)?.layers.length ?? 0);
      return {
        thread: { ...formThread(form, most, asked, find), pins: threads.get(form.id)?.pins ?? [] },
        upTo: places ? upTo : null,
      };
    }
    const [movement] = search(name);
    if (!movement) return null;
    const id = baseId(movement.id);
    const asked = { kind: 'steps', wish: 'must', size: 'S' } as const;
    return { thread: threads.get(id) ?? { ...movementThread(movement, asked, find), id }, upTo: null };
  };

  for (const { line, number, text: item } of written) {
    const complain = (message: string) => faults.push({ line, text: item, message });
    const [name = '', ...more] = item.split(',').map((one) => one.trim());
    const words = more.join(' ');
    const one = held[number - 1];
    if (!one) {
      complain(`There is no class ${number}: the course has ${held.length}.`);
      continue;
    }
    const named = threadFor(name);
    if (!named) {
      complain(nearestWords(name, search));
      continue;
    }
    const { thread, upTo } = named;
    const had = reached.get(thread.id) ?? 0;
    const isAgain = AGAIN.test(words);
    const layer = words === '' || isAgain ? null : layerNamed(thread, words);
    if (words !== '' && !isAgain && layer === null) {
      complain(`“${words}” is none of its steps: ${thread.layers.map(({ name: step }) => step).join(', ')}.`);
      continue;
    }
    if (isAgain && had === 0) {
      complain('It is not there yet, so it cannot come again.');
      continue;
    }
    const layers = isAgain ? had : Math.min(thread.layers.length, layer ?? upTo ?? had + 1);
    if (layers < had) {
      complain(`Step ${layers} of it was there before: steps are not unlearnt.`);
      continue;
    }
    const others = thread.pins.filter(({ classId }) => classId !== one.id);
    reached.set(thread.id, layers);
    threads.set(thread.id, { ...thread, pins: [...others, { classId: one.id, layers, isNew: layers > had }] });
  }
  return {
    threads: bindThreads([...threads.values()], forms),
    faults,
    classes: Math.max(0, ...written.map(({ number }) => number)),
  };
}

function nearestWords(name: string, search: MovementSearch): string {
  const near = search
    .nearest(name)
    .slice(0, 3)
    .map(({ thing }) => usualName(thing));
  return near.length > 0
    ? `No movement is called that. Near to it: ${near.join(', ')}.`
    : 'No movement or form is called that.';
}
