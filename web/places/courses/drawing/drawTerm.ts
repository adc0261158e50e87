import type { HeldClass } from '../../../../core/course/calendar/courseClasses';
import type { Course } from '../../../../core/course/schema/course';
import type { Group } from '../../../../core/group/group';
import { today } from '../../../app/machine/clock';
import { freshId } from '../../../app/machine/freshId';
import { type Started, startWorker, WorkerGone } from '../../../app/machine/startWorker';
import type { Repertoire } from '../../../app/repertoire';
import { api } from '../../../app/server/api';
import { whyRefused } from '../../../app/server/problemIn';
import type { Dispatch, State } from '../../../app/store';
import { askedOf } from '../../../class/useAsked';
import type { Composer } from '../../../workers/compose';
import { begun, drawn, ended, reached } from './termSlice';

/** The classes of courses that are being drawn up: each goes on while other places are open. */
const atWork = new Map<string, Started<Composer>>();

/** Lets the work on a course go; the classes that are drawn up stay. */
export const cancelTerm = (id: string) => (dispatch: Dispatch) => {
  atWork.get(id)?.end();
  atWork.delete(id);
  dispatch(ended({ id, failure: null }));
};

/** Draws up so many classes of a course, one after the other, in the background, and keeps each as soon as it is there. */
export const drawTerm =
  (course: Course, group: Group, classes: readonly HeldClass[], repertoire: Repertoire) =>
  async (dispatch: Dispatch, state: () => State): Promise<void> => {
    const { id } = course;
    if (atWork.has(id)) return;
    const composer = startWorker<Composer>(
      (name) => new Worker(new URL('../../../workers/compose.ts', import.meta.url), { type: 'module', name }),
    );
    atWork.set(id, composer);
    const isOurs = () => atWork.get(id) === composer;
    dispatch(begun({ id, of: classes.length }));
    try {
      await composer.ask((remote) =>
        remote.learn(repertoire.all, new Set(repertoire.movements.map((movement) => movement.id))),
      );
      const { people } = await dispatch(api.endpoints.people.initiate(group.id, { subscribe: false })).unwrap();
      const halls = await dispatch(api.endpoints.halls.initiate(undefined, { subscribe: false })).unwrap();
      for (const one of classes) {
        dispatch(reached({ id, now: one.number }));
        const { data: sessions } = api.endpoints.sessions.select()(state());
        const { data: logs } = api.endpoints.logs.select()(state());
        const { asked } = askedOf(
          { id: '', groupId: group.id, date: one.date },
          [group],
          sessions ?? [],
          people,
          halls,
          logs ?? [],
        );
        const answer = await composer.ask((remote) =>
          remote.drawUp(course, group, one.id, today(), asked, repertoire.forms),
        );
        if (!isOurs()) return;
        if (!answer) continue;
        const session = { ...answer.session, id: freshId('class') };
        const { error } = await dispatch(api.endpoints.addSession.initiate(session));
        // One that another window has drawn up meanwhile is there: the others go on.
        if (error && !('status' in error && error.status === 409)) throw error;
        dispatch(drawn({ id, number: one.number, left: answer.left }));
      }
      dispatch(ended({ id, failure: null }));
    } catch (error) {
      if (isOurs()) dispatch(ended({ id, failure: error instanceof WorkerGone ? error.message : whyRefused(error) }));
    } finally {
      composer.end();
      if (isOurs()) atWork.delete(id);
    }
  };
