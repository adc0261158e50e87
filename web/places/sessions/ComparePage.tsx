import { Link, useParams } from 'react-router';
import { usualName } from '../../../core/movement/movement';
import { type ComparedLine, compareClasses } from '../../../core/session/compareClasses';
import type { Session } from '../../../core/session/session';
import { api } from '../../app/api';
import { type Repertoire, useRepertoire } from '../../app/repertoire';
import { Notice, Waiting } from '../../app/shell/Notice';
import { minutes, sectionWord } from '../../app/words';
import { useTimeline } from './useTimeline';
import './compare.css';

/** Two classes side by side, with what differs. */
export function ComparePage() {
  const { left = '', right = '' } = useParams();
  const one = api.useSessionQuery(left);
  const two = api.useSessionQuery(right);
  const repertoire = useRepertoire();
  if (one.isError || two.isError) return <Notice>One of these classes is not here any more.</Notice>;
  if (!one.data || !two.data || !repertoire) return <Waiting />;
  return <Compared left={one.data.session} right={two.data.session} repertoire={repertoire} />;
}

interface Props {
  readonly left: Session;
  readonly right: Session;
  readonly repertoire: Repertoire;
}

const FIELD_WORDS: Readonly<Record<string, string>> = {
  movementId: 'version',
  roundRest: 'rest between rounds',
  settle: 'standing still after',
  pinned: 'pinned',
  optional: 'may be left out',
  variant: 'way',
  layer: 'step',
  offers: 'offered too',
  inRounds: 'in which rounds',
  lower: 'depth from round to round',
  ramp: 'what grows each time',
  bridge: 'steps into it',
};

function Compared({ left, right, repertoire }: Props) {
  const [a, b] = [useTimeline(left, repertoire), useTimeline(right, repertoire)];
  const rows = compareClasses({ plan: left, timeline: a }, { plan: right, timeline: b });
  const cell = (line: ComparedLine | null) => {
    if (!line) return <td className="compare-none">not here</td>;
    const { item, lengthMs } = line;
    const movement = item.kind === 'movement' ? repertoire.find(item.movementId) : undefined;
    const name = movement ? usualName(movement) : item.kind === 'rest' ? 'Rest' : item.kind === 'talk' ? 'Talk' : '';
    return (
      <td>
        <span className="name">{name}</span>{' '}
        <span className="number">{item.kind === 'movement' ? item.count : `${item.seconds} s`}</span>
        <span className="number compare-minutes">{minutes(lengthMs)}</span>
      </td>
    );
  };
  const head = (session: Session, totalMs: number) => (
    <th scope="col">
      <Link to={`/sessions/${session.id}`}>{session.title}</Link>
      <span className="number compare-minutes">
        {minutes(totalMs)} of {session.slotMinutes} min
      </span>
    </th>
  );
  return (
    <div className="place">
      <h1>Side by side</h1>
      <table className="compare">
        <thead>
          <tr>
            <th scope="col">
              <span className="unseen">Section</span>
            </th>
            {head(left, a.totalMs)}
            {head(right, b.totalMs)}
            <th scope="col">What differs</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ section, left: one, right: two, differs }, place) => (
            <tr
              key={`${one?.item.id} ${two?.item.id}`}
              className={one && two && differs.length === 0 ? 'compare-same' : 'compare-differs'}
            >
              <th scope="row">{section === rows[place - 1]?.section ? '' : sectionWord(section)}</th>
              {cell(one)}
              {cell(two)}
              <td className="faded">
                {!one ? 'added' : !two ? 'left out' : differs.map((field) => FIELD_WORDS[field] ?? field).join(', ')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
