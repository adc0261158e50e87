import { memo } from 'react';
import { clamp, sumBy, unique } from 'remeda';
import type { Breath, BreathManner } from '../../core/movement/schema/phase';
import { breathMannerWords } from '../../core/movement/walk/breathManner';
import './drawing.css';

/** One stretch of a breath line: what the breath does and for how long. */
export interface BreathStretch {
  readonly breath: Breath | null;
  /** Breaths within it; null where it goes by beats or seconds. */
  readonly breaths: number | null;
  readonly seconds: number;
  /** How it is taken, where not through the nose and into the belly. */
  readonly manner?: BreathManner | undefined;
}

const TOP = 3;
const BOTTOM = 21;
const MIDDLE = (TOP + BOTTOM) / 2;

/** A curve that leaves and arrives level. */
const swell = (x: number, width: number, to: number, from: number): string =>
  `C${x + width / 2} ${from} ${x + width / 2} ${to} ${x + width} ${to}`;

/** The path of a row of stretches, at a scale of pixels per second. Full is up, empty is down. */
function pathOf(stretches: readonly BreathStretch[], scale: number): string {
  let x = 1;
  let level = stretches[0]?.breath === 'out' ? TOP : BOTTOM;
  if (stretches[0]?.breath === 'natural' && stretches[0].breaths === null) level = MIDDLE;
  let path = `M${x} ${level}`;
  const go = (width: number, to: number) => {
    path += swell(x, width, to, level);
    x += width;
    level = to;
  };
  // Halves that follow each other in one direction are one swell: the line never stops inside a breath.
  const joined: BreathStretch[] = [];
  for (const stretch of stretches) {
    const last = joined.at(-1);
    const same = last && last.breath === stretch.breath && (stretch.breath === 'in' || stretch.breath === 'out');
    if (same) joined[joined.length - 1] = { ...last, seconds: last.seconds + stretch.seconds };
    else joined.push(stretch);
  }
  for (const { breath, breaths, seconds } of joined) {
    const width = seconds * scale;
    if (breath === 'in') go(width, TOP);
    else if (breath === 'out') go(width, BOTTOM);
    else if (breath === 'natural' && breaths !== null) {
      const waves = Math.max(1, Math.round(breaths));
      for (let wave = 0; wave < waves; wave += 1) {
        // A free breath leaves from where the last one ended: from full it falls first, from empty it rises.
        const turns = level <= MIDDLE ? [BOTTOM - 4, TOP + 4] : [TOP + 4, BOTTOM - 4];
        for (const turn of turns) go(width / waves / 2, turn);
      }
    } else {
      path += `H${x + width}`;
      x += width;
    }
  }
  return path;
}

/** Where the middle of a stretch lies on the line, and how its breath is taken; only those that are not taken plainly. */
function mannersOf(stretches: readonly BreathStretch[], scale: number): { x: number; manner: BreathManner }[] {
  let x = 1;
  return stretches.flatMap(({ breath, seconds, manner }) => {
    const middle = x + (seconds * scale) / 2;
    x += seconds * scale;
    return breath !== null && manner && breathMannerWords(breath, manner) !== '' ? [{ x: middle, manner }] : [];
  });
}

/** A breath that is not taken plainly: a ring for the mouth, a ripple for a sound, a bar for the ribs, a wedge for the reverse. */
function MannerMark({ x, manner: { route, into } }: { readonly x: number; readonly manner: BreathManner }) {
  return (
    <g className="breath-manner">
      {route !== 'nose' && <circle cx={x} cy={MIDDLE} r={2.6} />}
      {route === 'sounded' && <path d={`M${x + 4} ${MIDDLE}q1.5 -3 3 0t3 0`} />}
      {into === 'ribs' && <path d={`M${x - 4} ${BOTTOM + 2}h8`} />}
      {into === 'reverse' && <path d={`M${x - 3} ${BOTTOM - 1}l3 3l3 -3`} />}
    </g>
  );
}

const mannersSaid = (stretches: readonly BreathStretch[]): string =>
  unique(
    stretches.flatMap(({ breath, manner }) => {
      const how = breath === null ? '' : breathMannerWords(breath, manner);
      return how === '' ? [] : [`; ${breath} ${how}`];
    }),
  ).join('');

interface Props {
  readonly stretches: readonly BreathStretch[];
  /** Pixels per second; the same for lines that are compared. */
  readonly scale?: number;
  /** Longer lines are shown only so far, in pixels. */
  readonly most?: number;
}

/** A breath to scale: it rises with the in-breath, falls with the out-breath, and runs level where nothing is counted. */
export const BreathLine = memo(function BreathLine({ stretches, scale = 7, most = 150 }: Props) {
  const seconds = sumBy(stretches, (stretch) => stretch.seconds);
  const width = clamp(seconds * scale + 2, { min: 12, max: most });
  const counted = stretches.some(({ breaths }) => breaths !== null);
  const label = `${counted ? 'One repetition breathes for' : 'One repetition goes by the clock for'} ${Math.round(seconds * 10) / 10} seconds${mannersSaid(stretches)}`;
  return (
    <svg className="breath-line" width={width} height={24} viewBox={`0 0 ${width} 24`} role="img" aria-label={label}>
      <path d={pathOf(stretches, scale)} className={counted ? 'breath-path' : 'breath-path breath-path--clock'} />
      {mannersOf(stretches, scale).map(({ x, manner }) => (
        <MannerMark key={x} x={x} manner={manner} />
      ))}
    </svg>
  );
});
