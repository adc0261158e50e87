import type { Course } from '../schema/course';
import { SECOND_SHOWING } from '../schema/rules';
import { amountIn, type CourseWeave, isStanding } from './courseWeave';

/** What is planned for a class: minutes of its main part, of how many there are, and how much is new. */
export interface ClassLoad {
  readonly minutes: number;
  readonly room: number;
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
  const minutes = held.map(() => 0);
  const fresh = held.map(() => 0);
  const add = (to: number[], place: number, amount: number) => {
    to[place] = (to[place] ?? 0) + amount;
  };
  for (const thread of course.threads) {
    if (isStanding(thread)) {
      for (const place of held.keys()) add(minutes, place, amountIn(thread, place, held.length));
      continue;
    }
    const isKept = thread.kind === 'amount' || thread.kind === 'rotation';
    let before = isKept ? thread.layers.length : thread.known;
    let shown = 0;
    for (const place of held.keys()) {
      const layers = layersIn.get(thread.id)?.get(place);
      if (layers === undefined) continue;
      const practised = (known: number) =>
        known > 0 ? (thread.practise[known - 1] ?? 0) * (rooms[place]?.amount ?? 1) : 0;
      if (layers > before) {
        const intros = thread.layers.slice(before, layers);
        shown = intros.reduce((sum, one) => sum + one.minutes, 0);
        add(minutes, place, practised(before) + shown);
        add(
          fresh,
          place,
          intros.reduce((sum, one) => sum + one.weight, 0),
        );
      } else {
        const isCovered = course.threads.some(
          ({ id, covers }) => (layersIn.get(id)?.get(place) ?? -1) >= (covers[thread.id] ?? Number.POSITIVE_INFINITY),
        );
        const second = thread.kind === 'whole' ? 0 : SECOND_SHOWING * shown;
        add(minutes, place, isCovered ? 0 : Math.max(practised(layers), second));
        shown = 0;
      }
      before = layers;
    }
  }
  return held.map((_, place) => ({
    minutes: minutes[place] ?? 0,
    room: rooms[place]?.main ?? 0,
    fresh: Math.round((fresh[place] ?? 0) * 100) / 100,
  }));
}
