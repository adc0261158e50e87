import { Button } from 'antd';
import { cellsOf } from '../../../core/course/classes/classCells';
import { withThread } from '../../../core/course/plan/changeThreads';
import type { CourseWeave } from '../../../core/course/plan/courseWeave';
import { movePractice, practiceAsPin } from '../../../core/course/plan/movePractice';
import { whyCell } from '../../../core/course/plan/whyCell';
import type { Course } from '../../../core/course/schema/course';
import type { CourseThread } from '../../../core/course/schema/thread';
import { topicKind } from '../../../core/course/schema/topicKinds';

interface Props {
  readonly course: Course;
  readonly weave: CourseWeave;
  readonly threadId: string;
  readonly classId: string;
  readonly isPast: boolean;
  readonly isPlanning: boolean;
  /** Keeps the course with other pins, as it is planned. */
  readonly onPin: (course: Course, words: string) => void;
  /** Plans the course anew with other pins. */
  readonly onMove: (course: Course) => void;
}

/** Pins a practice where it is, or lets it go. */
export function pinToggled(
  course: Course,
  weave: CourseWeave,
  threadId: string,
  classId: string,
): { course: Course; isPinned: boolean } | null {
  const thread = course.threads.find(({ id }) => id === threadId);
  const pin = practiceAsPin(course, weave.held, threadId, classId);
  if (!thread || !pin) return null;
  const others = thread.pins.filter((one) => one.classId !== classId);
  const isPinned = others.length === thread.pins.length;
  return { course: withThread(course, { ...thread, pins: isPinned ? [...others, pin] : others }), isPinned };
}

/** Whether something of a thread was promised to the group for a class. */
export const isAnnouncedIn = ({ announced }: CourseThread, classId: string): boolean =>
  announced.some((one) => one.classId === classId);

/** The course in which what is new in a class is promised for it, or is not any more. */
function announcedToggled(course: Course, threadId: string, classId: string, before: number, layers: number): Course {
  return {
    ...course,
    threads: course.threads.map((thread) => {
      if (thread.id !== threadId) return thread;
      const others = thread.announced.filter((one) => one.classId !== classId);
      const fresh = Array.from({ length: layers - before }, (_, place) => ({ layer: before + 1 + place, classId }));
      return { ...thread, announced: isAnnouncedIn(thread, classId) ? others : [...others, ...fresh] };
    }),
  };
}

/** Why a thread is practised in a class, and what can be done about it: pinned, or moved by a class. */
export function CourseWhy({ course, weave, threadId, classId, isPast, isPlanning, onPin, onMove }: Props) {
  const thread = course.threads.find(({ id }) => id === threadId);
  const place = weave.held.findIndex(({ id }) => id === classId);
  const sentences = whyCell(course, weave, threadId, classId);
  if (!thread || sentences.length === 0) return null;
  const isPinned = thread.pins.some((pin) => pin.classId === classId);
  const places = new Map(weave.held.map(({ id }, at) => [id, at]));
  const cell = cellsOf(course.threads, course.plan, classId, places).find((one) => one.thread.id === threadId);
  const isAnnounced = isAnnouncedIn(thread, classId);
  const moveTo = (other: string | undefined) => {
    const moved = other === undefined ? null : movePractice(course, weave.held, threadId, classId, other);
    if (moved) onMove(moved);
  };
  const [before, after] = [weave.held[place - 1], weave.held[place + 1]];
  return (
    <section className="course-why" aria-live="polite">
      <h3>
        {thread.title}, class {place + 1}
        {isPinned && <span className="faded">, pinned</span>}
        {isAnnounced && <span className="faded">, announced</span>}
      </h3>
      {sentences.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
      {!isPast && !topicKind(thread).isByMinutes && (
        <div className="course-class-acts">
          <Button
            onClick={() => {
              const toggled = pinToggled(course, weave, threadId, classId);
              if (toggled) onPin(toggled.course, toggled.isPinned ? 'It is pinned.' : 'It is free again.');
            }}
          >
            {isPinned ? 'Let it go' : 'Pin it here'}
          </Button>
          {cell && cell.layers > cell.before && (
            <Button
              onClick={() =>
                onPin(
                  announcedToggled(course, threadId, classId, cell.before, cell.layers),
                  isAnnounced ? 'It may be moved again.' : 'It is announced: it is moved only as a last resort.',
                )
              }
            >
              {isAnnounced ? 'It is not announced' : 'It is announced'}
            </Button>
          )}
          <Button loading={isPlanning} disabled={!before || place - 1 < weave.from} onClick={() => moveTo(before?.id)}>
            A class earlier
          </Button>
          <Button loading={isPlanning} disabled={!after} onClick={() => moveTo(after?.id)}>
            A class later
          </Button>
        </div>
      )}
    </section>
  );
}
