import { withoutThread, withThread } from '../../../../core/course/plan/changeThreads';
import type { Course } from '../../../../core/course/schema/course';
import { AddThread } from './AddThread';
import { ThreadFields } from './ThreadFields';

interface Props {
  readonly course: Course;
  readonly onChange: (course: Course) => void;
}

/** What is taught through a course, thread by thread; more of it, and less. */
export function ThreadsTab({ course, onChange }: Props) {
  return (
    <div className="change-threads">
      <ul>
        {course.threads.map((thread) => (
          <li key={thread.id}>
            <ThreadFields
              thread={thread}
              threads={course.threads}
              onChange={(next) => onChange(withThread(course, next))}
              onLeaveOut={() => onChange(withoutThread(course, thread.id))}
            />
          </li>
        ))}
      </ul>
      <AddThread course={course} onAdd={(threads) => onChange({ ...course, threads })} />
    </div>
  );
}
