import { App } from 'antd';
import { useNavigate } from 'react-router';
import type { HeldClass } from '../../../../core/course/calendar/courseClasses';
import type { Course } from '../../../../core/course/schema/course';
import type { Group } from '../../../../core/group/group';
import { today } from '../../../app/machine/clock';
import { freshId } from '../../../app/machine/freshId';
import { useRepertoire } from '../../../app/repertoire';
import { api } from '../../../app/server/api';
import { whyRefused } from '../../../app/server/problemIn';
import { useAsked } from '../../../class/useAsked';
import { useComposer } from '../../../class/useComposer';

/** Draws a class of a course up in the background, keeps it and opens it. */
export function useDrawUp(course: Course, group: Group, one: HeldClass) {
  const { forms } = useRepertoire();
  const { message } = App.useApp();
  const navigate = useNavigate();
  const [addSession] = api.useAddSessionMutation();
  const { asked } = useAsked({ id: '', groupId: group.id, date: one.date });
  const { ask, isBusy, failure, cancel } = useComposer();
  const drawUp = async () => {
    const drawn = await ask((composer) => composer.drawUp(course, group, one.id, today(), asked, forms));
    if (!drawn) return;
    try {
      // One that was drawn up before and taken away can still be brought back: this is another.
      const session = { ...drawn.session, id: freshId('class') };
      await addSession(session).unwrap();
      navigate(`/sessions/${session.id}`);
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  return { drawUp, isBusy, failure, cancel };
}
