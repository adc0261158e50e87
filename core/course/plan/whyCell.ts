import type { Course } from '../schema/course';
import { topicKind } from '../schema/topicKinds';
import { judgePlan } from '../weave/graph/judgePlan';
import type { CourseWeave } from './courseWeave';
import { planByPlace } from './courseWeave';

/** Why a thread is practised in a class, in sentences; none where it is not. */
export function whyCell(course: Course, weave: CourseWeave, threadId: string, classId: string): string[] {
  const { held, rooms, from, instance } = weave;
  const place = held.findIndex(({ id }) => id === classId);
  const thread = course.threads.find(({ id }) => id === threadId);
  const path = (course.plan[threadId] ?? [])
    .map((one) => ({ place: held.findIndex(({ id }) => id === one.classId), layers: one.layers }))
    .filter((one) => one.place >= 0)
    .toSorted((a, b) => a.place - b.place);
  const index = path.findIndex((one) => one.place === place);
  const cell = path[index];
  if (!thread || !cell) return [];
  const before = path[index - 1];
  const known = before?.layers ?? thread.known;
  const names = thread.layers.slice(known, cell.layers).map(({ name }) => `“${name}”`);
  const why: string[] = [];
  const ofItsKind = topicKind(thread).why(thread.every);
  if (ofItsKind !== null) why.push(ofItsKind);
  else if (names.length > 0) {
    const ideal = instance.threads.find(({ id }) => id === threadId)?.ideal?.[cell.layers - 1];
    why.push(`${names.join(' and ')} ${names.length > 1 ? 'are' : 'is'} introduced here.`);
    if (thread.pins.some((pin) => pin.classId === classId)) why.push('It is pinned here by hand.');
    else if (ideal !== undefined && place >= from) {
      const best = ideal + from;
      why.push(
        best === place
          ? 'Spread over the course, this is the class it fits best.'
          : `It would fit best in class ${best + 1}; there, others come first or there is no room.`,
      );
    }
    for (const { thread: other, layers, mine } of thread.after) {
      const title = course.threads.find(({ id }) => id === other)?.title;
      if (mine > known && mine <= cell.layers && title)
        why.push(`It waits for ${title}, ${layers === 1 ? 'one step' : `${layers} steps`} of it.`);
    }
  } else if (before && before.layers > (path[index - 2]?.layers ?? thread.known)) {
    why.push(`What was new in class ${before.place + 1} is shown a second time: someone is always away.`);
  } else if (before) {
    why.push(`Last practised in class ${before.place + 1}; it comes again before it has gone cold.`);
  }
  if (place >= from && !topicKind(thread).isByMinutes) {
    const plan = planByPlace(course, weave);
    const without = { ...plan, [threadId]: (plan[threadId] ?? []).filter((one) => one.class !== place - from) };
    const faults = judgePlan(instance, without).faults.filter((fault) => fault.startsWith(`${threadId}:`));
    why.push(
      faults.length > 0 && names.length === 0
        ? 'Left out here, it would be practised too late, or not again.'
        : names.length > 0
          ? 'Left out here, its later steps would have to move.'
          : 'It is not needed here: there was room for it.',
    );
  }
  const nothing = rooms[place]?.nothingNew;
  if (nothing && names.length === 0) why.push(`Nothing new in this class: ${nothing}.`);
  return why;
}
