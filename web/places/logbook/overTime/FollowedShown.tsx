import { Select } from 'antd';
import dayjs from 'dayjs';
import { useMemo, useState } from 'react';
import { usualName } from '../../../../core/movement/schema/movement';
import { type Followed, followed, followedTable } from '../../../../core/record/felt';
import type { LogPoint } from '../../../../core/record/logPoint';
import { useRepertoire } from '../../../app/repertoire';
import { api } from '../../../app/server/api';
import { logbookApi } from '../../../app/server/logbookApi';
import { REGION_OPTIONS } from '../../../class/words/regionOptions';
import { BehindIt } from './BehindIt';
import { type Series, SeriesChart } from './SeriesChart';

interface Props {
  readonly points: readonly LogPoint[];
  /** The group whose people may be followed; null where all groups are shown. */
  readonly groupId: string | null;
}

/** What was felt, followed over weeks: of one person, in one movement, in one place of the body; side by side. */
export function FollowedShown({ points, groupId }: Props) {
  const { data: all = [] } = logbookApi.useFeltQuery();
  const { data: group } = api.usePeopleQuery(groupId ?? '', { skip: groupId === null });
  const { newest } = useRepertoire();
  const [of, setOf] = useState<Followed>({});
  const days = useMemo(() => followed(all, points, of), [all, points, of]);
  const labels = useMemo(() => days.map(({ point }) => dayjs(point.startedAt).format('D MMM')), [days]);
  const series = useMemo(
    (): Series[] => [
      { name: 'Left', colour: 'reed', values: days.map(({ left }) => left) },
      { name: 'Right', colour: 'plum', values: days.map(({ right }) => right) },
      { name: 'No side', colour: 'faded', values: days.map(({ other }) => other) },
    ],
    [days],
  );
  const moved = [...new Set(all.flatMap(({ movementId }) => movementId ?? []))].map((value) => {
    const movement = newest(value);
    return { value, label: movement ? usualName(movement) : value };
  });
  const choose = (key: keyof Followed, label: string, options: { value: string; label: string }[]) => (
    <Select
      allowClear
      placeholder={label}
      aria-label={label}
      value={(of[key] as string | null | undefined) ?? undefined}
      options={options}
      popupMatchSelectWidth={false}
      onChange={(value) => setOf({ ...of, [key]: value ?? null })}
    />
  );
  return (
    <>
      <h2>Followed</h2>
      {all.length === 0 ? (
        <p className="faded">Nothing is written down yet. Open a record and say what was felt.</p>
      ) : (
        <>
          <p className="over-time-follow">
            {group &&
              choose(
                'personId',
                'Of anybody',
                group.people.map(({ id, called }) => ({ value: id, label: called })),
              )}
            {choose('movementId', 'In any movement', moved)}
            {choose('region', 'Anywhere', REGION_OPTIONS)}
          </p>
          <SeriesChart
            label="How often it was felt, class by class and side by side"
            unit="times"
            days={labels}
            series={series}
          />
          <BehindIt table={followedTable(days)} file="vesperum-felt" />
        </>
      )}
    </>
  );
}
