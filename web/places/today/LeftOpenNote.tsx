import { App, Button } from 'antd';
import { Link } from 'react-router';
import type { ClassLog } from '../../../core/record/classLog';
import { leftOpen, type OpenAnswer, withAnswer } from '../../../core/record/leftOpen';
import type { Session } from '../../../core/session/plan/session';
import { localDay } from '../../../core/words/localDay';
import { today } from '../../app/machine/clock';
import { useRepertoire } from '../../app/repertoire';
import { api } from '../../app/server/api';
import { whyRefused } from '../../app/server/problemIn';
import { dayInWords } from '../../app/words';
import { useTakenOver } from './useTakenOver';

const ANSWER_WORDS: Readonly<Record<OpenAnswer['kind'], string>> = {
  'put-in': 'Put it in',
  higher: 'Take the higher way',
};

interface Props {
  readonly session: Session;
  readonly revision: number;
}

/** What the last class of this group left open, each with its answers for the next one by one press. */
export function LeftOpenNote({ session, revision }: Props) {
  const { data: logs = [] } = api.useLogsQuery();
  const { data: sessions = [] } = api.useSessionsQuery();
  const ofGroup = new Set(sessions.filter(({ groupId }) => groupId === session.groupId).map(({ id }) => id));
  const last = session.groupId === null ? undefined : logs.find(({ sessionId }) => ofGroup.has(sessionId));
  const { data: log } = api.useLogQuery(last?.id ?? '', { skip: !last });
  return log && log.id === last?.id ? <LeftOpenOf log={log} session={session} revision={revision} /> : null;
}

function LeftOpenOf({ log, session, revision }: Props & { readonly log: ClassLog }) {
  const { find } = useRepertoire();
  const { message } = App.useApp();
  const { takeOver, isSaving } = useTakenOver(session, revision);
  const [answerOpen] = api.useAnswerOpenMutation();
  const open = leftOpen(log, session, find);
  // What is put in or taken higher is seen in the class itself: taken back there, it is open again.
  const take = (title: string, answer: OpenAnswer) =>
    takeOver(withAnswer(session, answer), `${title}: ${ANSWER_WORDS[answer.kind].toLowerCase()}.`);
  const letGo = async (itemId: string) => {
    const { error } = await answerOpen({ id: log.id, itemId });
    if (error) message.error(whyRefused(error));
  };
  return (
    <section className="today-last" aria-label="The last class">
      <h3>Their last class left open</h3>
      <p>
        <Link to={`/logbook/${log.id}`}>{log.plan.title}</Link>, {dayInWords(localDay(log.startedAt), today())}
      </p>
      {open.length > 0 && (
        <ul>
          {open.map((one) => (
            <li key={one.itemId}>
              <span className="name">{one.title}</span> was {one.outcome}
              {one.isThere && ', and is in this one'}{' '}
              {one.answers.map((answer) => (
                <Button
                  key={answer.kind}
                  size="small"
                  disabled={isSaving}
                  onClick={() => void take(one.title, answer)}
                  aria-label={`${one.title}: ${ANSWER_WORDS[answer.kind].toLowerCase()}`}
                >
                  {ANSWER_WORDS[answer.kind]}
                </Button>
              ))}
              <Button
                size="small"
                type="text"
                disabled={isSaving}
                onClick={() => void letGo(one.itemId)}
                aria-label={`${one.title}: let it go`}
              >
                Let it go
              </Button>
            </li>
          ))}
        </ul>
      )}
      {log.notes !== '' && <blockquote>{log.notes}</blockquote>}
      {open.length === 0 && log.notes === '' && <p className="faded">Nothing is open, and nothing was noted.</p>}
    </section>
  );
}
