import { App, Checkbox, Drawer, InputNumber } from 'antd';
import { useCallback, useState } from 'react';
import { Link } from 'react-router';
import { doneIn } from '../../../../../core/group/doneIn';
import { beginnersOn } from '../../../../../core/group/person';
import { seenBy } from '../../../../../core/group/seenBy';
import { type Hall, type Less, lessOn, withLess } from '../../../../../core/hall/hall';
import type { HallReport } from '../../../../../core/hall/layClass';
import { baseId } from '../../../../../core/movement/schema/version';
import { lineTitle } from '../../../../../core/session/plan/lineTitle';
import type { Session } from '../../../../../core/session/plan/session';
import type { Timeline } from '../../../../../core/session/timeline/segment';
import { segmentAt } from '../../../../../core/session/timeline/segmentAt';
import { today } from '../../../../app/machine/clock';
import { useRepertoire } from '../../../../app/repertoire';
import { api } from '../../../../app/server/api';
import { whyRefused } from '../../../../app/server/problemIn';
import { useComing } from '../../../../class/people/useComing';
import { type AskJudge, useFromJudge } from '../../../../class/people/useFromJudge';
import type { AskedOf } from '../../../../class/useAsked';
import { HallPlay } from '../../../../hall/HallPlay';
import { HallSays } from '../../../../hall/HallSays';
import { TonightsFloor } from '../../../../hall/TonightsFloor';
import { NotWorkedOut } from './NotWorkedOut';
import { WallMends } from './WallMends';
import './who.css';

interface Props {
  readonly session: Session;
  readonly timeline: Timeline;
  readonly askedOf: AskedOf;
  readonly onClose: () => void;
}

/** A class in its hall. */
export function HallDrawer(props: Props) {
  const { askedOf, onClose } = props;
  const { hall, group } = askedOf;
  return (
    <Drawer open title={hall ? hall.name : 'In the hall'} size={760} onClose={onClose}>
      {hall ? (
        <InHall {...props} hall={hall} />
      ) : (
        <p>
          {group ? 'The hall of this group is not written down.' : 'This class is nobody’s yet.'} Four numbers and a
          front are enough to see how many fit, who is foremost when the class turns, and where it meets the wall.{' '}
          <Link to="/groups">To the groups</Link>
        </p>
      )}
    </Drawer>
  );
}

/** Who of those who come has seen which movement. */
function useSeen(askedOf: AskedOf, day: string) {
  const groupId = askedOf.group?.id ?? null;
  const { data } = api.usePeopleQuery(groupId ?? '', { skip: groupId === null });
  const { data: sessions = [] } = api.useSessionsQuery();
  const { data: logs = [] } = api.useLogsQuery();
  const taught = doneIn(sessions, logs).map(({ id, done }) => ({ sessionId: id, movementIds: done }));
  return seenBy(data?.people ?? [], data?.came ?? [], taught, askedOf.group?.knows ?? [], day);
}

function InHall({ session, timeline, askedOf, hall }: Props & { readonly hall: Hall }) {
  const { find } = useRepertoire();
  const { message } = App.useApp();
  const { asked, group } = askedOf;
  const day = session.date ?? today();
  const coming = useComing(group?.id ?? null);
  const expected = coming?.on(day).expected ?? 12;
  const [counted, setCounted] = useState<number | null>(null);
  const people = counted ?? expected;
  const [withNames, setWithNames] = useState(false);
  const [atMs, setAtMs] = useState(0);
  const [putHall] = api.usePutHallMutation();
  const less = lessOn(hall, day);
  const beginners = beginnersOn(coming?.people ?? [], day);
  const seen = useSeen(askedOf, day);
  const seenKey = JSON.stringify([...seen].map(([id, by]) => [id, by.size]));
  const ask = useCallback<AskJudge<HallReport | null>>(
    (judge) =>
      judge.layHall(session, asked, { hall, less, people, seenBy: Object.fromEntries(JSON.parse(seenKey)), beginners }),
    [session, asked, hall, less, people, seenKey, beginners],
  );
  const { answer: report, failure, tryAgain } = useFromJudge(ask);
  const items = session.sections.flatMap((section) => section.items);
  const nameOf = (itemId: string): string => {
    const item = items.find(({ id }) => id === itemId);
    return item ? lineTitle(item, find) : itemId;
  };
  const knowing = (lines: readonly string[]): string[] => {
    const ids = items.flatMap((item) =>
      item.kind === 'movement' && lines.includes(item.id) ? [baseId(item.movementId)] : [],
    );
    return (coming?.people ?? [])
      .filter(({ id }) => ids.every((movement) => seen.get(movement)?.has(id)))
      .map(({ called }) => called);
  };
  const setLess = async (to: Less) => {
    try {
      await putHall({ thing: withLess(hall, day, to), basedOn: hall }).unwrap();
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  return (
    <>
      <div className="hall-come">
        <label htmlFor="hall-people">Come</label>
        <InputNumber
          id="hall-people"
          min={1}
          max={200}
          value={people}
          onChange={(count) => setCounted(count === null ? null : Math.round(count))}
        />
        <span className="faded">{counted === null && coming ? 'by who came so far' : 'by your word'}</span>
      </div>
      <TonightsFloor hall={hall} less={less} onChange={(to) => void setLess(to)} />
      {failure && <NotWorkedOut what="It could not be laid out." failure={failure} onTryAgain={tryAgain} />}
      {!report && !failure && <p className="faded">Laying it out …</p>}
      {report && (
        <>
          <HallPlay
            report={report}
            totalMs={timeline.totalMs}
            nameAt={(at) => nameOf(timeline.segments[segmentAt(timeline, at)]?.itemId ?? '')}
            atMs={atMs}
            onMove={setAtMs}
          />
          <HallSays
            report={report}
            people={people}
            groupId={group?.id ?? null}
            nameOf={nameOf}
            segments={timeline.segments}
            knowing={withNames ? knowing : null}
            onShow={setAtMs}
            mends={<WallMends session={session} askedOf={askedOf} hall={hall} less={less} people={people} />}
          />
          <Checkbox checked={withNames} onChange={({ target }) => setWithNames(target.checked)}>
            Names of those who know it, this time
          </Checkbox>
          <table className="hall-lines">
            <caption className="unseen">How many fit at each line</caption>
            <thead>
              <tr>
                <th scope="col">Line</th>
                <th scope="col" className="number">
                  fit
                </th>
                <th scope="col" className="number">
                  from one to the next
                </th>
              </tr>
            </thead>
            <tbody>
              {report.lines.map(({ itemId, fits, pitch }) => (
                <tr key={itemId} className={fits < people ? 'hall-short' : ''}>
                  <td>{nameOf(itemId)}</td>
                  <td className="number">{fits}</td>
                  <td className="number">{pitch.toFixed(2)} m</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </>
  );
}
