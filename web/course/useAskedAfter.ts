import { useMemo } from 'react';
import { askedAfter } from '../../core/course/classes/askedAfter';
import type { AskedAfter } from '../../core/formats/pocket/pocketClass';
import type { Session } from '../../core/session/plan/session';
import { today } from '../app/machine/clock';
import { api } from '../app/server/api';

/** What a class of a course introduces or reviews, and is asked after when it is over; nothing for a class by itself. */
export function useAskedAfter({ course: of }: Pick<Session, 'course'>): readonly AskedAfter[] {
  const { data } = api.useCourseQuery(of?.id ?? '', { skip: of === null });
  return useMemo(() => (data && of ? askedAfter(data.course, of.classId, today()) : []), [data, of]);
}
