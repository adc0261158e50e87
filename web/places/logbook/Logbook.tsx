import { LineChartOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { LogSummary } from '../../../core/formats/api/api';
import { minutes } from '../../../core/words/clockWords';
import { localDay } from '../../../core/words/localDay';
import { today } from '../../app/machine/clock';
import { api } from '../../app/server/api';
import { lazyPart } from '../../app/shell/lazyPart';
import { Notice, Waiting } from '../../app/shell/Notice';
import { RepertoireGate } from '../../app/shell/RepertoireGate';
import { dayInWords } from '../../app/words';
import { type Column, QuietTable } from '../../fields/QuietTable';
import { BringBack } from './BringBack';
import { differenceWords } from './differenceWords';
import { WhatIsLearnt } from './WhatIsLearnt';
import './logbook.css';

const OverTime = lazyPart(async () => (await import('./overTime/OverTime')).OverTime, { what: 'Over time' });

const OwnPractices = lazyPart(async () => (await import('./practice/OwnPractices')).OwnPractices, {
  what: 'My own practice',
  whenIdle: true,
});

const PAGE = 50;

const COLUMNS: readonly Column<LogSummary>[] = [
  {
    key: 'when',
    title: 'When',
    render: ({ startedAt }) => (
      <span className="number">
        {dayInWords(localDay(startedAt), today())}, {dayjs(startedAt).format('HH:mm')}
      </span>
    ),
  },
  {
    key: 'class',
    title: 'Class',
    render: ({ id, title }) => (
      <Link to={`/logbook/${id}`} className="name quiet-table-title">
        {title}
      </Link>
    ),
  },
  { key: 'planned', title: 'Planned', isNumber: true, render: ({ plannedMs }) => minutes(plannedMs) },
  { key: 'taught', title: 'Taught', isNumber: true, render: ({ actualMs }) => minutes(actualMs) },
  { key: 'difference', title: 'Difference', render: ({ plannedMs, actualMs }) => differenceWords(actualMs, plannedMs) },
  { key: 'came', title: 'Came', isNumber: true, render: ({ attendance }) => attendance ?? 'not noted' },
];

/** Every class as it was taught, the newest first. */
export function Logbook() {
  const { data: logs, isError, refetch } = api.useLogsQuery();
  const navigate = useNavigate();
  const [isOverTime, setOverTime] = useState(false);
  const [page, setPage] = useState(1);
  if (isError && !logs) {
    return (
      <Notice action={{ label: 'Try again', onPress: () => void refetch() }}>Vesperum’s server does not answer.</Notice>
    );
  }
  if (!logs) return <Waiting />;
  if (logs.length === 0) {
    return (
      <Notice action={{ label: 'To the next class', onPress: () => navigate('/') }}>
        Teach a class, and what was really done is written here.
      </Notice>
    );
  }
  return (
    <div className="place logbook">
      <h1>Logbook</h1>
      <QuietTable<LogSummary>
        rows={logs.slice((page - 1) * PAGE, page * PAGE)}
        idOf={({ id }) => id}
        none="Nothing is recorded yet."
        pages={{ current: page, size: PAGE, total: logs.length, onChange: setPage }}
        columns={COLUMNS}
      />
      <BringBack />
      <OwnPractices />
      <WhatIsLearnt />
      {isOverTime ? (
        <RepertoireGate>
          <OverTime />
        </RepertoireGate>
      ) : (
        <Button icon={<LineChartOutlined />} onClick={() => setOverTime(true)}>
          Over time
        </Button>
      )}
    </div>
  );
}
