import { Link } from 'react-router';
import { baseId } from '../../../../core/movement/schema/version';
import { today } from '../../../app/machine/clock';
import { api } from '../../../app/server/api';
import { dayInWords } from '../../../app/words';

/** The classes a movement stands in. */
export function UsedIn({ movementId }: { readonly movementId: string }) {
  const { data: sessions } = api.useSessionsQuery();
  const uses = sessions?.filter(({ movementIds }) => movementIds.some((id) => baseId(id) === baseId(movementId)));
  if (!uses) return null;
  if (uses.length === 0) return <p className="faded">In no class yet.</p>;
  return (
    <ul className="movement-uses">
      {uses.map(({ id, title, date, movementIds }) => (
        <li key={id}>
          <Link to={`/sessions/${id}`}>{title}</Link>{' '}
          <span className="faded">
            {dayInWords(date, today())}
            {!movementIds.includes(movementId) && ', in another version'}
          </span>
        </li>
      ))}
    </ul>
  );
}
