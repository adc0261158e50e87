import { Button } from 'antd';
import type { Course } from '../../../../core/course/schema/course';
import type { PieceFamily } from '../../../../core/course/schema/family';
import type { Group } from '../../../../core/group/group';
import { useRepertoire } from '../../../app/repertoire';
import { useAsked } from '../../../class/useAsked';
import { useComposer } from '../../../class/useComposer';
import { PiecesField } from '../../../fields/PiecesField';

/** The two passages that are made from a family of pieces. */
const PARTS = {
  warmUp: {
    role: 'warm-up',
    about:
      'Its warm-ups are worked out from what is taught: the same pieces in the same order every week, one or two more from class to class until they are whole in the fourth, and some that take turns.',
  },
  coolDown: {
    role: 'cool-down',
    about:
      'Its cool-downs are worked out from what is taught: most pieces as always, the liveliest first and the stillest last, and some that take turns by what worked in the class.',
  },
} as const;

interface Props {
  readonly part: keyof typeof PARTS;
  readonly course: Course;
  readonly group: Group;
  readonly onChange: (course: Course) => void;
}

/** What the warm-ups or the cool-downs of a course are made from: the core of every class, and slots of which one piece is done each time. */
export function FamilyTab({ part, course, group, onChange }: Props) {
  const { forms } = useRepertoire();
  const { asked } = useAsked({ id: '', groupId: group.id, date: course.calendar.firstDay });
  const { ask, isBusy, failure } = useComposer();
  const { role, about } = PARTS[part];
  const set = (family: PieceFamily | null) => onChange({ ...course, [part]: family });
  const workOut = async () => {
    const made = await ask((composer) => composer.family(part, { ...course, [part]: null }, group, asked, forms));
    if (made) set(made);
  };
  const family = course[part];
  if (family === null) {
    return (
      <div className="change-family">
        <p>{about}</p>
        <Button loading={isBusy} onClick={() => void workOut()}>
          Show them, to change them
        </Button>
        {failure && <p role="alert">{failure}</p>}
      </div>
    );
  }
  const { core, slots } = family;
  return (
    <div className="change-family">
      <h3>In every class</h3>
      <PiecesField only={role} label="the core" pieces={core} onChange={(next) => set({ core: next, slots })} />
      {slots.map((slot, place) => (
        <section key={place} aria-label={`Turn ${place + 1}`}>
          <h3>One of these</h3>
          <PiecesField
            only={role}
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
            only={role}
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
