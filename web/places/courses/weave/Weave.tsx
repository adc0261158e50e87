import dayjs from 'dayjs';
import { type KeyboardEvent, useRef } from 'react';
import { classLoads } from '../../../../core/course/plan/classLoads';
import type { CourseWeave } from '../../../../core/course/plan/courseWeave';
import type { Course } from '../../../../core/course/schema/course';
import { type Knot, knotWords, type WeaveRow, weaveRows } from './weaveRows';
import './weave.css';

/** A class is so wide, a thread so high, pixels. */
const WIDE = 54;
const HIGH = 34;
/** Yarn hangs through a little between two knots, and is this thick with its first and with its last layer. */
const SAG = 5;
const THIN = 1.4;
const THICK = 6.5;

const xOf = (place: number): number => (place + 0.5) * WIDE;

/** The yarn between knots: thicker with every layer, hanging through where it waits. */
function Yarn({ row, width }: { readonly row: WeaveRow; readonly width: number }) {
  const { thread, knots } = row;
  const thickness = (layers: number) => THIN + ((THICK - THIN) * layers) / thread.layers.length;
  return (
    <svg width={width} height={HIGH} aria-hidden="true" className={`yarn yarn--${thread.kind}`}>
      {knots.slice(1).map((knot, index) => {
        const from = knots[index] as Knot;
        const [a, b] = [xOf(from.place), xOf(knot.place)];
        const sag = SAG * (knot.place - from.place);
        return (
          <path
            key={knot.classId}
            d={`M${a} ${HIGH / 2} Q${(a + b) / 2} ${HIGH / 2 + sag} ${b} ${HIGH / 2}`}
            strokeWidth={thickness(from.layers) / (knot.place - from.place > 1 ? 1.8 : 1)}
          />
        );
      })}
      {knots.map((knot) => {
        const isNew = knot.layers > knot.before;
        const [x, y] = [xOf(knot.place), HIGH / 2];
        return isNew ? (
          <g key={knot.classId} className="knot knot--new">
            <ellipse cx={x} cy={y} rx="9" ry="7" transform={`rotate(-24 ${x} ${y})`} />
            <path d={`M${x - 5} ${y - 4} Q${x + 3} ${y - 1} ${x + 4} ${y + 5}`} />
          </g>
        ) : (
          <circle key={knot.classId} className="knot" cx={x} cy={y} r={2.4 + thickness(knot.layers) / 2.6} />
        );
      })}
    </svg>
  );
}

const isPinned = ({ thread }: WeaveRow, { classId }: Knot): boolean =>
  thread.pins.some((pin) => pin.classId === classId);

interface Props {
  readonly course: Course;
  readonly weave: CourseWeave;
  readonly chosen: { readonly threadId: string; readonly classId: string } | null;
  readonly onChoose: (threadId: string, classId: string) => void;
  readonly onClass: (classId: string) => void;
  /** Pins a practice where it is, or lets it go. */
  readonly onPin: (threadId: string, classId: string) => void;
  readonly today: string;
}

/**
 * The weave of a course: a row of yarn for each thread, a column for each class. Arrows go from knot to knot and from thread to
 * thread; Enter asks a knot why, space pins it.
 */
export function Weave({ course, weave, chosen, onChoose, onClass, onPin, today }: Props) {
  const { held } = weave;
  const rows = weaveRows(course, held);
  const loads = classLoads(course, weave);
  const table = useRef<HTMLTableElement>(null);
  const width = held.length * WIDE;
  const goTo = (row: number, place: number): boolean => {
    const knots = rows[row]?.knots ?? [];
    const nearest = knots.toSorted((a, b) => Math.abs(a.place - place) - Math.abs(b.place - place))[0];
    const knot = nearest && table.current?.querySelector<HTMLElement>(`[data-knot="${row}-${nearest.place}"]`);
    knot?.focus();
    return Boolean(knot);
  };
  const go = (event: KeyboardEvent, row: number, knot: Knot): void => {
    const knots = rows[row]?.knots ?? [];
    const index = knots.indexOf(knot);
    const along = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    const across = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (event.key === ' ') onPin(rows[row]?.thread.id ?? '', knot.classId);
    else if (along !== undefined) goTo(row, knots[index + along]?.place ?? knot.place);
    else if (across !== undefined) {
      let next = row + across;
      while (rows[next] && !goTo(next, knot.place)) next += across;
    } else return;
    event.preventDefault();
  };
  return (
    <div className="weave">
      <table ref={table}>
        <caption className="unseen">
          What is taught in which class. Arrow keys go from knot to knot, Enter asks why, space pins.
        </caption>
        <thead>
          <tr>
            <th scope="col">
              <span className="unseen">Thread</span>
            </th>
            {held.map((one, place) => (
              <th key={one.id} scope="col" className={one.date < today ? 'weave-past' : undefined}>
                <button type="button" className="bare weave-class" onClick={() => onClass(one.id)}>
                  <span>{one.number}</span>
                  <span className="faded">{dayjs(one.date).format('D MMM')}</span>
                </button>
                <span
                  className="weave-minutes number"
                  title="Minutes as the class will be drawn up, and minutes of its main part"
                >
                  {Math.round(loads[place]?.minutes ?? 0)} of {Math.round(loads[place]?.room ?? 0)}
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, index) => (
            <tr key={row.thread.id}>
              <th scope="row">
                <span className="name">{row.thread.title}</span>
                {row.knots.length === 0 && <span className="weave-none">does not fit</span>}
              </th>
              <td colSpan={held.length}>
                <div className="weave-row" style={{ width, height: HIGH }}>
                  <Yarn row={row} width={width} />
                  {row.knots.map((knot, at) => (
                    <button
                      key={knot.classId}
                      type="button"
                      className={`bare weave-knot${isPinned(row, knot) ? ' weave-knot--pinned' : ''}`}
                      style={{ left: xOf(knot.place) - 14 }}
                      data-knot={`${index}-${knot.place}`}
                      tabIndex={at === 0 ? 0 : -1}
                      aria-label={knotWords(row.thread, knot) + (isPinned(row, knot) ? ', pinned' : '')}
                      aria-pressed={chosen?.threadId === row.thread.id && chosen.classId === knot.classId}
                      onKeyDown={(event) => go(event, index, knot)}
                      onClick={() => onChoose(row.thread.id, knot.classId)}
                    />
                  ))}
                </div>
              </td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr>
            <th scope="row">New, of what may be</th>
            {held.map((one, place) => (
              <td key={one.id} className="number" title={weave.rooms[place]?.nothingNew ?? undefined}>
                {weave.rooms[place]?.newness === 0 ? '–' : `${loads[place]?.fresh}/${weave.rooms[place]?.newness}`}
              </td>
            ))}
          </tr>
        </tfoot>
      </table>
    </div>
  );
}
