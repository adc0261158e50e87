import { useContext } from 'react';
import { useAppDispatch } from '../../../../app/store';
import { useDeskSelector } from '../../draft/draftStore';
import { drawerOpened } from '../../draft/hand';
import { NeedsBeside } from '../who/needsBeside';

interface Props {
  readonly id: string;
  readonly title: string;
}

/** How many of those who come take which way through a line; a press opens who. Nothing where it is not asked for. */
export function LineNeeds({ id, title }: Props) {
  const isAsked = useDeskSelector(({ hand }) => hand.isNeedsBeside);
  const ways = useContext(NeedsBeside);
  const dispatch = useAppDispatch();
  if (!isAsked) return null;
  const counts = ways?.get(id) ?? [];
  if (counts.length === 0) return <div className="line-needs" />;
  const said = counts.map(({ words, count }) => `${count}: ${words}`);
  return (
    <button type="button" className="bare line-needs" tabIndex={-1} onClick={() => dispatch(drawerOpened('needs'))}>
      <span className="unseen">Who needs what in {title}:</span>
      {said.map((one) => (
        <span key={one}>{one}</span>
      ))}
    </button>
  );
}
