import { LineChartOutlined } from '@ant-design/icons';
import { Button, Table } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { LogSummary } from '../../../core/formats/api';
import { minutes } from '../../../core/words/clockWords';
import { api } from '../../app/server/api';
import { lazyPart } from '../../app/shell/lazyPart';
import { Notice, Waiting } from '../../app/shell/Notice';
import { RepertoireGate } from '../../app/shell/RepertoireGate';
import { dayInWords, today } from '../../app/words';
import { BringBack } from './BringBack';
import { differenceWords } from './differenceWords';
import { WhatIsLearnt } from './WhatIsLearnt';
import '../../app/quietTable.css';
import './logbook.css';

const OverTime = lazyPart(async () => (await import('./overTime/OverTime')).OverTime, { what: 'Over time' });

/** Every class as it was taught, the newest first. */
export function Logbook() {
  const { data: logs, isError, refetch } = api.useLogsQuery();
  const navigate = useNavigate();
  const [isOverTime, setOverTime] = useState(false);
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
      <Table<LogSummary>
        className="quiet-table"
        dataSource={logs}
        rowKey="id"
        pagination={{ pageSize: 50, hideOnSinglePage: true, showSizeChanger: false }}
        columns={[
          {
            title: 'When',
            render: (_, { startedAt }) => (
              <span className="number">
                {dayInWords(dayjs(startedAt).format('YYYY-MM-DD'), today())}, {dayjs(startedAt).format('HH:mm')}
              </span>
            ),
          },
          {
            title: 'Class',
            render: (_, { id, title }) => (
              <Link to={`/logbook/${id}`} className="name quiet-table-title">
                {title}
              </Link>
            ),
          },
          { title: 'Planned', align: 'right', className: 'number', render: (_, { plannedMs }) => minutes(plannedMs) },
          { title: 'Taught', align: 'right', className: 'number', render: (_, { actualMs }) => minutes(actualMs) },
          { title: 'Difference', render: (_, { plannedMs, actualMs }) => differenceWords(actualMs, plannedMs) },
          {
            title: 'Came',
            align: 'right',
            className: 'number',
            render: (_, { attendance }) => attendance ?? 'not noted',
          },
        ]}
      />
      <BringBack />
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
