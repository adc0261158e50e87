import { unique } from 'remeda';
import { doneIn } from '../../../core/group/doneIn';
import { usualName } from '../../../core/movement/schema/movement';
import { useRepertoire } from '../../app/repertoire';
import { api } from '../../app/server/api';

/** What a group has been taught by its logs, which it knows without anybody's saying so. */
export function TaughtSoFar({ groupId }: { readonly groupId: string }) {
  const { data: sessions = [] } = api.useSessionsQuery();
  const { data: logs = [] } = api.useLogsQuery();
  const { newest } = useRepertoire();
  const taught = new Set(logs.map(({ sessionId }) => sessionId));
  const own = sessions.filter((one) => one.groupId === groupId && taught.has(one.id));
  const names = unique(doneIn(own, logs).flatMap(({ done }) => done)).flatMap((id) => {
    const movement = newest(id);
    return movement ? [usualName(movement)] : [];
  });
  if (names.length === 0) return null;
  return <p className="faded">Taught so far, by the logbook: {names.toSorted().join(', ')}.</p>;
}
