import { AutoComplete, Button } from 'antd';
import { useState } from 'react';
import type { Course } from '../../../../core/course/schema/course';
import type { PieceFamily } from '../../../../core/course/schema/family';
import type { Group } from '../../../../core/group/group';
import { usualName } from '../../../../core/movement/schema/movement';
import { baseId } from '../../../../core/movement/schema/version';
import { useRepertoire } from '../../../app/repertoire';
import { useAsked } from '../../../class/useAsked';
import { useComposer } from '../../../class/useComposer';

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
      <Pieces label="the core" pieces={core} onChange={(next) => set({ core: next, slots })} />
      {slots.map((slot, place) => (
        <section key={place} aria-label={`Turn ${place + 1}`}>
          <h3>One of these</h3>
          <Pieces
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
          <Pieces label="a new turn" pieces={[]} onChange={(next) => set({ core, slots: [...slots, next] })} />
        </section>
      )}
      <Button onClick={() => set(null)}>Work them out again</Button>
    </div>
  );
}

interface PiecesProps {
  readonly label: string;
  readonly pieces: readonly string[];
  readonly onChange: (pieces: string[]) => void;
}

/** Some movements, one taken out or added at a time. */
function Pieces({ label, pieces, onChange }: PiecesProps) {
  const { find, search } = useRepertoire();
  const [text, setText] = useState('');
  const found = search(text)
    .filter(({ id, roles }) => roles.includes('warm-up') && !pieces.includes(baseId(id)))
    .slice(0, 8);
  const titleOf = (id: string) => {
    const movement = find(id);
    return movement ? usualName(movement) : id;
  };
  return (
    <div className="change-row">
      {pieces.map((id) => (
        <Button
          key={id}
          size="small"
          aria-label={`Leave ${titleOf(id)} out of ${label}`}
          onClick={() => onChange(pieces.filter((one) => one !== id))}
        >
          {titleOf(id)} ×
        </Button>
      ))}
      <AutoComplete
        aria-label={`Add to ${label}`}
        placeholder="add a piece"
        value={text}
        options={found.map((movement) => ({ value: usualName(movement) }))}
        onChange={setText}
        onSelect={(name: string) => {
          const movement = found.find((one) => usualName(one) === name);
          if (movement) onChange([...pieces, baseId(movement.id)]);
          setText('');
        }}
      />
    </div>
  );
}
