import type { ChartDataset, ChartOptions } from 'chart.js';
import type { Tide, TideCourse } from '../../../core/session/load/tide';
import { spaced } from '../../../core/words/spaced';
import type { Point } from './tidePlugins';

/** The colour of a name in the light that is on. */
export const colourOf = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();

/** Colour and dash together, so that lines are told apart without colour too. */
export const STROKES = [
  { colour: 'clay', dash: [] },
  { colour: 'reed', dash: [7, 3] },
  { colour: 'plum', dash: [2, 3] },
  { colour: 'amberInk', dash: [9, 3, 2, 3] },
] as const;

export const courseName = ({ region, side }: TideCourse): string => `${side ?? ''} ${spaced(region)}`.trim();

/** The highest a course goes, for those who have it hardest. */
export const hardestOf = ({ peak, band }: TideCourse): number => Math.max(peak, ...(band?.most ?? []));

/** The lines of the tide: strain by region, the breath pace as a thin line, bent knees as a shade hanging from the top. */
export function tideLines(tide: Tide, courses: readonly TideCourse[]): ChartDataset<'line', Point[]>[] {
  const of = (values: readonly number[]) => tide.seconds.map((x, look) => ({ x, y: values[look] ?? 0 }));
  return [
    ...courses.flatMap((course, index): ChartDataset<'line', Point[]>[] => {
      const stroke = STROKES[index % STROKES.length] ?? STROKES[0];
      const colour = colourOf(stroke.colour);
      const line: ChartDataset<'line', Point[]> = {
        label: courseName(course),
        data: of(course.percent),
        borderColor: colour,
        borderDash: [...stroke.dash],
        yAxisID: 'percent',
      };
      if (!course.band) return [line];
      const edge = { borderWidth: 0, yAxisID: 'percent' };
      return [
        line,
        { ...edge, label: `${courseName(course)}, easiest`, data: of(course.band.least) },
        {
          ...edge,
          label: `${courseName(course)}, hardest`,
          data: of(course.band.most),
          backgroundColor: `${colour}30`,
          fill: '-1',
        },
      ];
    }),
    { label: 'pace', data: of(tide.pace), borderColor: colourOf('amber'), borderWidth: 1.5, yAxisID: 'pace' },
    {
      label: 'knees',
      data: of(tide.sink),
      borderWidth: 0,
      backgroundColor: `${colourOf('faded')}33`,
      fill: { value: 0 },
      yAxisID: 'sink',
    },
  ];
}

/** How high the axis goes, percent: over all that is drawn, and always somewhat over the ceiling. */
export const topOf = (courses: readonly TideCourse[]): number =>
  Math.max(130, ...courses.map((course) => Math.ceil(hardestOf(course) / 10) * 10));

/** The axes: minutes of the slot across, percent of the ceiling up; pace and bend have their own, which are not written. */
export function tideAxes(top: number, whole: number): NonNullable<ChartOptions<'line'>['scales']> {
  const plain = { type: 'linear' as const, border: { display: false }, grid: { display: false } };
  const ticks = { color: colourOf('faded'), font: { family: "'Source Sans 3'", size: 12 } };
  return {
    x: {
      ...plain,
      min: 0,
      max: whole,
      // Whole tens of minutes (fives in a short class), however long the slot is.
      afterBuildTicks: (scale) => {
        const step = whole > 2400 ? 600 : 300;
        scale.ticks = Array.from({ length: Math.floor(whole / step) + 1 }, (_, place) => ({ value: place * step }));
      },
      ticks: {
        ...ticks,
        maxRotation: 0,
        align: 'inner',
        callback: (value) => `${Math.round(Number(value) / 60)} min`,
      },
    },
    percent: {
      ...plain,
      // The words stand inside, so that the time axis begins where the slot does.
      afterFit: (scale) => {
        scale.width = 0;
      },
      min: 0,
      max: top,
      ticks: {
        ...ticks,
        stepSize: 50,
        includeBounds: false,
        mirror: true,
        labelOffset: -8,
        padding: 2,
        callback: (value) => (Number(value) === 0 ? '' : `${value} %`),
      },
    },
    pace: { ...plain, min: 0, max: 14, display: false },
    sink: { ...plain, min: 0, max: 200, reverse: true, display: false },
  };
}
