import { Select } from 'antd';
import { memo, useMemo, useState } from 'react';
import type { Region } from '../../../../../core/body/written/region';
import { nameOf } from '../../../../../core/session/findings/finding/nameOf';
import { type Tide, type TideCourse, worstCourses } from '../../../../../core/session/load/tide';
import type { Session } from '../../../../../core/session/plan/session';
import { classBegins, classSeconds } from '../../../../../core/session/plan/slotTime';
import { lineTimes } from '../../../../../core/session/timeline/lineTimes';
import type { Timeline } from '../../../../../core/session/timeline/segment';
import { breathsPerMinute } from '../../../../../core/words/breathsPerMinute';
import { clockAt } from '../../../../../core/words/clockWords';
import { spaced } from '../../../../../core/words/spaced';
import { useRepertoire } from '../../../../app/repertoire';
import { useLight } from '../../../../app/shell/LightContext';
import { lazyPart } from '../../../../app/shell/lazyPart';
import { useAppDispatch } from '../../../../app/store';
import { courseName, hardestOf, STROKES } from '../../../../drawing/tide/tideData';
import { useDeskSelector } from '../../draft/draftStore';
import { pointedAt } from '../../draft/hand';
import { focusLine } from '../../selection/lineFocus';
import './tide.css';

const TideChart = lazyPart(async () => (await import('../../../../drawing/tide/TideChart')).TideChart, {
  what: 'The tide',
  waiting: <div className="tide-canvas" />,
});

interface Props {
  readonly session: Session;
  readonly timeline: Timeline;
  /** Null until it has been reckoned. */
  readonly tide: Tide | null;
  readonly strength: string;
}

const TideToCome = () => (
  <section className="tide" aria-label="Tide" aria-busy="true">
    <header>
      <h3>Tide</h3>
    </header>
    <div className="tide-canvas" />
  </section>
);

/** How many regions are drawn when none is chosen. */
const DRAWN = 3;

/** The worst regions, or both sides of the one that is chosen. */
function coursesShown(tide: Tide, region: Region | null): TideCourse[] {
  if (region !== null) return tide.courses.filter((course) => course.region === region);
  return worstCourses(tide).slice(0, DRAWN);
}

/** What a region is at, at one look: from the easiest to the hardest of the ways that are offered. */
function percentAt({ percent, band }: TideCourse, look: number): string {
  const [least, most] = [band?.least[look] ?? 0, band?.most[look] ?? 0];
  return most - least < 1 ? `${Math.round(percent[look] ?? 0)}` : `${Math.round(least)} to ${Math.round(most)}`;
}

/** The tide of a class: what it asks over time, on the same axis as the slot; pointing at it finds the line. */
export const TidePanel = memo(function TidePanel({ session, timeline, tide, strength }: Props) {
  const repertoire = useRepertoire();
  const inHand = useDeskSelector(({ hand }) => hand.inHand);
  const dispatch = useAppDispatch();
  const [region, setRegion] = useState<Region | null>(null);
  const [at, setAt] = useState<number | null>(null);
  const { light } = useLight();
  const courses = useMemo(() => (tide ? coursesShown(tide, region) : []), [tide, region]);
  const sections = useMemo(() => timeline.sections.slice(1).map(({ startMs }) => startMs / 1000), [timeline]);
  const stretch = useMemo(() => {
    const item = inHand === null ? undefined : lineTimes(timeline).get(inHand);
    return item ? { from: item.startMs / 1000, to: (item.startMs + item.lengthMs) / 1000 } : null;
  }, [timeline, inHand]);
  if (timeline.items.length === 0) return null;
  // Its place is kept until it is there, so that nothing jumps under the hand.
  if (!tide || tide.seconds.length === 0) return <TideToCome />;

  const itemAt = (seconds: number) =>
    timeline.items.findLast(({ startMs, lengthMs }) => lengthMs > 0 && startMs <= seconds * 1000)?.itemId ?? null;
  const point = (seconds: number | null) => {
    setAt(seconds);
    dispatch(pointedAt(seconds === null ? null : itemAt(seconds)));
  };
  const pointed = at === null ? null : itemAt(at);
  const look = at === null ? -1 : Math.min(tide.seconds.length - 1, Math.round(at / (tide.seconds[1] ?? 1)));

  return (
    <section className="tide" aria-label="Tide">
      <header>
        <h3>Tide</h3>
        <Select<Region | ''>
          size="small"
          variant="borderless"
          popupMatchSelectWidth={false}
          value={region ?? ''}
          options={[
            { value: '', label: 'the most strained' },
            ...worstCourses(tide).map((course) => ({
              value: course.region,
              label: `${spaced(course.region)}, to ${Math.round(course.peak)} %`,
            })),
          ]}
          onChange={(value) => setRegion(value === '' ? null : value)}
          aria-label="Which regions are drawn"
        />
        <ul>
          {courses.map((course, index) => (
            <li key={courseName(course)}>
              <svg width="26" height="8" aria-hidden="true">
                <line
                  x1="0"
                  x2="26"
                  y1="4"
                  y2="4"
                  stroke={`var(--${STROKES[index]?.colour})`}
                  strokeWidth="2"
                  strokeDasharray={STROKES[index]?.dash.join(' ')}
                />
              </svg>
              {courseName(course)}{' '}
              <span className="number">
                {look >= 0 ? percentAt(course, look) : `to ${Math.round(hardestOf(course))}`} %
              </span>
            </li>
          ))}
          <li className="tide-pace">
            <span aria-hidden="true">—</span> breath{' '}
            {look >= 0 && <span className="number">{breathsPerMinute(tide.pace[look] ?? 0)} a minute</span>}
          </li>
          <li className="tide-knees">
            <span aria-hidden="true" className="tide-shade" /> knees bent, from the top{' '}
            {look >= 0 && <span className="number">{Math.round(tide.sink[look] ?? 0)}°</span>}
          </li>
        </ul>
        <span className="faded tide-at">
          {at !== null && pointed !== null
            ? `${clockAt(classBegins(session), at * 1000).slice(0, 5)} ${nameOf({ plan: session, find: repertoire.find }, pointed)}`
            : `of the ${strength} ceiling`}
        </span>
      </header>
      <TideChart
        key={light}
        tide={tide}
        courses={courses}
        whole={Math.max(classSeconds(session), timeline.totalMs / 1000)}
        sections={sections}
        inHand={stretch}
        onPoint={point}
        onPress={(seconds) => {
          const itemId = itemAt(seconds);
          if (itemId !== null) focusLine(itemId);
        }}
        label={`Strain over the class: ${courses.map((course) => `${courseName(course)} to ${Math.round(course.peak)} %`).join(', ')} of the ${strength} ceiling.`}
      />
    </section>
  );
});
