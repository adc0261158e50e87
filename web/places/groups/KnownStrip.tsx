import dayjs from 'dayjs';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { takenByMovement } from '../../../core/course/classes/takenByMovement';
import type { Taken } from '../../../core/course/schema/course';
import { type Known, knowledgeOf } from '../../../core/group/knowledge';
import { tellingMoment } from '../../../core/movement/sample/tellingMoment';
import { usualName } from '../../../core/movement/schema/movement';
import { baseId } from '../../../core/movement/schema/version';
import { writtenSide } from '../../../core/movement/walk/cycleFor';
import { localDay } from '../../../core/words/localDay';
import { nowMs } from '../../app/machine/clock';
import { useRepertoire } from '../../app/repertoire';
import { api } from '../../app/server/api';
import { Figure } from '../../drawing/figure/Figure';

/** From so many days on something grows cold. Convention: five weeks. */
const COLD_DAYS = 35;
const STRIP_SCALE = 0.3;

/** What a group knows, as a strip of figures: each with how often and when last; what was not practised for long stands paler. */
export function KnownStrip({ groupId }: { readonly groupId: string }) {
  const { data: sessions } = api.useSessionsQuery();
  const { data: logs } = api.useLogsQuery();
  const { data: groups } = api.useGroupsQuery();
  const { data: courses } = api.useCoursesQuery();
  const { forms } = useRepertoire();
  const known = useMemo(() => {
    const taught = (logs ?? []).flatMap(({ sessionId, startedAt, leftOut }) => {
      const session = sessions?.find(({ id, groupId: of }) => id === sessionId && of === groupId);
      const done = session?.movementIds.filter((id) => !leftOut.includes(baseId(id)));
      return done ? [{ day: localDay(startedAt), movementIds: done }] : [];
    });
    return knowledgeOf(taught, groups?.find(({ id }) => id === groupId)?.knows ?? []);
  }, [logs, sessions, groups, groupId]);
  const taken = useMemo(
    () =>
      takenByMovement(
        (courses ?? []).map(({ course }) => course).filter((course) => course.groupId === groupId),
        forms,
      ),
    [courses, groupId, forms],
  );
  if (known.length === 0) return null;
  return (
    <section aria-labelledby="known-title">
      <h2 id="known-title">What they know</h2>
      <ul className="known-strip">
        {known.map((one) => (
          <KnownFigure key={one.movementId} known={one} taken={taken.get(one.movementId) ?? null} />
        ))}
      </ul>
    </section>
  );
}

const TAKEN_WORDS: Readonly<Record<Taken, string>> = {
  has: 'they have it',
  half: 'half have it',
  again: 'to show again',
};

interface FigureProps {
  readonly known: Known;
  /** How it was taken when it was last taught in a course; null where nothing was said of it. */
  readonly taken: Taken | null;
}

function KnownFigure({ known: { movementId, times, last }, taken }: FigureProps) {
  const { newest } = useRepertoire();
  const movement = newest(movementId);
  const pose = useMemo(() => movement && tellingMoment(movement, writtenSide(movement)).pose, [movement]);
  if (!movement || !pose) return null;
  const isCold = last !== null && dayjs(nowMs()).diff(dayjs(last), 'day') >= COLD_DAYS;
  return (
    <li className={isCold ? 'known-cold' : ''}>
      <Link to={`/repertoire/${movement.id}`}>
        <Figure pose={pose} scale={STRIP_SCALE} />
        <span>{usualName(movement)}</span>
      </Link>
      <span className="faded">
        {last === null ? 'by your word' : `${times} ${times === 1 ? 'time' : 'times'}, ${dayjs(last).format('D MMM')}`}
      </span>
      {taken && <span className={`known-${taken}`}>{TAKEN_WORDS[taken]}</span>}
    </li>
  );
}
