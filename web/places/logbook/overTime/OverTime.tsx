import { Input, Select } from 'antd';
import dayjs from 'dayjs';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { usualName } from '../../../../core/movement/schema/movement';
import { forecastHeld } from '../../../../core/record/heldForecast';
import type { LogPoint } from '../../../../core/record/logPoint';
import {
  cameOverTime,
  endsAgainstSlot,
  inTime,
  loadOverTime,
  minutesOfSections,
  notedWith,
  practisedOverTime,
} from '../../../../core/record/overTime';
import { SECTION_ORDER } from '../../../../core/session/plan/defaults';
import { sectionWord } from '../../../../core/words/sectionWord';
import { today } from '../../../app/machine/clock';
import { useRepertoire } from '../../../app/repertoire';
import { api } from '../../../app/server/api';
import { logbookApi } from '../../../app/server/logbookApi';
import { BehindIt } from './BehindIt';
import { FollowedShown } from './FollowedShown';
import { type Series, SeriesChart } from './SeriesChart';

const ALL = 'all';
const SECTION_COLOURS = ['plum', 'reed', 'ink', 'amberInk', 'faded'] as const;
const minutesOf = (ms: number): number => Math.round(ms / 6000) / 10;

/** Classes over time: how they end, what their minutes go to, who comes, what was practised, what was noted. */
export function OverTime() {
  const { data: points, isError } = logbookApi.useOverTimeQuery();
  const { data: groups = [] } = api.useGroupsQuery();
  const [of, setOf] = useState(ALL);
  if (isError) return <p role="alert">The server does not answer, so nothing can be drawn.</p>;
  if (!points) return <p className="faded">Looking through the records …</p>;
  const shown = of === ALL ? points : points.filter(({ groupId }) => groupId === of);
  return (
    <section className="over-time" aria-label="Over time">
      <Select
        aria-label="Group"
        value={of}
        onChange={setOf}
        options={[{ value: ALL, label: 'All groups' }, ...groups.map(({ id, name }) => ({ value: id, label: name }))]}
        popupMatchSelectWidth={false}
      />
      {shown.length === 0 ? (
        <p>No class of this group is recorded yet.</p>
      ) : (
        <Shown points={shown} groupId={of === ALL ? null : of} />
      )}
    </section>
  );
}

/** What the ends of classes say of the forecast; nothing where too few were taught as planned. */
function HeldWords({ points }: { readonly points: readonly LogPoint[] }) {
  const judged = inTime(points).flatMap(({ isWhole, safeMs, actualMs }) =>
    isWhole && safeMs !== null ? [{ safeMs, actualMs }] : [],
  );
  const { classes, held, isTooSure } = forecastHeld(judged);
  if (classes === 0)
    return <p className="faded">No class was taught just as it was planned, so nothing is said of the forecasts.</p>;
  return (
    <p>
      {held} of {classes} that were taught as planned had ended by when eight in ten were said to.
      {isTooSure && ' That is too sure: plan with more to spare, or take over how long things really take.'}
    </p>
  );
}

function Shown({ points, groupId }: { readonly points: readonly LogPoint[]; readonly groupId: string | null }) {
  const { newest } = useRepertoire();
  const sorted = useMemo(() => inTime(points), [points]);
  const days = useMemo(() => sorted.map(({ startedAt }) => dayjs(startedAt).format('D MMM')), [sorted]);
  const ends = useMemo(
    (): Series[] => [
      { name: 'Taught', colour: 'reed', values: sorted.map(({ actualMs }) => minutesOf(actualMs)) },
      { name: 'Slot', colour: 'clay', isLine: true, values: sorted.map(({ slotMs }) => minutesOf(slotMs)) },
      {
        name: 'Eight in ten by',
        colour: 'amberInk',
        isLine: true,
        values: sorted.map(({ safeMs }) => (safeMs === null ? null : minutesOf(safeMs))),
      },
    ],
    [sorted],
  );
  const sections = useMemo(
    () =>
      SECTION_ORDER.map(
        (section, place): Series => ({
          name: sectionWord(section),
          colour: SECTION_COLOURS[place] ?? 'ink',
          values: sorted.map((point) => minutesOf(point.sections[section] ?? 0)),
        }),
      ),
    [sorted],
  );
  const load = useMemo(
    (): Series[] => [
      { name: 'Thighs', colour: 'clay', values: sorted.map((point) => point.load?.thighs ?? null) },
      { name: 'Shoulders', colour: 'reed', values: sorted.map((point) => point.load?.shoulders ?? null) },
      { name: 'Low back', colour: 'plum', values: sorted.map((point) => point.load?.back ?? null) },
    ],
    [sorted],
  );
  const came = useMemo(
    (): Series[] => [{ name: 'Came', colour: 'plum', values: sorted.map(({ attendance }) => attendance) }],
    [sorted],
  );
  const practised = practisedOverTime(points, today(), (id) => {
    const movement = newest(id);
    return movement ? usualName(movement) : id;
  });
  return (
    <>
      <h2>End against slot</h2>
      <SeriesChart label="How long each class was taught, against its slot" unit="minutes" days={days} series={ends} />
      <HeldWords points={points} />
      <BehindIt table={endsAgainstSlot(points)} file="vesperum-ends" />
      <h2>What the minutes went to</h2>
      <SeriesChart
        label="Minutes of each section, class by class"
        unit="minutes"
        days={days}
        series={sections}
        isStacked
      />
      <BehindIt table={minutesOfSections(points, SECTION_ORDER)} file="vesperum-sections" />
      <h2>Load</h2>
      <SeriesChart
        label="What each class asked of the thighs, the shoulders and the low back"
        unit="index minutes"
        days={days}
        series={load}
      />
      <p className="faded">An index of what was asked, over the minutes it was asked; not a medical measure.</p>
      <BehindIt table={loadOverTime(points)} file="vesperum-load" />
      <h2>Who came</h2>
      <SeriesChart label="How many came to each class" unit="people" days={days} series={came} />
      <BehindIt table={cameOverTime(points)} file="vesperum-attendance" />
      <h2>Practised, and not for long</h2>
      <BehindIt table={practised} file="vesperum-practised" />
      <FollowedShown key={groupId} points={points} groupId={groupId} />
      <Noted points={points} />
    </>
  );
}

/** What was noted after classes, by a word: a click or a tight side followed over weeks. */
function Noted({ points }: { readonly points: readonly LogPoint[] }) {
  const [words, setWords] = useState('');
  const found = notedWith(points, words);
  return (
    <>
      <h2>Noted</h2>
      <Input
        aria-label="Notes with these words"
        placeholder="knee, left, click …"
        value={words}
        allowClear
        onChange={({ target }) => setWords(target.value)}
      />
      {found.length === 0 && <p>{words === '' ? 'Nothing is noted yet.' : 'Nothing noted has these words.'}</p>}
      <ul className="over-time-noted">
        {found.map(({ point, line }) => (
          <li key={`${point.id} ${line}`}>
            <Link to={`/logbook/${point.id}`} className="number">
              {dayjs(point.startedAt).format('D MMM YYYY')}
            </Link>{' '}
            {line}
          </li>
        ))}
      </ul>
    </>
  );
}
