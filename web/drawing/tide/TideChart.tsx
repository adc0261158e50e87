import { Chart, Filler, LinearScale, LineController, LineElement, PointElement } from 'chart.js';
import { useEffect, useRef } from 'react';
import type { Tide, TideCourse } from '../../../core/session/load/tide';
import { colourOf, tideAxes, tideLines, topOf } from './tideData';
import { marking, type Point, type Stretch } from './tidePlugins';

Chart.register(LineController, LineElement, LinearScale, PointElement, Filler);

interface Props {
  readonly tide: Tide;
  /** The courses that are drawn, in order. */
  readonly courses: readonly TideCourse[];
  /** How long the time axis is, seconds: the slot, or the class where it is longer. */
  readonly whole: number;
  /** When sections begin, seconds. */
  readonly sections: readonly number[];
  readonly inHand: Stretch | null;
  /** What is pointed at, seconds from the start; null when nothing is any more. */
  readonly onPoint: (seconds: number | null) => void;
  readonly onPress: (seconds: number) => void;
  readonly label: string;
}

/** How strain comes and goes over a class against the group's ceiling, with breath pace and stance height on the same time. */
export function TideChart(props: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const chart = useRef<Chart<'line', Point[]> | null>(null);
  const latest = useRef(props);
  latest.current = props;
  const { tide, courses, whole, inHand, sections, label } = props;

  useEffect(() => {
    if (!canvas.current) return;
    const secondsAt = (x: number | null) =>
      x === null ? null : Math.max(0, chart.current?.scales.x?.getValueForPixel(x) ?? 0);
    const made = new Chart<'line', Point[]>(canvas.current, {
      type: 'line',
      data: { datasets: [] },
      plugins: [
        marking(() => ({
          inHand: latest.current.inHand,
          sections: latest.current.sections,
          colours: { band: `${colourOf('amber')}38`, rule: colourOf('rule'), ceiling: colourOf('ink') },
        })),
      ],
      options: {
        animation: false,
        maintainAspectRatio: false,
        events: ['mousemove', 'mouseout', 'click'],
        elements: { point: { radius: 0 }, line: { borderWidth: 2 } },
        onHover: ({ type, x }) => latest.current.onPoint(type === 'mouseout' ? null : secondsAt(x)),
        onClick: ({ x }) => latest.current.onPress(secondsAt(x) ?? 0),
      },
    });
    chart.current = made;
    return () => {
      made.destroy();
      chart.current = null;
    };
  }, []);

  // Axes are dear to lay out anew: only when they would be other ones.
  const top = topOf(courses);
  useEffect(() => {
    if (chart.current) chart.current.options.scales = tideAxes(top, whole);
  }, [top, whole]);

  useEffect(() => {
    const now = chart.current;
    if (!now) return;
    now.data.datasets = tideLines(tide, courses);
    now.update('none');
  }, [tide, courses]);

  useEffect(() => chart.current?.draw(), [inHand, sections]);

  return (
    <div className="tide-canvas">
      <canvas ref={canvas} role="img" aria-label={label} />
    </div>
  );
}
