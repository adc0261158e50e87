import { Checkbox, Drawer } from 'antd';
import { useCallback, useState } from 'react';
import { Link } from 'react-router';
import type { WayThrough } from '../../../../../core/needs/wayThrough';
import { countWays, type LineNeeds } from '../../../../../core/needs/whoNeedsWhat';
import { lineTitle } from '../../../../../core/session/plan/lineTitle';
import type { Session } from '../../../../../core/session/plan/session';
import { useRepertoire } from '../../../../app/repertoire';
import { useAppDispatch } from '../../../../app/store';
import { useComing } from '../../../../class/people/useComing';
import { type AskJudge, useFromJudge } from '../../../../class/people/useFromJudge';
import type { AskedOf } from '../../../../class/useAsked';
import { useDeskSelector } from '../../draft/draftStore';
import { needsBeside, taken } from '../../draft/hand';
import { NotWorkedOut } from './NotWorkedOut';
import './who.css';

interface Props {
  readonly session: Session;
  readonly askedOf: AskedOf;
  readonly onClose: () => void;
}

const isClear = ({ kind, support, say }: WayThrough): boolean =>
  kind === 'clear' && support === null && say.length === 0;

/** A way through a line, as one tells the person: "a seat: on a chair". */
function wayWords({ kind, name, support, say }: WayThrough): string {
  const way = {
    clear: 'as it is led',
    way: name,
    seat: `offer a seat: ${name}`,
    none: 'no way is known: ask, and leave it to them',
  }[kind];
  return [way, support && `a ${support} within reach`, ...say].filter(Boolean).join('; ');
}

/** Who needs what in a class: line by line, in counts; the names come when they are asked for, each time. */
export function NeedsDrawer({ session, askedOf, onClose }: Props) {
  const { find } = useRepertoire();
  const { asked, group } = askedOf;
  const coming = useComing(group?.id ?? null);
  const [withNames, setWithNames] = useState(false);
  const isBeside = useDeskSelector(({ hand }) => hand.isNeedsBeside);
  const dispatch = useAppDispatch();
  const ask = useCallback<AskJudge<LineNeeds[]>>((judge) => judge.whoNeeds(session, asked), [session, asked]);
  const { answer, failure, tryAgain } = useFromJudge(ask);
  const minded = asked.present?.comers.length ?? 0;
  const calledOf = (id: string): string => coming?.people.find((person) => person.id === id)?.called ?? 'somebody';
  const items = session.sections.flatMap((section) => section.items);
  const told = answer?.filter(({ through }) => through.some(({ way }) => !isClear(way))) ?? [];
  return (
    <Drawer open title="Who needs what" size={560} onClose={onClose}>
      {minded === 0 ? (
        <p>
          Nothing is written down for anybody who comes.{' '}
          {group && <Link to={`/groups/${group.id}/people`}>Write down what to mind</Link>}
        </p>
      ) : (
        <>
          <p>
            Something is written down for {minded} of those who come. Where a line is not in this list, nothing you have
            written down stands in the way.
          </p>
          <Checkbox checked={isBeside} onChange={({ target }) => dispatch(needsBeside(target.checked))}>
            Beside the lines, in counts
          </Checkbox>
          <Checkbox checked={withNames} onChange={({ target }) => setWithNames(target.checked)}>
            With names, this time
          </Checkbox>
          {failure && <NotWorkedOut what="It could not be worked out." failure={failure} onTryAgain={tryAgain} />}
          {!answer && !failure && <p className="faded">Looking …</p>}
          {answer && told.length === 0 && <p>Nothing you have written down stands in the way of any line.</p>}
          <ul className="needs-lines">
            {told.map((line) => {
              const item = items.find(({ id }) => id === line.itemId);
              return (
                <li key={line.itemId}>
                  <button
                    type="button"
                    className="bare name"
                    onClick={() => {
                      dispatch(taken(line.itemId));
                      onClose();
                    }}
                  >
                    {item ? lineTitle(item, find) : line.itemId}
                  </button>
                  <span>
                    {countWays(line)
                      .map(({ words, count }) => `${count}: ${words}`)
                      .join(' · ')}
                  </span>
                  {withNames && (
                    <ul>
                      {line.through
                        .filter(({ way }) => !isClear(way))
                        .map(({ id, way }) => (
                          <li key={id}>
                            <strong>{calledOf(id)}</strong>: {wayWords(way)}
                            <span className="faded">
                              {way.why.map((why) => (
                                <span key={why}>{why}. </span>
                              ))}
                              {way.cautions[0]}
                            </span>
                          </li>
                        ))}
                    </ul>
                  )}
                </li>
              );
            })}
          </ul>
        </>
      )}
      <p className="faded">
        It says what is written down and what the movements ask, nothing about a body. Pain is a stop sign; theirs is
        the last word.
      </p>
    </Drawer>
  );
}
