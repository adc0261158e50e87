import { Button, Modal, Radio } from 'antd';
import type { HeldClass } from '../../../../core/course/calendar/courseClasses';
import { mergeChanges } from '../../../../core/course/merge/mergeChanges';
import type { MergeConflict } from '../../../../core/course/merge/mergeClass';
import type { Course } from '../../../../core/course/schema/course';
import type { Group } from '../../../../core/group/group';
import type { FindMovement } from '../../../../core/movement/schema/movement';
import { fieldWord } from '../../../../core/session/edit/fieldWords';
import { notedTitle } from '../../../../core/session/plan/lineTitle';
import { sectionWord } from '../../../../core/words/sectionWord';
import { useRepertoire } from '../../../app/repertoire';
import { LongList } from '../../../fields/LongList';
import { useRedraw } from './useRedraw';

interface Props {
  readonly course: Course;
  readonly group: Group;
  readonly one: HeldClass;
  readonly sessionId: string;
}

const WHAT_WORDS = { new: 'new', gone: 'no longer in it', changed: 'otherwise' } as const;

/** A value in a conflict, where it can be said in a word. */
const said = (value: unknown): string | null =>
  typeof value === 'number' || (typeof value === 'string' && value !== '') ? String(value) : null;

/** What a conflict is about: "Cloud Hands, count". */
function aboutConflict({ line, section, field }: MergeConflict, find: FindMovement): string {
  const where = line ? notedTitle(line, find) : section ? sectionWord(section) : 'The class';
  return field ? `${where}, ${fieldWord(field.field)}` : `${where}: changed by you, and no longer in the plan`;
}

/** Draws a class up again; what was changed by hand stays, and everything that would be different is seen first. */
export function Redraw(props: Props) {
  const { offered, drawAgain, take, keep, dismiss, isBusy, failure, cancel } = useRedraw(
    props.course,
    props.group,
    props.one,
    props.sessionId,
  );
  const { find } = useRepertoire();
  const changes = offered ? mergeChanges(offered.mine.session, offered.session) : [];
  return (
    <>
      <Button loading={isBusy} onClick={() => void drawAgain()}>
        Draw up again
      </Button>
      {isBusy && <Button onClick={cancel}>Cancel</Button>}
      {failure && <p role="alert">{failure}</p>}
      <Modal
        open={offered !== null}
        title="What the class becomes"
        okText="Keep it"
        cancelText="Leave it as it is"
        onCancel={dismiss}
        onOk={() => void keep()}
      >
        {changes.length === 0 && <p>Nothing changes: the class is as its course wants it.</p>}
        <LongList>
          {changes.map(({ what, line, fields }) => (
            <li key={`${what} ${line.id}`}>
              <span className="name">{notedTitle(line, find)}</span>: {WHAT_WORDS[what]}
              {fields.length > 0 && ` (${fields.map(fieldWord).join(', ')})`}
            </li>
          ))}
        </LongList>
        {offered && offered.conflicts.length > 0 && (
          <section className="redraw-conflicts" aria-label="Changed by you and by the plan">
            <h3>Changed by you and by the plan</h3>
            {offered.conflicts.map((conflict) => {
              const [mine, theirs] = [said(conflict.field?.mine), said(conflict.field?.theirs)];
              return (
                <div key={conflict.id}>
                  <p>{aboutConflict(conflict, find)}</p>
                  <Radio.Group
                    aria-label={aboutConflict(conflict, find)}
                    value={offered.taken.has(conflict.id) ? 'theirs' : 'mine'}
                    onChange={({ target }) => take(conflict.id, target.value === 'theirs')}
                    options={[
                      { value: 'mine', label: conflict.field ? `Mine${mine ? `: ${mine}` : ''}` : 'Keep it' },
                      {
                        value: 'theirs',
                        label: conflict.field ? `The plan’s${theirs ? `: ${theirs}` : ''}` : 'Let it go',
                      },
                    ]}
                  />
                </div>
              );
            })}
          </section>
        )}
        {offered?.left.map((one) => (
          <p key={one} className="faded">
            Still to be minded: {one}
          </p>
        ))}
      </Modal>
    </>
  );
}
