import { Button, Input, InputNumber } from 'antd';
import dayjs from 'dayjs';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { sumBy } from 'remeda';
import type { ClassLog, LoggedItem } from '../../../core/record/classLog';
import { linesLeftOut, threadsLeftOut } from '../../../core/record/leftOut';
import { type Witnessed, witnessedIn } from '../../../core/record/witnessed';
import { minutes } from '../../../core/words/clockWords';
import { localDay } from '../../../core/words/localDay';
import { sectionWord } from '../../../core/words/sectionWord';
import { today } from '../../app/machine/clock';
import { api } from '../../app/server/api';
import { logbookApi } from '../../app/server/logbookApi';
import { Notice, Waiting } from '../../app/shell/Notice';
import { dayInWords } from '../../app/words';
import { StopPageButton } from '../../class/StopPageButton';
import { differenceWords } from './differenceWords';
import { WhatWasFelt } from './WhatWasFelt';
import { WhatWasTaken } from './WhatWasTaken';
import { WhoCame } from './WhoCame';
import './logbook.css';

/** One class as it was taught: line by line what was done against what was planned, who came, what to remember. */
export function LogPage() {
  const { id = '' } = useParams();
  const { data: log, isError } = api.useLogQuery(id);
  const navigate = useNavigate();
  // What stands over the lines comes with them.
  const { groupId = null, course = null } = log?.plan ?? {};
  const over = [
    api.useGroupsQuery(),
    api.usePeopleQuery(groupId ?? '', { skip: groupId === null }),
    api.useCourseQuery(course?.id ?? '', { skip: course === null }),
    logbookApi.useFeltQuery(),
  ];
  if (isError && !log) {
    return (
      <Notice action={{ label: 'To the logbook', onPress: () => navigate('/logbook') }}>
        This record cannot be opened.
      </Notice>
    );
  }
  return log && !over.some(({ isLoading }) => isLoading) ? <Shown key={log.id} log={log} /> : <Waiting />;
}

const sum = (items: readonly LoggedItem[], of: 'plannedMs' | 'actualMs') => sumBy(items, (item) => item[of]);

function Shown({ log }: { readonly log: ClassLog }) {
  const [planned, actual] = [sum(log.items, 'plannedMs'), sum(log.items, 'actualMs')];
  const known = witnessedIn(log.items);
  const longest = Math.max(1, ...log.items.flatMap(({ plannedMs, actualMs }) => [plannedMs, actualMs]));
  return (
    <div className="place log">
      <header>
        <p className="faded">
          {dayInWords(localDay(log.startedAt), today())}, {dayjs(log.startedAt).format('HH:mm')} to{' '}
          {dayjs(log.endedAt).format('HH:mm')}
        </p>
        <h1>{log.plan.title}</h1>
        <p className="number">
          <strong>{minutes(actual)}</strong> taught, {minutes(planned)} planned: {differenceWords(actual, planned)}.{' '}
          <Link to={`/sessions/${log.sessionId}`}>The plan</Link>
        </p>
      </header>
      {log.plan.groupId !== null && <WhoCame logId={log.id} groupId={log.plan.groupId} day={localDay(log.startedAt)} />}
      <Notes log={log} />
      <StopPageButton
        session={log.plan}
        startedAt={log.startedAt}
        stops={log.stops}
        titleOf={(id) => log.items.find(({ itemId }) => itemId === id)?.title ?? id}
        className="bare log-stopped"
      />
      {log.plan.course && (
        <WhatWasTaken of={log.plan.course} leftOut={threadsLeftOut(log.plan, linesLeftOut(log.items))} />
      )}
      <WhatWasFelt log={log} />
      <table className="log-lines">
        <thead>
          <tr>
            <th scope="col">Line</th>
            <th scope="col" className="log-right">
              Times
            </th>
            <th scope="col" className="log-right">
              Planned
            </th>
            <th scope="col" className="log-right">
              Taught
            </th>
            <th scope="col">
              <span className="unseen">Planned and taught to scale</span>
            </th>
            <th scope="col">What became of it</th>
            <th scope="col">Known</th>
          </tr>
        </thead>
        <tbody>
          {log.items.map((item, index) => (
            <LogLine
              key={item.itemId}
              item={item}
              known={known[index] ?? null}
              longest={longest}
              begins={item.section !== log.items[index - 1]?.section ? sectionWord(item.section) : null}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
}

const KNOWN_WORDS: Readonly<Record<Witnessed, string>> = {
  seen: 'Somebody touched something at its beginning and at its end',
  partly: 'Somebody touched something at its beginning or at its end',
  assumed: 'It ran by itself: its time is the plan’s',
};

interface LogLineProps {
  readonly item: LoggedItem;
  readonly longest: number;
  /** How well it is known how it went; null where it was left out. */
  readonly known: Witnessed | null;
  /** The section that begins with this line. */
  readonly begins: string | null;
}

const LogLine = ({ item, longest, known, begins }: LogLineProps) => (
  <tr className={`log-line log-line--${item.outcome.replace(' ', '-')}`}>
    <th scope="row">
      {begins && <span className="log-section">{begins}</span>}
      <span className="name">{item.title}</span>
    </th>
    <td className="number log-right">
      {item.doneTimes} of {item.plannedTimes}
    </td>
    <td className="number log-right">{minutes(item.plannedMs)}</td>
    <td className="number log-right">{minutes(item.actualMs)}</td>
    <td>
      <div className="log-bars" aria-hidden>
        <div className="log-planned" style={{ width: `${(100 * item.plannedMs) / longest}%` }} />
        <div className="log-actual" style={{ width: `${(100 * item.actualMs) / longest}%` }} />
      </div>
    </td>
    <td>
      {item.outcome}
      {item.outcome !== 'left out' && <span className="faded">, {differenceWords(item.actualMs, item.plannedMs)}</span>}
    </td>
    <td className="faded" title={known ? KNOWN_WORDS[known] : undefined}>
      {known}
    </td>
  </tr>
);

function Notes({ log }: { readonly log: ClassLog }) {
  const [annotate, { isLoading, isError, isSuccess }] = api.useAnnotateLogMutation();
  const [attendance, setAttendance] = useState(log.attendance);
  const [notes, setNotes] = useState(log.notes);
  const counted = useRef(log.attendance);
  useEffect(() => {
    // Naming who came raises the number; what is typed here stays where it does not.
    if (counted.current !== log.attendance) setAttendance(log.attendance);
    counted.current = log.attendance;
  }, [log.attendance]);
  const changed = attendance !== log.attendance || notes !== log.notes;
  return (
    <form
      className="log-notes"
      onSubmit={(event) => {
        event.preventDefault();
        void annotate({ id: log.id, notes: { attendance, notes } });
      }}
    >
      <label htmlFor="log-attendance">How many came</label>
      <InputNumber id="log-attendance" value={attendance} min={0} max={500} precision={0} onChange={setAttendance} />
      <label htmlFor="log-words">What to remember</label>
      <Input.TextArea
        id="log-words"
        value={notes}
        maxLength={4000}
        autoSize={{ minRows: 2 }}
        placeholder="What hurt or clicked, and on which side; what to come back to"
        onChange={({ target }) => setNotes(target.value)}
      />
      <div className="log-save">
        <Button type="primary" htmlType="submit" disabled={!changed} loading={isLoading}>
          Write it down
        </Button>
        <span aria-live="polite">
          {isError && 'Not written: the server does not answer. Your words stay here.'}
          {isSuccess && !changed && 'Written.'}
        </span>
      </div>
    </form>
  );
}
