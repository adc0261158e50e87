import { type Hall, Hall as HallSchema, NOTHING_LESS } from '../core/hall/hall';
import { layClass } from '../core/hall/layClass';
import { analysedFor, classOf, forms } from '../repertoire/proposalBench';

/** Measures a class laid over a hall: thirty people, a form of twenty-four places, all its headings; beside analysing that class. */

const hall: Hall = HallSchema.parse({
  id: 'bench',
  name: 'Bench',
  length: 22,
  breadth: 16,
  front: 'short',
  chairs: 20,
  wall: 10,
});

const form = forms.toSorted((a, b) => b.entries.length - a.entries.length)[0];
if (!form) throw new Error('there is a form');
const ids = form.entries.map(({ movementId }) => movementId);
const places = Array.from({ length: 24 }, (_, place) => ids[place % ids.length] ?? '');
const plan = classOf(places, 90);
const request = { hall, less: NOTHING_LESS, people: 30, seenBy: {}, beginners: 3 };

const timed = <Answer>(work: () => Answer): { ms: number; answer: Answer } => {
  const start = performance.now();
  const answer = work();
  return { ms: performance.now() - start, answer };
};
// Once for what is worked out once for each movement, then what a press really waits for.
layClass(analysedFor(plan), request);
const analysing = timed(() => analysedFor(plan));
const times = Array.from({ length: 9 }, () => timed(() => layClass(analysing.answer, request)).ms);
const median = times.toSorted((a, b) => a - b)[4] ?? 0;
const { fronts, lines, spots, stands } = layClass(analysing.answer, request);
console.log(
  `hall: ${spots.length} people, ${lines.length} places, ${fronts.length} headings, ${stands.length} other places to stand: median ${median.toFixed(0)} ms of 300, ${(median / analysing.ms).toFixed(1)} times analysing the class`,
);
