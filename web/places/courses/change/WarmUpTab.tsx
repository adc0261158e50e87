import { Button } from 'antd';
import type { Course } from '../../../../core/course/schema/course';
import type { PieceFamily } from '../../../../core/course/schema/family';
import type { Group } from '../../../../core/group/group';
import { useRepertoire } from '../../../app/repertoire';
import { useAsked } from '../../../class/useAsked';
import { useComposer } from '../../../class/useComposer';
import { PiecesField } from '../../../fields/PiecesField';

interface Props {
  readonly course: Course;
  readonly group: Group;
  readonly onChange: (course: Course) => void;
}

/** What the warm-ups of a course are made from: the core of every class, and slots of which one piece is done each time. */
export function WarmUpTab({ course, group, onChange }: Props) {
  const { forms } = useRepertoire();
  const { asked } = useAsked({ id: '', groupId: group.id, date: course.calendar.firstDay });
  const { ask, isBusy, failure } = useComposer();
  const set = (warmUp: PieceFamily | null) => onChange({ ...course, warmUp });
  const workOut = async () => {
    const family = await ask((composer) => composer.warmUpFamily({ ...course, warmUp: null }, group, asked, forms));
    if (family) set(family);
  };
  if (course.warmUp === null) {
    return (
      <div className="change-warm-up">
        <p>
          Its warm-ups are worked out from what is taught: the same pieces in the same order every week, one or two more
          from class to class until they are whole in the fourth, and some that take turns.
        </p>
        <Button loading={isBusy} onClick={() => void workOut()}>
          Show them, to change them
        </Button>
        {failure && <p role="alert">{failure}</p>}
      </div>
    );
  }
  const { core, slots } = course.warmUp;
  return (
    <div className="change-warm-up">
      <h3>In every class</h3>
      <PiecesField only="warm-up" label="the core" pieces={core} onChange={(next) => set({ core: next, slots })} />
      {slots.map((slot, place) => (
        <section key={place} aria-label={`Turn ${place + 1}`}>
          <h3>One of these</h3>
          <PiecesField
            only="warm-up"
            label={`turn ${place + 1}`}
            pieces={slot}
            onChange={(next) =>
              set({
                core,
                slots:
                  next.length === 0
                    ? slots.filter((_, index) => index !== place)
                    : slots.map((one, index) => (index === place ? next : one)),
              })
            }
          />
        </section>
      ))}
      {slots.length < 4 && (
        <section aria-label="One more turn">
          <h3>Others that take turns</h3>
          <PiecesField
            only="warm-up"
            label="a new turn"
            pieces={[]}
            onChange={(next) => set({ core, slots: [...slots, next] })}
          />
        </section>
      )}
      <Button onClick={() => set(null)}>Work them out again</Button>
    </div>
  );
}
