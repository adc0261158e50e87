import { App, Button } from 'antd';
import { useNavigate } from 'react-router';
import { describeEdits } from '../../../../../core/session/edit/describeEdits';
import type { FitKind } from '../../../../../core/session/fit/buildModel';
import type { FitAnswer } from '../../../../../core/session/fit/fitPlan';
import type { Session } from '../../../../../core/session/plan/session';
import { minutes as clock } from '../../../../../core/words/clockWords';
import { spaced } from '../../../../../core/words/spaced';
import { useRepertoire } from '../../../../app/repertoire';
import { inWords } from '../../../../app/words';
import { useEdition } from '../../draft/useEdition';
import { useEdits } from '../../draft/useEdits';

const KIND_WORDS: Readonly<Record<FitKind, string>> = {
  trim: 'Trim evenly',
  'leave-out': 'Leave something out',
  breath: 'Breathe at another pace',
};

interface Props {
  readonly answer: FitAnswer;
  readonly minutes: number;
  readonly session: Session;
  readonly onTaken: () => void;
}

/** One way of fitting: what it changes, and why it could do no better; to be taken here or kept as an edition. */
export function FitProposal({ answer, minutes, session, onTaken }: Props) {
  const repertoire = useRepertoire();
  const edit = useEdits();
  const { message } = App.useApp();
  const keepEdition = useEdition(session);
  const navigate = useNavigate();
  if (!answer.ok) {
    return (
      <section className="compose-choice" data-fit={answer.kind}>
        <h3>{KIND_WORDS[answer.kind]}</h3>
        <p>
          This way it does not fit: the nearest is <span className="number">{clock(answer.nearestMs)}</span>, and it
          should be planned for <span className="number">{clock(answer.aimMs)}</span> to end in time in eight of ten. In
          the way:
        </p>
        <ul>
          {answer.inTheWay.map(({ what, seconds }) => (
            <li key={what}>
              {what}, {inWords(seconds * 1000)}
            </li>
          ))}
        </ul>
      </section>
    );
  }
  const changes = describeEdits(session, answer.edits, repertoire.find);
  const take = () => {
    if (!edit([...answer.edits, { kind: 'head', to: { slotMinutes: minutes } }], session)) return;
    message.success(`Fitted to ${minutes} minutes. Undo takes it back.`);
    onTaken();
  };
  const keep = async () => {
    const made = await keepEdition(answer.edits, minutes);
    if (made)
      message.success(
        <>
          Kept as an edition: {made.title}.{' '}
          <Button size="small" onClick={() => navigate(`/sessions/${made.id}`)}>
            Open it
          </Button>
        </>,
      );
    else message.error('The server does not answer, so no edition was made.');
  };
  return (
    <section className="compose-choice" data-fit={answer.kind}>
      <header>
        <h3>{KIND_WORDS[answer.kind]}</h3>
        <span className="number">
          {clock(answer.totalMs)}, eight in ten by {clock(answer.safeMs)}
        </span>
      </header>
      {changes.length === 0 ? (
        <p>It fits as it is.</p>
      ) : (
        <ul>
          {changes.map((change) => (
            <li key={change}>{change}</li>
          ))}
        </ul>
      )}
      {answer.over.map(({ region, percent }) => (
        <p key={region} className="compose-over">
          {spaced(region)} stays at {Math.round(percent)} % of the ceiling: nothing within the slot brings it down.
        </p>
      ))}
      {answer.brings.map((what) => (
        <p key={what} className="compose-over">
          To be minded then: {what}
        </p>
      ))}
      <p className="compose-acts">
        <Button
          type="primary"
          size="small"
          disabled={changes.length === 0 && minutes === session.slotMinutes}
          onClick={take}
        >
          Take it
        </Button>
        <Button size="small" onClick={() => void keep()}>
          Keep as an edition
        </Button>
      </p>
    </section>
  );
}
