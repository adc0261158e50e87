import { clamp } from 'remeda';
import type { Course } from '../schema/course';
import { AGAIN_MINUTES, LINGER, STRETCH } from '../schema/rules';
import { contentOf } from '../schema/topicContent';
import { topicKind } from '../schema/topicKinds';
import type { CourseWeave } from './courseWeave';
import { amountIn, isStanding } from './standing';

/** What is planned for a class. */
export interface ClassLoad {
  /** Minutes of its main part as it will be drawn up, of how many there are. */
  readonly minutes: number;
  readonly room: number;
  /** What is practised is done for so many times its usual minutes, to fill the class. */
  readonly stretch: number;
  /** How much is new. */
  readonly fresh: number;
}

/** What every held class of a course is planned with, past ones included. A review that a form's run covers takes nothing. */
export function classLoads(course: Course, { held, rooms }: CourseWeave): ClassLoad[] {
  const places = new Map(held.map(({ id }, place) => [id, place]));
  const layersIn = new Map(
    course.threads.map(({ id }) => [
      id,
      new Map((course.plan[id] ?? []).map((one) => [places.get(one.classId), one.layers])),
    ]),
  );
  // What is shown and what grows by the minute takes what it takes; what is practised can be stretched.
  const fixed = held.map(() => 0);
  const practised = held.map(() => 0);
  /** How much longer it may be lingered on what is new. */
  const spare = held.map(() => 0);
  const fresh = held.map(() => 0);
  const add = (to: number[], place: number, amount: number) => {
    to[place] = (to[place] ?? 0) + amount;
  };
  for (const thread of course.threads) {
    if (isStanding(thread)) {
      for (const place of held.keys()) add(fixed, place, amountIn(thread, place, held.length));
      continue;
    }
    const { isKept, isFollowedWhole } = topicKind(thread);
    const { isDoneAgain } = contentOf(thread);
    let before = isKept ? thread.layers.length : thread.known;
    let shown = 0;
    for (const place of held.keys()) {
      const layers = layersIn.get(thread.id)?.get(place);
      if (layers === undefined) continue;
      const usual = (known: number) =>
        known > 0 ? (thread.practise[known - 1] ?? 0) * (rooms[place]?.amount ?? 1) : 0;
      if (layers > before) {
        const intros = thread.layers.slice(before, layers);
        shown = intros.reduce((sum, one) => sum + one.minutes, 0);
        add(practised, place, usual(before));
        add(fixed, place, shown + (isDoneAgain ? AGAIN_MINUTES : 0));
        if (isDoneAgain) add(spare, place, (LINGER.shown - 1) * shown + (LINGER.again - 1) * AGAIN_MINUTES);
        add(
          fresh,
          place,
          intros.reduce((sum, one) => sum + one.weight, 0),
        );
      } else {
        const isCovered = course.threads.some(
          ({ id, covers }) => (layersIn.get(id)?.get(place) ?? -1) >= (covers[thread.id] ?? Number.POSITIVE_INFINITY),
        );
        const second = isFollowedWhole ? 0 : course.rules.secondShowing * shown;
        add(practised, place, isCovered ? 0 : Math.max(usual(layers), second));
        shown = 0;
      }
      before = layers;
    }
  }
  return held.map((_, place): ClassLoad => {
    const room = rooms[place]?.main ?? 0;
    const [takes, flexible] = [fixed[place] ?? 0, practised[place] ?? 0];
    const stretch = flexible > 0 ? clamp((room - takes) / flexible, { min: STRETCH.least, max: STRETCH.most }) : 1;
    const left = room - takes - flexible * stretch;
    const lingered = clamp(left, { min: 0, max: spare[place] ?? 0 });
    return {
      minutes: takes + flexible * stretch + lingered,
      room,
      stretch,
      fresh: Math.round((fresh[place] ?? 0) * 100) / 100,
    };
  });
}
