import { PlusOutlined } from '@ant-design/icons';
import { App, Button, Checkbox } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { SessionSummary } from '../../../../core/formats/api/api';
import { USUAL_SCHOOLS } from '../../../../core/movement/adapt/schools';
import { emptySections } from '../../../../core/session/plan/defaults';
import { USUAL_DOORS } from '../../../../core/session/plan/slotTime';
import { slotVerdict } from '../../../../core/session/report/slotVerdict';
import { minutes } from '../../../../core/words/clockWords';
import { today } from '../../../app/machine/clock';
import { freshId } from '../../../app/machine/freshId';
import { api } from '../../../app/server/api';
import { whyRefused } from '../../../app/server/problemIn';
import { Notice, Waiting } from '../../../app/shell/Notice';
import { dayInWords } from '../../../app/words';
import { slotWords } from '../../../class/words/slotWords';
import { QuietTable } from '../../../fields/QuietTable';
import { Narrow } from './Narrow';
import { narrowHere } from './narrowHere';
import { OpenClass } from './OpenClass';
import { UnsavedClasses } from './UnsavedClasses';
import { PAGE, useAskedFor } from './useAskedFor';
import './sessions.css';

/** All classes by their day, and a new one at one press. */
export function Sessions() {
  const { asked, want } = useAskedFor();
  const { data: answered, isError, refetch } = api.useSessionsPageQuery(asked);
  // With the server away, a page it never sent is made from all that this machine has.
  const { data: all } = api.useSessionsQuery(undefined, { skip: !isError });
  const page = isError && all ? narrowHere(all, asked) : answered;
  const groupsAnswer = api.useGroupsQuery();
  const coursesAnswer = api.useCoursesQuery();
  const [groups, courses] = [groupsAnswer.data, coursesAnswer.data];
  const make = useNewClass();
  const remove = useRemoval();
  const again = useDuplicate();
  const navigate = useNavigate();
  const [chosen, setChosen] = useState<readonly string[]>([]);
  if (isError && !page) {
    return (
      <Notice action={{ label: 'Try again', onPress: () => void refetch() }}>Vesperum’s server does not answer.</Notice>
    );
  }
  // Their names widen the rows: all of it comes at once.
  if (!page || groupsAnswer.isLoading || coursesAnswer.isLoading) return <Waiting />;
  const isNarrowed = asked.when !== 'all' || asked.group !== undefined || asked.words !== undefined;
  if (page.total === 0 && !isNarrowed) {
    return (
      <Notice action={{ label: 'Make the first class', onPress: make }}>
        A class is a slot on the clock and a running order that fills it.
      </Notice>
    );
  }
  const groupName = (id: string | null) => groups?.find((group) => group.id === id)?.name ?? '';

  const courseName = (id: string) => courses?.find(({ course }) => course.id === id)?.course.name ?? '';

  return (
    <div className="place sessions">
      <header>
        <h1>Sessions</h1>
        <div className="sessions-acts">
          {chosen.length === 2 && (
            <Button onClick={() => navigate(`/sessions/compare/${chosen.join('/')}`)}>Compare the two</Button>
          )}
          <OpenClass />
          <Button type="primary" icon={<PlusOutlined />} onClick={make}>
            New class
          </Button>
        </div>
      </header>
      <UnsavedClasses />
      <Narrow asked={asked} groups={groups ?? []} onWant={want} />
      <QuietTable<SessionSummary>
        rows={page.rows}
        idOf={({ id }) => id}
        none="No class is like that."
        pages={{
          current: Math.floor(asked.from / PAGE) + 1,
          size: PAGE,
          total: page.total,
          onChange: (next) => want({ page: next > 1 ? String(next) : '' }),
        }}
        columns={[
          {
            key: 'chosen',
            title: <span className="unseen">Choose two to compare</span>,
            render: ({ id, title }) => (
              <Checkbox
                aria-label={`Choose ${title}`}
                checked={chosen.includes(id)}
                disabled={chosen.length === 2 && !chosen.includes(id)}
                onChange={({ target }) =>
                  setChosen(target.checked ? [...chosen, id] : chosen.filter((one) => one !== id))
                }
              />
            ),
          },
          {
            key: 'when',
            title: 'When',
            render: ({ date, startsAt }) => (
              <span className="number">
                {dayInWords(date, today())}, {startsAt}
              </span>
            ),
          },
          {
            key: 'class',
            title: 'Class',
            render: ({ id, title }) => (
              <Link to={`/sessions/${id}`} className="name quiet-table-title">
                {title}
              </Link>
            ),
          },
          {
            key: 'group',
            title: 'Group',
            render: ({ groupId, course }) => (
              <>
                {groupName(groupId)}
                {course && courseName(course.id) && (
                  <Link to={`/courses/${course.id}`} className="sessions-course">
                    {courseName(course.id)}
                  </Link>
                )}
              </>
            ),
          },
          { key: 'lines', title: 'Lines', isNumber: true, render: ({ lines }) => lines },
          { key: 'planned', title: 'Planned', isNumber: true, render: ({ totalMs }) => minutes(totalMs) },
          {
            key: 'slot',
            title: 'Slot',
            render: (summary) => {
              const verdict = slotVerdict(summary, summary);
              return (
                <span className={`sessions-verdict sessions-verdict--${verdict.state}`}>
                  {summary.slotMinutes} min. {slotWords(verdict, summary)}
                </span>
              );
            },
          },
          {
            key: 'acts',
            title: <span className="unseen">What can be done with it</span>,
            render: ({ id, title }) => (
              <>
                <Button type="text" size="small" onClick={() => void again(id)} aria-label={`Duplicate ${title}`}>
                  Duplicate
                </Button>
                <Button
                  type="text"
                  size="small"
                  onClick={() => void remove(id, title)}
                  aria-label={`Take away ${title}`}
                >
                  Take away
                </Button>
              </>
            ),
          },
        ]}
      />
    </div>
  );
}

/** Makes an empty class and opens it; also when the address asks for one. */
function useNewClass(): () => void {
  const [addSession] = api.useAddSessionMutation();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const [asked, setAsked] = useSearchParams();
  const isMaking = useRef(false);

  const make = async () => {
    if (isMaking.current) return;
    isMaking.current = true;
    try {
      const { session } = await addSession({
        id: freshId('class'),
        title: 'A new class',
        groupId: null,
        date: today(),
        startsAt: '19:00',
        slotMinutes: 60,
        doors: USUAL_DOORS,
        breath: { in: 1, out: 1 },
        schools: USUAL_SCHOOLS,
        sections: emptySections(),
        setAside: [],
        course: null,
        family: null,
      }).unwrap();
      navigate(`/sessions/${session.id}`);
    } catch {
      message.error('The server does not answer, so no class was made.');
    } finally {
      isMaking.current = false;
    }
  };
  const wanted = asked.has('new');
  const makeNow = useRef(make);
  makeNow.current = make;
  useEffect(() => {
    if (!wanted) return;
    setAsked({}, { replace: true });
    void makeNow.current();
  }, [wanted, setAsked]);
  return () => void make();
}

/** Makes another class of the same lines, without a day, and opens it: next week starts from this one. */
function useDuplicate(): (id: string) => Promise<void> {
  const [fetchSession] = api.useLazySessionQuery();
  const [addSession] = api.useAddSessionMutation();
  const navigate = useNavigate();
  const { message } = App.useApp();
  return async (id) => {
    const { data } = await fetchSession(id);
    const added =
      data &&
      (await addSession({
        ...data.session,
        id: freshId('class'),
        title: `${data.session.title.slice(0, 110)}, again`,
        date: null,
        course: null,
        family: null,
      }));
    if (added?.data) navigate(`/sessions/${added.data.session.id}`);
    else message.error('The server does not answer, so nothing was duplicated.');
  };
}

/** Takes a class away and offers to bring it back. */
function useRemoval(): (id: string, title: string) => Promise<void> {
  const [removeSession] = api.useRemoveSessionMutation();
  const [restoreSession] = api.useRestoreSessionMutation();
  const { notification, message } = App.useApp();
  return async (id, title) => {
    const answer = await removeSession(id);
    if (answer.error) {
      message.error('The server does not answer, so the class is still there.');
      return;
    }
    notification.open({
      key: id,
      title: `“${title}” is taken away.`,
      duration: 12,
      actions: (
        <Button
          onClick={async () => {
            notification.destroy(id);
            const { error } = await restoreSession(id);
            if (error) message.error(whyRefused(error));
          }}
        >
          Bring it back
        </Button>
      ),
    });
  };
}
