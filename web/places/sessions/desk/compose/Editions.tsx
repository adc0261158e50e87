import { Link } from 'react-router';
import type { Session } from '../../../../../core/session/plan/session';
import { api } from '../../../../app/server/api';

/** The other editions of a class, by their length. */
export function Editions({ session }: { readonly session: Session }) {
  const { data: sessions } = api.useSessionsQuery();
  const others = (sessions ?? [])
    .filter(({ id, family }) => id !== session.id && (family ?? id) === session.family)
    .toSorted((a, b) => a.slotMinutes - b.slotMinutes);
  if (session.family === null || others.length === 0) return null;
  return (
    <span className="editions">
      Editions:{' '}
      {others.map(({ id, slotMinutes, title }) => (
        <Link key={id} to={`/sessions/${id}`} title={title}>
          {slotMinutes} min
        </Link>
      ))}
    </span>
  );
}
