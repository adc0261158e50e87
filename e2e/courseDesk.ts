import type { SessionSummary } from '../core/formats/api/api';
import type { StoredCourse } from '../core/formats/api/courseApi';

/** Courses as the server holds them. */

export const courseIn = async (url: string, id: string): Promise<StoredCourse> =>
  (await (await fetch(`${url}/api/courses/${id}`)).json()) as StoredCourse;

/** So long a change may be on its way, milliseconds. */
const KEPT_WITHIN = 60_000;

/** Waits until a course is in the store in such a state: the page shows a change while it is still on its way. */
export async function courseKept(url: string, id: string, isSo: (stored: StoredCourse) => boolean): Promise<void> {
  const until = Date.now() + KEPT_WITHIN;
  while (!isSo(await courseIn(url, id))) {
    if (Date.now() > until) throw new Error('The change did not reach the store.');
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
}

/** The classes of a course that are drawn up. */
export const drawnIn = async (url: string, course: string): Promise<SessionSummary[]> =>
  ((await (await fetch(`${url}/api/sessions`)).json()) as SessionSummary[]).filter((one) => one.course?.id === course);

export const putJson = (address: string, body: unknown): Promise<Response> =>
  fetch(address, { method: 'PUT', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
