import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  type ChartDataset,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js';
import { useEffect, useRef } from 'react';
import { colourOf } from '../../../drawing/tide/tideData';

Chart.register(
  BarController,
  BarElement,
  CategoryScale,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
);

/** One series: what it is called, the name of its colour in every light, and its figures; null where there is none. */
export interface Series {
  readonly name: string;
  readonly colour: string;
  readonly values: readonly (number | null)[];
  /** Drawn as a line over the bars. */
  readonly isLine?: boolean;
}

interface Props {
  /** What is shown, for those who do not see it. */
  readonly label: string;
  /** What the figures count: "minutes". */
  readonly unit: string;
  readonly days: readonly string[];
  readonly series: readonly Series[];
  readonly isStacked?: boolean;
}

/** Figures over the days of classes, as bars and lines in the colours of the light that is on. */
export function SeriesChart({ label, unit, days, series, isStacked = false }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (!canvas.current) return;
    const [ink, rule] = [colourOf('ink'), colourOf('rule')];
    const axis = { ticks: { color: ink }, grid: { color: rule }, stacked: isStacked };
    const datasets = series.map(({ name, colour, values, isLine }): ChartDataset<'bar' | 'line'> => {
      const shared = {
        label: name,
        data: [...values],
        borderColor: colourOf(colour),
        backgroundColor: colourOf(colour),
      };
      return isLine
        ? { ...shared, type: 'line', pointRadius: 2, borderWidth: 2, stack: name }
        : { ...shared, type: 'bar', maxBarThickness: 26 };
    });
    const made = new Chart<'bar' | 'line', (number | null)[]>(canvas.current, {
      type: 'bar',
      data: { labels: [...days], datasets: datasets as ChartDataset<'bar' | 'line', (number | null)[]>[] },
      options: {
        animation: false,
        font: { family: "'Source Sans 3', sans-serif", size: 13 },
        maintainAspectRatio: false,
        scales: {
          x: axis,
          y: { ...axis, ticks: { ...axis.ticks, precision: 0 }, title: { display: true, text: unit, color: ink } },
        },
        plugins: { legend: { display: series.length > 1, labels: { color: ink } } },
      },
    });
    return () => made.destroy();
  }, [days, series, unit, isStacked]);
  return (
    <div className="over-time-canvas">
      <canvas ref={canvas} role="img" aria-label={label} />
    </div>
  );
}
