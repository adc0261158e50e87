import dayjs from 'dayjs';
import { type KeyboardEvent, useRef } from 'react';
import { classLoads } from '../../../../core/course/plan/classLoads';
import { letterOf } from '../../../../core/course/plan/comeRound';
import type { CourseWeave } from '../../../../core/course/plan/courseWeave';
import type { Course } from '../../../../core/course/schema/course';
import type { Doors } from '../../../../core/session/plan/slotTime';
import { useDraggedKnot } from './useDraggedKnot';
import { type Knot, knotWords, type WeaveRow, weaveRows } from './weaveRows';
import { HIGH, WIDE, WouldBe, xOf, Yarn } from './Yarn';
import './weave.css';

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
  /** Moves a practice to another class, by its id. */
  readonly onMove: (threadId: string, from: string, to: string) => void;
  readonly doors: Doors;
  readonly today: string;
}

/**
 * The weave of a course: a row of yarn for each thread, a column for each class. Arrows go from knot to knot and from thread to
 * thread; Enter asks a knot why, space pins it.
 */
export function Weave({ course, weave, chosen, doors, onChoose, onClass, onPin, onMove, today }: Props) {
  const { held, from } = weave;
  const rows = weaveRows(course, held);
  const loads = classLoads(course, weave);
  const table = useRef<HTMLTableElement>(null);
  // Letting go of what was pulled is no press.
  const wasPulled = useRef(false);
  const width = held.length * WIDE;
  const { dragged, take, pull, drop } = useDraggedKnot({
    course,
    doors,
    next: from,
    classIds: held.map(({ id }) => id),
    placeAt: (clientX) => {
      const row = table.current?.querySelector('.weave-row')?.getBoundingClientRect();
      const place = row ? Math.floor((clientX - row.left) / WIDE) : -1;
      return place >= 0 && place < held.length ? place : null;
    },
    onDrop: onMove,
  });
  const wouldBe = dragged?.plan ? weaveRows({ ...course, plan: dragged.plan }, held) : null;
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
    else if (along !== undefined && event.altKey) {
      const to = held[knot.place + along];
      if (knot.place >= from && to && knot.place + along >= from)
        onMove(rows[row]?.thread.id ?? '', knot.classId, to.id);
    } else if (along !== undefined) goTo(row, knots[index + along]?.place ?? knot.place);
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
          What is taught in which class. Arrow keys go from knot to knot, with Alt they move it by a class, Enter asks
          why, space pins.
        </caption>
        <thead>
          <tr>
            <th scope="col">
              <span className="unseen">Thread</span>
            </th>
            {held.map((one, place) => (
              <th key={one.id} scope="col" className={one.date < today ? 'weave-past' : undefined}>
                <button type="button" className="bare weave-class" onClick={() => onClass(one.id)}>
                  <span>
                    {one.number}
                    {letterOf(course, place)}
                  </span>
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
                  {dragged && (
                    <WouldBe
                      now={row}
                      then={wouldBe?.find(({ thread }) => thread.id === row.thread.id)}
                      over={dragged.thread === row.thread.id ? dragged.over : null}
                      width={width}
                    />
                  )}
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
                      onPointerDown={(event) => take(event, row.thread.id, knot.classId, knot.place)}
                      onPointerMove={pull}
                      onPointerUp={() => {
                        wasPulled.current = drop(false);
                      }}
                      onPointerCancel={() => drop(true)}
                      onClick={() => {
                        if (!wasPulled.current) onChoose(row.thread.id, knot.classId);
                        wasPulled.current = false;
                      }}
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
