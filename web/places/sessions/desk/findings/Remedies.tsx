import { Button } from 'antd';
import { useEffect, useState } from 'react';
import type { Finding } from '../../../../../core/session/findings/finding/finding';
import type { TriedRemedy } from '../../../../../core/session/findings/preview';
import type { Session } from '../../../../../core/session/plan/session';
import { WorkerGone } from '../../../../app/machine/startWorker';
import { useRepertoire } from '../../../../app/repertoire';
import { askMender, letMenderGo } from '../../../../class/people/theJudge';
import type { NoticedProps } from './noticedProps';
import { RemedyList } from './RemedyList';

/** What would mend a finding. Each has been tried; taking one is one step that can be undone. */
export function Remedies({
  finding,
  session,
  askedOf,
}: Omit<NoticedProps, 'findings'> & { readonly finding: Finding }) {
  const repertoire = useRepertoire();
  const [tried, setTried] = useState<{ readonly of: Session; readonly remedies: readonly TriedRemedy[] } | null>(null);
  const [hangsOn, setHangsOn] = useState<readonly string[]>([]);
  const [refused, setRefused] = useState<string | null>(null);
  const [tries, setTries] = useState(0);
  const { asked } = askedOf;
  useEffect(() => {
    let isStale = false;
    const ask = async () => {
      const answer = await askMender(repertoire, (judge) => judge.remedies(session, asked, finding));
      if (isStale) return;
      // Cancelled with what another finding waited for: it is asked once more.
      if (answer === null) return setTries((before) => before + 1);
      setTried({ of: session, remedies: answer });
      const hangs = await askMender(repertoire, (judge) => judge.sensitivity(session, asked, finding));
      if (!isStale && hangs !== null) setHangsOn(hangs);
    };
    setRefused(null);
    setHangsOn([]);
    ask().catch((error: unknown) => {
      if (!(error instanceof WorkerGone)) throw error;
      if (!isStale) setRefused(error.message);
    });
    return () => {
      isStale = true;
      letMenderGo();
    };
  }, [session, repertoire, asked, finding, tries]);

  if (refused !== null)
    return (
      <p role="alert">
        {refused}{' '}
        <Button size="small" onClick={() => setTries(tries + 1)}>
          Try again
        </Button>
      </p>
    );
  if (tried === null) return <p aria-live="polite">Trying what would mend it …</p>;
  const { remedies } = tried;
  // What was tried in the class as it was a moment ago is not taken in the class as it is now.
  const isOld = tried.of !== session;
  const sensitivity = hangsOn.length > 0 && <p className="noticed-hangs">{sentence(hangsOn)}</p>;
  if (remedies.length === 0)
    return (
      <>
        <p>No single change mends it; it wants your own judgement.</p>
        {sensitivity}
      </>
    );
  return (
    <>
      {sensitivity}
      <RemedyList remedies={remedies} label="What would mend it" isOld={isOld} />
    </>
  );
}

/** What a finding hangs on, as a sentence: "Gone 5° higher, gone for a steady group." */
const sentence = (words: readonly string[]): string => {
  const said = words.join(', ');
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}.`;
};
