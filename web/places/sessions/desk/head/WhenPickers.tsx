import { DatePicker, TimePicker } from 'antd';
import dayjs from 'dayjs';
import type { Session } from '../../../../../core/session/plan/session';

interface Props {
  readonly date: Session['date'];
  readonly startsAt: string;
  readonly onChange: (heading: Partial<Pick<Session, 'date' | 'startsAt'>>) => void;
}

/** On which day a class is, and when its slot begins. */
export const WhenPickers = ({ date, startsAt, onChange }: Props) => (
  <>
    <DatePicker
      variant="borderless"
      value={date ? dayjs(date) : null}
      format="ddd D MMM YYYY"
      placeholder="No day yet"
      onChange={(day) => onChange({ date: day ? day.format('YYYY-MM-DD') : null })}
      aria-label="Day"
    />
    <TimePicker
      variant="borderless"
      value={dayjs(`2000-01-01T${startsAt}`)}
      format="HH:mm"
      minuteStep={5}
      needConfirm={false}
      allowClear={false}
      onChange={(time) => time && onChange({ startsAt: time.format('HH:mm') })}
      aria-label="Starts at"
    />
  </>
);
