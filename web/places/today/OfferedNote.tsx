import { App, Button } from 'antd';
import { Link } from 'react-router';
import type { Offered } from '../../../core/formats/api/api';
import { passOn } from '../../../core/record/passedOn';
import { applyToClass } from '../../../core/session/edit/applyEdits';
import type { Session } from '../../../core/session/plan/session';
import { localDay } from '../../../core/words/localDay';
import { today } from '../../app/machine/clock';
import { api } from '../../app/server/api';
import { offeredApi } from '../../app/server/offeredApi';
import { whyRefused } from '../../app/server/problemIn';
import { dayInWords } from '../../app/words';
import { useTakenOver } from './useTakenOver';

interface Props {
  readonly session: Session;
  readonly revision: number;
}

/** What was changed for another group in the last week, of pieces the next class has too: taken over by one press, or left. */
export function OfferedNote({ session, revision }: Props) {
  const { data: offered = [] } = offeredApi.useOfferedQuery(session.id);
  const [letGo] = offeredApi.useLetGoOfMutation();
  const { data: groups = [] } = api.useGroupsQuery();
  const { message } = App.useApp();
  const { takeOver, isSaving } = useTakenOver(session, revision);
  if (offered.length === 0) return null;
  const nameOf = (groupId: string) => groups.find(({ id }) => id === groupId)?.name ?? groupId;
  const leave = async ({ logId, passed }: Offered) => {
    const { error } = await letGo({ id: logId, what: { itemId: passed.from, sessionId: session.id } });
    if (error) message.error(whyRefused(error));
  };
  return (
    <section className="today-last" aria-label="Changed for another group">
      <h3>Changed for another group</h3>
      <ul>
        {offered.map((one) => (
          <li key={`${one.logId} ${one.passed.itemId}`}>
            <span className="name">{one.passed.title}</span>: {one.passed.said.join(', ')}, as with{' '}
            <Link to={`/logbook/${one.logId}`}>{nameOf(one.groupId)}</Link>{' '}
            {dayInWords(localDay(one.startedAt), today()).toLowerCase()}{' '}
            <Button
              size="small"
              disabled={isSaving}
              onClick={() =>
                void takeOver(
                  applyToClass(session, passOn(session, one.passed)),
                  `${one.passed.title}: ${one.passed.said.join(', ')}.`,
                )
              }
              aria-label={`${one.passed.title}: take it over`}
            >
              Take it over
            </Button>
            <Button
              size="small"
              type="text"
              onClick={() => void leave(one)}
              aria-label={`${one.passed.title}: leave it as it is`}
            >
              Leave it
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
