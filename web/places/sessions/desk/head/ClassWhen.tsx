import { InputNumber, Select } from 'antd';
import equal from 'fast-deep-equal';
import { memo } from 'react';
import { nextMeeting } from '../../../../../core/course/calendar/nextMeeting';
import { USUAL_SCHOOLS } from '../../../../../core/movement/adapt/schools';
import type { ClassHead } from '../../../../../core/session/edit/edit';
import type { Session } from '../../../../../core/session/plan/session';
import { classMinutes, USUAL_DOORS } from '../../../../../core/session/plan/slotTime';
import { today } from '../../../../app/machine/clock';
import { api } from '../../../../app/server/api';
import { lazyPart } from '../../../../app/shell/lazyPart';
import { useEdits } from '../../draft/useEdits';
import { SchoolsButton } from './SchoolsButton';

/** Days and times are chosen from a calendar that is large: it comes once the class stands. */
const WhenPickers = lazyPart(async () => (await import('./WhenPickers')).WhenPickers, {
  what: 'Its day and time',
  waiting: <span className="class-when-waiting" />,
  whenIdle: true,
});

type Props = Readonly<Pick<Session, 'groupId' | 'date' | 'startsAt' | 'slotMinutes' | 'doors' | 'breath' | 'schools'>>;

/** Who, when, how long and how the class breathes, each changed in place. Stands still while lines are changed. */
export const ClassWhen = memo(function ClassWhen({
  groupId,
  date,
  startsAt,
  slotMinutes,
  doors,
  breath,
  schools,
}: Props) {
  const edit = useEdits();
  const { data: groups } = api.useGroupsQuery();
  const change = (to: Partial<ClassHead>) => void edit([{ kind: 'head', to }]);
  const group = groups?.find(({ id }) => id === groupId) ?? null;
  // A class that is done as its group is taught, or as usual, goes on so with another group.
  const choose = (chosen: string) => {
    const next = groups?.find(({ id }) => id === chosen);
    const follows = equal(schools, USUAL_SCHOOLS) || (group !== null && equal(schools, group.schools));
    const comesIn = equal(doors, USUAL_DOORS) || (group !== null && equal(doors, group.doors));
    // A class that was nobody's becomes this group's: it is on their day, at their time, for as long as they meet.
    const meets = next && groupId === null ? nextMeeting(next.meetings, today()) : null;
    change({
      groupId: next?.id ?? null,
      ...(meets && { date: meets.date, startsAt: meets.startsAt, slotMinutes: meets.minutes }),
      // How long its parts take was measured with a group: another has its own measure, or none.
      takes: next?.takes ?? {},
      ...(next && follows ? { schools: next.schools } : {}),
      ...(next && comesIn && (meets?.minutes ?? slotMinutes) > next.doors.before + next.doors.after + 5
        ? { doors: next.doors }
        : {}),
    });
  };
  return (
    <>
      <Select
        variant="borderless"
        value={groupId ?? ''}
        onChange={choose}
        options={[
          { value: '', label: 'No group yet' },
          ...(groups ?? []).map(({ id, name }) => ({ value: id, label: name })),
        ]}
        popupMatchSelectWidth={false}
        aria-label="Group"
      />
      <WhenPickers date={date} startsAt={startsAt} onChange={change} />
      <span className="class-slot">
        Slot
        <InputNumber
          value={slotMinutes}
          min={5 + doors.before + doors.after}
          max={240}
          precision={0}
          onChange={(said) => said !== null && change({ slotMinutes: said })}
          aria-label="Slot in minutes, door to door"
        />
        min, of which
        <InputNumber
          value={doors.before}
          min={0}
          max={Math.max(0, Math.min(60, slotMinutes - doors.after - 5))}
          precision={0}
          onChange={(before) => before !== null && change({ doors: { ...doors, before } })}
          aria-label="Minutes before the class, coming in"
        />
        before and
        <InputNumber
          value={doors.after}
          min={0}
          max={Math.max(0, Math.min(60, slotMinutes - doors.before - 5))}
          precision={0}
          onChange={(after) => after !== null && change({ doors: { ...doors, after } })}
          aria-label="Minutes after the class, clearing the hall"
        />
        after
        {classMinutes({ slotMinutes, doors }) !== slotMinutes && (
          <span className="number">({classMinutes({ slotMinutes, doors })} min of class)</span>
        )}
      </span>
      <fieldset className="class-ratio">
        <legend>Breath in : out</legend>
        <InputNumber
          value={breath.in}
          min={1}
          max={10}
          step={0.5}
          controls={false}
          onChange={(value) => value !== null && change({ breath: { ...breath, in: value } })}
          aria-label="In part of a breath"
        />
        :
        <InputNumber
          value={breath.out}
          min={1}
          max={10}
          step={0.5}
          controls={false}
          onChange={(value) => value !== null && change({ breath: { ...breath, out: value } })}
          aria-label="Out part of a breath"
        />
      </fieldset>
      <SchoolsButton schools={schools} group={group} />
    </>
  );
});
