import dayjs from 'dayjs';
import { isSamePlan } from '../../../core/session/edit/planOf';
import type { Session } from '../../../core/session/plan/session';
import { today } from '../../app/machine/clock';
import { dayInWords, inWords } from '../../app/words';
import type { KeptClass } from '../../class/kept/keptClass';

interface Props {
  readonly kept: KeptClass;
  /** The class as it is planned now; null where that cannot be known. */
  readonly current: Session | null;
  readonly onGoOn: () => void;
  readonly onWrite: () => void;
  /** It stays open, and is found again under Today. */
  readonly onAnew: () => void;
  readonly onLetGo: () => void;
}

/** A class was begun and never ended: whether it goes on, is written down, or is begun anew is its instructor's to say. */
export function StillOpen({ kept, current, onGoOn, onWrite, onAnew, onLetGo }: Props) {
  const { session, startedAt, teaching } = kept;
  const begun = dayjs(startedAt);
  return (
    <main className="teach teach-threshold">
      <h1>{session.title} is still open</h1>
      <p>
        Begun {dayInWords(begun.format('YYYY-MM-DD'), today())} at {begun.format('HH:mm')}, {inWords(teaching.wallMs)}{' '}
        taught.
        {current && !isSamePlan(session, current) && ' Its plan has been changed since.'}
      </p>
      {current && (
        <button type="button" className="teach-begin" onClick={onAnew} ref={(button) => button?.focus()}>
          Begin a new one
        </button>
      )}
      <button type="button" className="bare teach-quiet" onClick={onWrite}>
        Write that one in the logbook
      </button>
      <button type="button" className="bare teach-quiet" onClick={onGoOn}>
        Go on with that one, by the plan it had
      </button>
      <button type="button" className="bare teach-quiet" onClick={onLetGo}>
        Let that one go, without a record
      </button>
    </main>
  );
}
