import { Button, Checkbox, InputNumber, TimePicker } from 'antd';
import dayjs, { type Dayjs } from 'dayjs';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { newRecord } from '../../../core/record/classLog';
import { itemsWrittenAfter } from '../../../core/record/writtenAfter';
import { notedTitle } from '../../../core/session/plan/lineTitle';
import type { Session } from '../../../core/session/plan/session';
import { classBegins } from '../../../core/session/plan/slotTime';
import { minutes } from '../../../core/words/clockWords';
import { sectionWord } from '../../../core/words/sectionWord';
import { today } from '../../app/machine/clock';
import { freshId } from '../../app/machine/freshId';
import { useRepertoire } from '../../app/repertoire';
import { api } from '../../app/server/api';
import { problemIn } from '../../app/server/problemIn';
import { Notice, Waiting } from '../../app/shell/Notice';
import { dayInWords } from '../../app/words';
import { useTimeline } from '../../class/useTimeline';
import './logbook.css';

/** A class that was taught without the tablet, written down afterwards. */
export function WrittenAfter() {
  const { id = '' } = useParams();
  const { data, isError } = api.useSessionQuery(id);
  const navigate = useNavigate();
  if (isError && !data)
    return (
      <Notice action={{ label: 'To the logbook', onPress: () => navigate('/logbook') }}>
        This class cannot be opened.
      </Notice>
    );
  return data ? <Form session={data.session} /> : <Waiting />;
}

interface TimeProps {
  readonly id: string;
  readonly label: string;
  readonly value: Dayjs;
  readonly onChange: (at: Dayjs) => void;
}

const TimeField = ({ id, label, value, onChange }: TimeProps) => (
  <>
    <label htmlFor={id}>{label}</label>
    <TimePicker
      id={id}
      format="HH:mm"
      value={value}
      allowClear={false}
      needConfirm={false}
      onChange={(at) => at && onChange(at)}
    />
  </>
);

/** Everything as planned but what is said here. */
function Form({ session }: { readonly session: Session }) {
  const timeline = useTimeline(session);
  const { find } = useRepertoire();
  const navigate = useNavigate();
  const [addLog, { isLoading, error }] = api.useAddLogMutation();
  const [logId] = useState(() => freshId('log'));
  const day = session.date ?? today();
  const [begins, setBegins] = useState(() => dayjs(`${day}T${classBegins(session)}`));
  const [ends, setEnds] = useState(() => begins.add(timeline.totalMs, 'ms'));
  const [came, setCame] = useState<number | null>(null);
  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(new Set());
  const tookMs = Math.max(0, ends.diff(begins, 'ms'));
  const all = session.sections.flatMap(({ items }) => items).length;
  const write = async () => {
    const written = await addLog({
      log: newRecord({
        id: logId,
        startedAt: begins.toISOString(),
        endedAt: ends.toISOString(),
        plan: session,
        items: itemsWrittenAfter(session, timeline, find, { leftOut, tookMs }),
        attendance: came,
        notes: '',
      }),
    }).unwrap();
    navigate(`/logbook/${written.id}`);
  };
  const turn = (itemId: string, isLeftOut: boolean) => {
    const now = new Set(leftOut);
    if (isLeftOut) now.add(itemId);
    else now.delete(itemId);
    setLeftOut(now);
  };
  return (
    <form
      className="place log written-after"
      onSubmit={(event) => {
        event.preventDefault();
        void write().catch(() => undefined);
      }}
    >
      <p className="faded">{dayInWords(day, today())}</p>
      <h1>{session.title}, as planned but …</h1>
      <div className="written-after-row">
        <TimeField id="after-begins" label="Began" value={begins} onChange={setBegins} />
        <TimeField id="after-ends" label="ended" value={ends} onChange={setEnds} />
        <span className="number faded">
          {minutes(tookMs)} taught, {minutes(timeline.totalMs)} planned
        </span>
        <label htmlFor="after-came">How many came</label>
        <InputNumber id="after-came" min={0} max={500} precision={0} value={came} onChange={setCame} />
      </div>
      <fieldset>
        <legend>Left out</legend>
        {session.sections.map(
          ({ kind, items }) =>
            items.length > 0 && (
              <div key={kind} className="written-after-section">
                <h2>{sectionWord(kind)}</h2>
                {items.map((item) => (
                  <Checkbox
                    key={item.id}
                    checked={leftOut.has(item.id)}
                    onChange={({ target }) => turn(item.id, target.checked)}
                  >
                    {notedTitle(item, find)}
                  </Checkbox>
                ))}
              </div>
            ),
        )}
      </fieldset>
      {tookMs === 0 && <p role="alert">It ends before it began.</p>}
      {error && <p role="alert">{problemIn(error)?.title ?? 'The server does not answer.'} Nothing here is lost.</p>}
      <p className="faded">
        Each line has its share of the time. Nothing is learnt from it of how long things take: nobody measured it.
      </p>
      <Button type="primary" htmlType="submit" loading={isLoading} disabled={tookMs === 0 || leftOut.size === all}>
        Write it down
      </Button>
    </form>
  );
}
