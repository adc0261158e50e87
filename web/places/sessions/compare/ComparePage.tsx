import type { ReactNode } from 'react';
import { Fragment } from 'react';
import { Link, useParams } from 'react-router';
import { schoolsWords } from '../../../../core/movement/adapt/schoolWords';
import { fieldWord } from '../../../../core/session/edit/fieldWords';
import { lineTitle } from '../../../../core/session/plan/lineTitle';
import { matchItem } from '../../../../core/session/plan/matchItem';
import type { Session } from '../../../../core/session/plan/session';
import { classMinutes } from '../../../../core/session/plan/slotTime';
import {
  type ComparedLine,
  type ComparedSection,
  compareClasses,
  compareSections,
} from '../../../../core/session/report/compareClasses';
import { minutes } from '../../../../core/words/clockWords';
import { sectionWord } from '../../../../core/words/sectionWord';
import { useRepertoire } from '../../../app/repertoire';
import { api } from '../../../app/server/api';
import { Notice, Waiting } from '../../../app/shell/Notice';
import { useTimeline } from '../../../class/useTimeline';
import { paceSaid, settleSaid } from '../../../class/words/sectionWords';
import './compare.css';

/** Two classes side by side, with what differs. */
export function ComparePage() {
  const { left = '', right = '' } = useParams();
  const one = api.useSessionQuery(left);
  const two = api.useSessionQuery(right);
  const repertoire = useRepertoire();
  if (one.isError || two.isError) return <Notice>One of these classes is not here any more.</Notice>;
  if (!one.data || !two.data || !repertoire) return <Waiting />;
  return <Compared left={one.data.session} right={two.data.session} />;
}

interface Props {
  readonly left: Session;
  readonly right: Session;
}

function Compared({ left, right }: Props) {
  const repertoire = useRepertoire();
  const [a, b] = [useTimeline(left), useTimeline(right)];
  const rows = compareClasses({ plan: left, timeline: a }, { plan: right, timeline: b });
  const sections = compareSections(left, right);
  const cell = (line: ComparedLine | null) => {
    if (!line) return <td className="compare-none">not here</td>;
    const { item, lengthMs } = line;
    const inSeconds = ({ seconds }: { readonly seconds: number }) => `${seconds} s`;
    return (
      <td>
        <span className="name">{lineTitle(item, repertoire.find)}</span>{' '}
        <span className="number">
          {matchItem<ReactNode>(item, {
            movement: ({ count }) => count,
            rest: inSeconds,
            talk: inSeconds,
            clock: inSeconds,
          })}
        </span>
        <span className="number compare-minutes">{minutes(lengthMs)}</span>
      </td>
    );
  };
  const head = (session: Session, totalMs: number) => (
    <th scope="col">
      <Link to={`/sessions/${session.id}`}>{session.title}</Link>
      <span className="number compare-minutes">
        {minutes(totalMs)} of {classMinutes(session)} min
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
          <WholeClass left={left} right={right} />
          {rows.map(({ section, left: one, right: two, differs }, place) => {
            const begins = section !== rows[place - 1]?.section;
            const led = begins ? sections.find((whole) => whole.section === section) : undefined;
            return (
              <Fragment key={`${one?.item.id} ${two?.item.id}`}>
                {led && <WholeSection {...led} />}
                <tr className={one && two && differs.length === 0 ? 'compare-same' : 'compare-differs'}>
                  <th scope="row">{begins && !led ? sectionWord(section) : ''}</th>
                  {cell(one)}
                  {cell(two)}
                  <td className="faded">
                    {!one ? 'added' : !two ? 'left out' : differs.map((field) => fieldWord(field)).join(', ')}
                  </td>
                </tr>
              </Fragment>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

/** What is answered for all of a class, where the two answer otherwise. */
function WholeClass({ left, right }: Pick<Props, 'left' | 'right'>) {
  const asked: [what: string, said: (session: Session) => string][] = [
    ['breath in : out', ({ breath }) => `${breath.in} : ${breath.out}`],
    ['where schools disagree', ({ schools }) => schoolsWords(schools).join('; ') || 'as usual'],
  ];
  return asked.map(
    ([what, said]) =>
      said(left) !== said(right) && (
        <tr key={what} className="compare-differs">
          <th scope="row">Class</th>
          <td>{said(left)}</td>
          <td>{said(right)}</td>
          <td className="faded">{what}</td>
        </tr>
      ),
  );
}

const SECTION_WAYS = { pace: 'breath pace', settle: 'settling' } as const;

/** How a section breathes and is settled, where the two classes do it otherwise. */
function WholeSection({ section, left, right, differs }: ComparedSection & {}) {
  const repertoire = useRepertoire();
  const said = (one: ComparedSection['left'], what: ComparedSection['differs'][number]): string => {
    if (!one) return '';
    return what === 'pace' ? paceSaid(one.pace) : settleSaid(one.settle, repertoire.find);
  };
  return differs.map((what, place) => (
    <tr key={what} className="compare-differs">
      <th scope="row">{place === 0 ? sectionWord(section) : ''}</th>
      <td>{said(left, what)}</td>
      <td>{said(right, what)}</td>
      <td className="faded">{SECTION_WAYS[what]}</td>
    </tr>
  ));
}
