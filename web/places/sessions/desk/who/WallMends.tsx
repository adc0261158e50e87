import { useCallback } from 'react';
import type { Hall, Less } from '../../../../../core/hall/hall';
import type { TriedRemedy } from '../../../../../core/session/findings/preview';
import type { Session } from '../../../../../core/session/plan/session';
import { type AskJudge, useFromJudge } from '../../../../class/people/useFromJudge';
import type { AskedOf } from '../../../../class/useAsked';
import { RemedyList } from '../findings/RemedyList';
import { NotWorkedOut } from './NotWorkedOut';

interface Props {
  readonly session: Session;
  readonly askedOf: AskedOf;
  readonly hall: Hall;
  readonly less: Less;
  readonly people: number;
}

interface Tried {
  readonly of: Session;
  readonly remedies: readonly TriedRemedy[];
}

/** What keeps the rows from the wall, each tried on this floor with these people; taken and undone like every other change. */
export function WallMends({ session, askedOf, hall, less, people }: Props) {
  const { asked } = askedOf;
  const ask = useCallback<AskJudge<Tried>>(
    async (judge) => ({ of: session, remedies: await judge.mendWall(session, asked, { hall, less, people }) }),
    [session, asked, hall, less, people],
  );
  const { answer, failure, tryAgain } = useFromJudge(ask);
  if (failure)
    return <NotWorkedOut what="What would help could not be tried." failure={failure} onTryAgain={tryAgain} />;
  if (!answer) return <p aria-live="polite">Trying what would keep them from it …</p>;
  if (answer.remedies.length === 0)
    return <p>No single change keeps them from it: fewer people, or half of them at a time.</p>;
  return (
    <RemedyList remedies={answer.remedies} label="What keeps the rows from the wall" isOld={answer.of !== session} />
  );
}
