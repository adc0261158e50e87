import type { Course } from '../schema/course';
import { topicKind } from '../schema/topicKinds';
import { classLoads } from './classLoads';
import type { CourseWeave } from './courseWeave';

/** What a plan comes to, to be held beside another. */
export interface PlanSummary {
  readonly classes: number;
  /** For each thread that is taught, how far it comes and in which class, by its number. */
  readonly reached: readonly {
    readonly id: string;
    readonly title: string;
    readonly layers: number;
    readonly of: number;
    /** The class of its first and of its last new layer; null where nothing of it is new. */
    readonly begins: number | null;
    readonly ends: number | null;
  }[];
  /** Of the minutes of the main parts, the share that is used: in the mean, and in the fullest class. */
  readonly meanLoad: number;
  readonly mostLoad: number;
  /** How much is new in the class with the most of it. */
  readonly mostNew: number;
}

/** What the plan of a course comes to. */
export function planSummary(course: Course, weave: CourseWeave): PlanSummary {
  const places = new Map(weave.held.map(({ id }, place) => [id, place]));
  const loads = classLoads(course, weave);
  const shares = loads.map(({ minutes, room }) => (room > 0 ? minutes / room : 0));
  const reached = course.threads
    .filter((thread) => !topicKind(thread).isKept)
    .map(({ id, title, known, layers: all }) => {
      const path = (course.plan[id] ?? [])
        .flatMap(({ classId, layers }) => {
          const place = places.get(classId);
          return place === undefined ? [] : [{ place, layers }];
        })
        .toSorted((a, b) => a.place - b.place);
      const fresh = path.filter(({ layers }, at) => layers > (path[at - 1]?.layers ?? known));
      const numberOf = (one: { readonly place: number } | undefined) => (one ? one.place + 1 : null);
      return {
        id,
        title,
        layers: Math.max(known, ...path.map(({ layers }) => layers)),
        of: all.length,
        begins: numberOf(fresh[0]),
        ends: numberOf(fresh.at(-1)),
      };
    });
  return {
    classes: weave.held.length,
    reached,
    meanLoad: shares.length > 0 ? shares.reduce((sum, one) => sum + one, 0) / shares.length : 0,
    mostLoad: Math.max(0, ...shares),
    mostNew: Math.max(0, ...loads.map(({ fresh }) => fresh)),
  };
}
