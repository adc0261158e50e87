import { Radio, Select } from 'antd';
import type { Course } from '../../../core/course/schema/course';
import { READY_MADE, type ReadyMade } from '../../../core/course/syllabus/readyMade';
import type { StoredCourse } from '../../../core/formats/api/courseApi';

/** Where what is taught in a new course comes from. */
export type SyllabusFrom =
  | { readonly kind: 'ready'; readonly ready: ReadyMade }
  | { readonly kind: 'typed' }
  | { readonly kind: 'again'; readonly course: Course }
  | { readonly kind: 'on'; readonly course: Course };

/** What a course of it is called, behind the name of its group. */
export function titleOf(from: SyllabusFrom): string {
  switch (from.kind) {
    case 'ready':
      return from.ready.name.split(',')[0] ?? from.ready.name;
    case 'typed':
      return 'a term';
    case 'again':
      return `${from.course.name.split(': ').at(-1)}, again`;
    case 'on':
      return `${from.course.name.split(': ').at(-1)}, going on`;
  }
}

interface Props {
  readonly from: SyllabusFrom;
  readonly courses: readonly StoredCourse[];
  readonly onChange: (from: SyllabusFrom) => void;
}

/** What is taught: a ready-made syllabus, a typed one, or that of a course there is, once more or going on. */
export function SyllabusChoice({ from, courses, onChange }: Props) {
  const value = from.kind === 'ready' ? from.ready.id : from.kind;
  const [first] = courses;
  const choose = (chosen: string) => {
    const ready = READY_MADE.find(({ id }) => id === chosen);
    if (ready) return onChange({ kind: 'ready', ready });
    if (chosen === 'typed' || !first) return onChange({ kind: 'typed' });
    const course = from.kind === 'again' || from.kind === 'on' ? from.course : first.course;
    return onChange(chosen === 'again' ? { kind: 'again', course } : { kind: 'on', course });
  };
  return (
    <>
      <span id="course-syllabus">What is taught</span>
      <div>
        <Radio.Group
          aria-labelledby="course-syllabus"
          className="new-course-ready"
          value={value}
          onChange={({ target }) => choose(String(target.value))}
        >
          {READY_MADE.map(({ id, name: label, about }) => (
            <Radio key={id} value={id}>
              <span className="name">{label}</span>
              <span className="faded">{about}</span>
            </Radio>
          ))}
          {first && (
            <Radio value="on">
              <span className="name">Going on from a course</span>
              <span className="faded">What was reached in it is known; after more than a month a step less.</span>
            </Radio>
          )}
          {first && (
            <Radio value="again">
              <span className="name">A course of yours once more</span>
              <span className="faded">
                With what was really reached: what never came is only taken up if there is room.
              </span>
            </Radio>
          )}
          <Radio value="typed">
            <span className="name">Typed, a line a week</span>
            <span className="faded">
              What you have always planned on paper: “3: cloud hands, steps; brush knee, arms”.
            </span>
          </Radio>
        </Radio.Group>
        {(from.kind === 'again' || from.kind === 'on') && (
          <Select
            aria-label="Which course"
            className="new-course-which"
            value={from.course.id}
            options={courses.map(({ course: { id, name } }) => ({ value: id, label: name }))}
            onChange={(id) => {
              const chosen = courses.find(({ course }) => course.id === id);
              if (chosen) onChange({ ...from, course: chosen.course });
            }}
          />
        )}
      </div>
    </>
  );
}
