import type { Chart, Plugin } from 'chart.js';

/** A stretch of the class marked on the chart, seconds. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

export interface Marks {
  readonly inHand: Stretch | null;
  /** When sections begin, seconds. */
  readonly sections: readonly number[];
  readonly colours: { readonly band: string; readonly rule: string; readonly ceiling: string };
}

function column({ ctx, chartArea, scales }: Chart<'line', Point[]>, { from, to }: Stretch, colour: string): void {
  if (!scales.x) return;
  const left = scales.x.getPixelForValue(from);
  ctx.fillStyle = colour;
  ctx.fillRect(left, chartArea.top, Math.max(2, scales.x.getPixelForValue(to) - left), chartArea.height);
}

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** Draws behind the tide: the line in hand as a band, where sections begin, and the ceiling as a broken line. */
export const marking = (marks: () => Marks): Plugin<'line'> => ({
  id: 'marks',
  beforeDatasetsDraw(chart) {
    const { ctx, chartArea, scales } = chart;
    const { inHand, sections, colours } = marks();
    if (inHand) column(chart as Chart<'line', Point[]>, inHand, colours.band);
    ctx.save();
    ctx.strokeStyle = colours.rule;
    for (const at of sections) {
      const x = Math.round(scales.x?.getPixelForValue(at) ?? 0) + 0.5;
      ctx.beginPath();
      ctx.moveTo(x, chartArea.top);
      ctx.lineTo(x, chartArea.bottom);
      ctx.stroke();
    }
    const y = scales.percent?.getPixelForValue(100);
    if (y !== undefined && y >= chartArea.top) {
      ctx.strokeStyle = colours.ceiling;
      ctx.setLineDash([6, 4]);
      ctx.beginPath();
      ctx.moveTo(chartArea.left, y);
      ctx.lineTo(chartArea.right, y);
      ctx.stroke();
    }
    ctx.restore();
  },
});
