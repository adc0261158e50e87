import { Button, Progress } from 'antd';
import { useSelector } from 'react-redux';
import type { HeldClass } from '../../../../core/course/calendar/courseClasses';
import type { Course } from '../../../../core/course/schema/course';
import type { Group } from '../../../../core/group/group';
import { useRepertoire } from '../../../app/repertoire';
import { type State, useAppDispatch } from '../../../app/store';
import { LongList } from '../../../fields/LongList';
import { cancelTerm, drawTerm } from './drawTerm';
import { forgotten, selectTermWork, type TermWork } from './termSlice';

interface Props {
  readonly course: Course;
  readonly group: Group;
  /** The classes that lie ahead and are not drawn up. */
  readonly classes: readonly HeldClass[];
}

/** All classes of a course drawn up one after the other while one goes on with something else. */
export function DrawTerm({ course, group, classes }: Props) {
  const work = useSelector<State, TermWork | null>((state) => selectTermWork(state, course.id));
  const repertoire = useRepertoire();
  const dispatch = useAppDispatch();
  if (work && work.now !== null) {
    return (
      <section className="draw-term" aria-label="Classes being drawn up" aria-live="polite">
        <p>
          Class {work.now} is being drawn up, {work.done} of {work.of} done. You can go on elsewhere.
        </p>
        <Progress
          percent={Math.round((100 * work.done) / work.of)}
          showInfo={false}
          size="small"
          aria-label="Classes drawn up"
        />
        <Button onClick={() => dispatch(cancelTerm(course.id))}>Cancel</Button>
      </section>
    );
  }
  return (
    <section className="draw-term" aria-label="Classes that are not drawn up">
      {work && <Ended work={work} onDismiss={() => dispatch(forgotten(course.id))} />}
      {classes.length > 1 && (
        <Button onClick={() => void dispatch(drawTerm(course, group, classes, repertoire))}>
          Draw up all {classes.length} that are not yet
        </Button>
      )}
    </section>
  );
}

function Ended({ work, onDismiss }: { readonly work: TermWork; readonly onDismiss: () => void }) {
  return (
    <div role={work.failure === null ? 'status' : 'alert'}>
      <p>
        {work.done} {work.done === 1 ? 'class is' : 'classes are'} drawn up
        {work.done < work.of && `, of ${work.of}`}.{work.failure !== null && ` ${work.failure}`}{' '}
        <Button type="link" onClick={onDismiss}>
          Good
        </Button>
      </p>
      {work.left.length > 0 && (
        <LongList>
          {work.left.map(({ number, what }) => (
            <li key={`${number} ${what}`}>
              Class {number}: {what}
            </li>
          ))}
        </LongList>
      )}
    </div>
  );
}
