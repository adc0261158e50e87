import { CaretRightOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import type { SessionSummary } from '../../../core/formats/api/api';
import type { Session } from '../../../core/session/plan/session';
import { type Lack, notReady } from '../../../core/session/report/notReady';
import { clockAt } from '../../../core/words/clockWords';
import { sectionWord } from '../../../core/words/sectionWord';
import { useToday } from '../../app/machine/useToday';
import { useRepertoire } from '../../app/repertoire';
import { api } from '../../app/server/api';
import { Notice, Waiting } from '../../app/shell/Notice';
import { RepertoireGate } from '../../app/shell/RepertoireGate';
import { dayInWords, inWords } from '../../app/words';
import { useComing } from '../../class/people/useComing';
import { SlotBar } from '../../class/SlotBar';
import { useTimeline } from '../../class/useTimeline';
import { CourseOfClass } from '../../course/ClassContents';
import { BackupNote } from './BackupNote';
import { Contents } from './Contents';
import { InHand } from './InHand';
import { LeftOpenNote } from './LeftOpenNote';
import { NotWritten } from './NotWritten';
import { nextOf } from './nextClass';
import { OfferedNote } from './OfferedNote';
import { UnreadNote } from './UnreadNote';
import './today.css';

/** The next class, what is not ready about it, and what the last class left open. */
export function Today() {
  const { data: sessions, isError, refetch } = api.useSessionsQuery();
  const { data: logs } = api.useLogsQuery();
  const navigate = useNavigate();
  const day = useToday();
  if (isError && !(sessions && logs)) {
    return (
      <div className="place today">
        <h1 className="unseen">Today</h1>
        <InHand />
        <Notice action={{ label: 'Try again', onPress: () => void refetch() }}>
          Vesperum’s server does not answer. Start it with “npm start”, then try again.
        </Notice>
      </div>
    );
  }
  if (!sessions || !logs) return <Waiting />;
  const next = nextOf(sessions, logs, day);
  return (
    <div className="place today">
      <h1 className="unseen">Today</h1>
      <UnreadNote />
      <BackupNote />
      <InHand />
      {next ? (
        <RepertoireGate>
          <NextClass summary={next} today={day} />
        </RepertoireGate>
      ) : (
        <Notice action={{ label: 'Make a class', onPress: () => navigate('/sessions?new=1') }}>
          No class lies ahead. Make one, or give a day to one you have.
        </Notice>
      )}
      <NotWritten sessions={sessions} logs={logs} today={day} />
      <Later
        sessions={sessions.filter(({ id, date }) => id !== next?.id && date !== null && date >= day)}
        today={day}
      />
    </div>
  );
}

function NextClass({ summary, today }: { readonly summary: SessionSummary; readonly today: string }) {
  const { data } = api.useSessionQuery(summary.id, { refetchOnMountOrArgChange: true });
  const { groupId, course } = summary;
  // All that stands over Teach comes with it, so that it does not move under a finger.
  const over = [
    api.useGroupsQuery(),
    api.usePeopleQuery(groupId ?? '', { skip: groupId === null }),
    api.useCourseQuery(course?.id ?? '', { skip: course === null }),
  ];
  return data && !over.some(({ isLoading }) => isLoading) ? (
    <>
      <NextClassShown session={data.session} today={today} />
      <LeftOpenNote session={data.session} revision={data.revision} />
      <OfferedNote session={data.session} revision={data.revision} />
    </>
  ) : (
    <Waiting />
  );
}

const lackWords = (lack: Lack): string => {
  switch (lack.kind) {
    case 'nothing planned':
      return 'Nothing is planned for it yet.';
    case 'no day':
      return 'It has no day yet.';
    case 'over':
      return `It runs ${inWords(lack.ms)} beyond its slot.`;
    case 'under':
      return `${inWords(lack.ms)} of its slot are still empty.`;
    case 'empty section':
      return `Its ${sectionWord(lack.section).toLowerCase()} is empty.`;
  }
};

function NextClassShown({ session, today }: { readonly session: Session; readonly today: string }) {
  const timeline = useTimeline(session);
  const navigate = useNavigate();
  const { data: groups } = api.useGroupsQuery();
  const group = groups?.find(({ id }) => id === session.groupId);
  const coming = useComing(session.groupId)?.on(session.date ?? today);
  const repertoire = useRepertoire();
  const lacks = notReady(session, timeline, repertoire.find);
  return (
    <section className="today-next" aria-label="The next class">
      <p className="today-when">
        {dayInWords(session.date, today)}, {session.startsAt} to{' '}
        {clockAt(session.startsAt, session.slotMinutes * 60_000).slice(0, 5)}
      </p>
      <h2>
        <Link to={`/sessions/${session.id}`}>{session.title}</Link>
      </h2>
      {group && (
        <p className="faded">
          {group.name}. {group.place}. {group.about}
        </p>
      )}
      {coming && (
        <p>
          About {coming.expected} of {coming.belong} are to be expected.
        </p>
      )}
      <CourseOfClass session={session} />
      <SlotBar session={session} timeline={timeline} />
      {lacks.length > 0 ? (
        <div className="today-lacks">
          <h3>Not ready yet</h3>
          <ul>
            {lacks.map((lack) => (
              <li key={lackWords(lack)}>{lackWords(lack)}</li>
            ))}
          </ul>
        </div>
      ) : (
        <p className="today-ready">It fills its slot, from warm-up to cool-down.</p>
      )}
      <div className="today-acts">
        <Button
          type="primary"
          size="large"
          icon={<CaretRightOutlined />}
          onClick={() => navigate(`/teach/${session.id}`)}
        >
          Teach
        </Button>
        <Button size="large" onClick={() => navigate(`/sessions/${session.id}`)}>
          Running order
        </Button>
      </div>
      <Contents session={session} />
    </section>
  );
}

const Later = ({ sessions, today }: { readonly sessions: readonly SessionSummary[]; readonly today: string }) =>
  sessions.length === 0 ? null : (
    <section className="today-later" aria-label="After that">
      <h3>After that</h3>
      <ul>
        {sessions.map(({ id, title, date, startsAt }) => (
          <li key={id}>
            <span className="faded number">
              {dayInWords(date, today)}, {startsAt}
            </span>
            <Link to={`/sessions/${id}`}>{title}</Link>
          </li>
        ))}
      </ul>
    </section>
  );
