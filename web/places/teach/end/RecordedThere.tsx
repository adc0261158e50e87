import { Link } from 'react-router';
import { RecordedOtherwise } from '../../../../core/formats/api/taughtClass';

/** The record of another device that is in the way of writing a class down; null where there is none. */
export function inTheWay(error: unknown): RecordedOtherwise['there'] | null {
  const answer = RecordedOtherwise.safeParse(typeof error === 'object' && error && 'data' in error ? error.data : null);
  return answer.success ? answer.data.there : null;
}

interface Props {
  readonly there: RecordedOtherwise['there'];
  readonly clock: (at: string) => string;
}

/** That the class is in the logbook already, and how to look at it. */
export const RecordedThere = ({ there, clock }: Props) => (
  <p role="alert">
    This class is in the logbook already, from {clock(there.startedAt)} to {clock(there.endedAt)}: another device wrote
    it, or it was ended before. One class is recorded once.{' '}
    <Link to={`/logbook/${there.id}`} target="_blank">
      Look at that record
    </Link>
  </p>
);
