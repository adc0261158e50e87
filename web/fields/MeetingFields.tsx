import { Button, InputNumber, Select, TimePicker } from 'antd';
import dayjs from 'dayjs';
import type { Meeting } from '../../core/course/calendar/calendar';
import { WEEKDAYS } from '../app/words';
import './fields.css';

interface Props {
  readonly meetings: readonly Meeting[];
  readonly onChange: (meetings: Meeting[]) => void;
}

const MOST = 7;
const USUAL: Meeting = { weekday: 2, startsAt: '19:00', minutes: 60 };

/** When a group meets in a week: days, times and minutes from door to door. */
export function MeetingFields({ meetings, onChange }: Props) {
  const change = (place: number, part: Partial<Meeting>) =>
    onChange(meetings.map((one, index) => (index === place ? { ...one, ...part } : one)));
  return (
    <div className="meeting-fields">
      {meetings.map(({ weekday, startsAt, minutes }, place) => (
        <div key={place}>
          <Select
            aria-label={`Day ${place + 1}`}
            value={weekday}
            options={WEEKDAYS.map((label, index) => ({ value: index + 1, label }))}
            onChange={(value) => change(place, { weekday: value })}
          />
          <TimePicker
            aria-label={`Time ${place + 1}`}
            allowClear={false}
            format="HH:mm"
            minuteStep={5}
            value={dayjs(`2000-01-01T${startsAt}`)}
            onChange={(time) => time && change(place, { startsAt: time.format('HH:mm') })}
          />
          <InputNumber
            aria-label={`Minutes ${place + 1}`}
            min={15}
            max={240}
            suffix="min"
            value={minutes}
            onChange={(value) => value !== null && change(place, { minutes: value })}
          />
          <Button
            aria-label={`Leave out day ${place + 1}`}
            onClick={() => onChange(meetings.filter((_, index) => index !== place))}
          >
            Leave out
          </Button>
        </div>
      ))}
      {meetings.length < MOST && <Button onClick={() => onChange([...meetings, USUAL])}>Another day</Button>}
    </div>
  );
}
