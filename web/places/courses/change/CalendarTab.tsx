import { Button, DatePicker, Input, InputNumber, Select, TimePicker } from 'antd';
import dayjs, { type Dayjs } from 'dayjs';
import { useState } from 'react';
import type { CourseCalendar, CourseEnd } from '../../../../core/course/calendar/calendar';
import { heldClasses } from '../../../../core/course/calendar/courseClasses';
import type { Course } from '../../../../core/course/schema/course';
import { today } from '../../../app/machine/clock';
import { dayInWords } from '../../../app/words';
import { MeetingFields } from '../../../fields/MeetingFields';

interface Props {
  readonly course: Course;
  readonly onChange: (course: Course) => void;
}

const DAY = 'YYYY-MM-DD';
const SHOWN = 'ddd D MMM YYYY';

/** When a course is: its days and times, its end, closures, and single classes that are otherwise. */
export function CalendarTab({ course, onChange }: Props) {
  const { calendar } = course;
  const change = (part: Partial<CourseCalendar>) => onChange({ ...course, calendar: { ...calendar, ...part } });
  return (
    <div className="change-fields">
      <label htmlFor="change-first-day">First day</label>
      <DatePicker
        id="change-first-day"
        allowClear={false}
        format={SHOWN}
        value={dayjs(calendar.firstDay)}
        onChange={(day) => day && change({ firstDay: day.format(DAY) })}
      />
      <span>Meets</span>
      <MeetingFields meetings={calendar.meetings} onChange={(meetings) => change({ meetings })} />
      <label htmlFor="change-end">Ends</label>
      <EndFields
        ends={calendar.ends}
        firstDay={calendar.firstDay}
        onChange={(ends) =>
          onChange({
            ...course,
            calendar: { ...calendar, ends },
            // What has an end does not come round.
            rules: { ...course.rules, rota: ends.kind === 'open' ? course.rules.rota : 0 },
          })
        }
      />
      {calendar.ends.kind === 'open' && (
        <>
          <label htmlFor="change-rota">Comes round</label>
          <Select
            id="change-rota"
            className="change-rota"
            value={course.rules.rota}
            options={[0, 2, 3, 4, 5, 6].map((rota) => ({
              value: rota,
              label:
                rota === 0 ? 'no, it goes on' : `after ${rota} classes: ${'ABCDEF'.slice(0, rota).split('').join(' ')}`,
            }))}
            onChange={(rota) => onChange({ ...course, rules: { ...course.rules, rota } })}
          />
        </>
      )}
      <span>Hall closed</span>
      <Closures calendar={calendar} onChange={(closures) => change({ closures })} />
      <span>Single classes</span>
      <SingleClasses calendar={calendar} onChange={(changes) => change({ changes })} />
    </div>
  );
}

function EndFields({
  ends,
  firstDay,
  onChange,
}: {
  readonly ends: CourseEnd;
  readonly firstDay: string;
  readonly onChange: (ends: CourseEnd) => void;
}) {
  const begun: Readonly<Record<CourseEnd['kind'], CourseEnd>> = {
    classes: { kind: 'classes', count: 10 },
    day: { kind: 'day', last: dayjs(firstDay).add(10, 'week').format(DAY) },
    open: { kind: 'open' },
  };
  return (
    <div className="change-row">
      <Select
        id="change-end"
        value={ends.kind}
        options={[
          { value: 'classes', label: 'after so many classes' },
          { value: 'day', label: 'on a day' },
          { value: 'open', label: 'never' },
        ]}
        onChange={(kind) => onChange(begun[kind])}
      />
      {ends.kind === 'classes' && (
        <InputNumber
          aria-label="Classes"
          min={1}
          max={80}
          value={ends.count}
          onChange={(count) => count !== null && onChange({ kind: 'classes', count })}
        />
      )}
      {ends.kind === 'day' && (
        <DatePicker
          aria-label="Last day"
          allowClear={false}
          format={SHOWN}
          value={dayjs(ends.last)}
          onChange={(day) => day && onChange({ kind: 'day', last: day.format(DAY) })}
        />
      )}
    </div>
  );
}

function Closures({
  calendar: { closures },
  onChange,
}: {
  readonly calendar: CourseCalendar;
  readonly onChange: (closures: CourseCalendar['closures']) => void;
}) {
  const [days, setDays] = useState<[Dayjs | null, Dayjs | null] | null>(null);
  const [why, setWhy] = useState('');
  const [from, to] = days ?? [null, null];
  return (
    <div className="change-list">
      {closures.map((closure, place) => (
        <div key={`${closure.from} ${closure.to} ${closure.why}`} className="change-row">
          <span>
            {dayInWords(closure.from, today())}
            {closure.to !== closure.from && ` to ${dayInWords(closure.to, today())}`}
            {closure.why && `: ${closure.why}`}
          </span>
          <Button
            type="link"
            aria-label={`Open again ${closure.from}`}
            onClick={() => onChange(closures.filter((_, index) => index !== place))}
          >
            It is open
          </Button>
        </div>
      ))}
      <div className="change-row">
        <DatePicker.RangePicker
          aria-label="Closed from and to"
          format={SHOWN}
          value={days}
          onChange={(range) => setDays(range ? [range[0], range[1]] : null)}
        />
        <Input
          aria-label="Why it is closed"
          placeholder="why"
          maxLength={120}
          value={why}
          onChange={({ target }) => setWhy(target.value)}
        />
        <Button
          disabled={!from || !to}
          onClick={() => {
            if (!from || !to) return;
            onChange([...closures, { from: from.format(DAY), to: to.format(DAY), why: why.trim() }]);
            setDays(null);
            setWhy('');
          }}
        >
          Add
        </Button>
      </div>
    </div>
  );
}

/** The id of a class that is held besides: its day and time. */
const addedId = (date: string, startsAt: string): string => `added-${date}-${startsAt.replace(':', '')}`;

function SingleClasses({
  calendar,
  onChange,
}: {
  readonly calendar: CourseCalendar;
  readonly onChange: (changes: CourseCalendar['changes']) => void;
}) {
  const { changes } = calendar;
  const held = heldClasses(calendar, today());
  const [id, setId] = useState<string | null>(null);
  const [date, setDate] = useState<Dayjs | null>(null);
  const [time, setTime] = useState<Dayjs | null>(null);
  const others = changes.filter((change) => change.id !== id);
  const put = () => {
    if (!date || !time) return;
    const [on, startsAt] = [date.format(DAY), time.format('HH:mm')];
    const minutes = calendar.meetings[0]?.minutes ?? 60;
    const added = addedId(on, startsAt);
    onChange(
      id === null
        ? [...changes.filter((one) => one.id !== added), { kind: 'added', id: added, date: on, startsAt, minutes }]
        : [...others, { kind: 'moved', id, date: on, startsAt }],
    );
    setId(null);
    setDate(null);
    setTime(null);
  };
  return (
    <div className="change-list">
      {changes.map((change) => (
        <div key={change.id} className="change-row">
          <span>
            {change.kind === 'cancelled' &&
              `The class of ${dayInWords(change.id.slice(0, 10), today())} is cancelled${change.why && `: ${change.why}`}`}
            {change.kind === 'moved' &&
              `The class of ${dayInWords(change.id.slice(0, 10), today())} is ${dayInWords(change.date, today())} at ${change.startsAt}`}
            {change.kind === 'added' && `One more, ${dayInWords(change.date, today())} at ${change.startsAt}`}
          </span>
          <Button type="link" onClick={() => onChange(changes.filter((one) => one !== change))}>
            As it was
          </Button>
        </div>
      ))}
      <div className="change-row">
        <Select
          aria-label="Which class"
          allowClear
          placeholder="One more class"
          value={id}
          options={held
            .filter((one) => one.date >= today() && !one.id.startsWith('added'))
            .map((one) => ({ value: one.id, label: `Class ${one.number}, ${dayInWords(one.date, today())}` }))}
          onChange={(chosen?: string) => setId(chosen ?? null)}
        />
        <DatePicker aria-label="On which day" format={SHOWN} value={date} onChange={setDate} />
        <TimePicker aria-label="At what time" format="HH:mm" minuteStep={5} value={time} onChange={setTime} />
        <Button disabled={!date || !time} onClick={put}>
          {id === null ? 'Hold it' : 'Move it there'}
        </Button>
      </div>
    </div>
  );
}
