import { App, Button, Input } from 'antd';
import { useRef, useState } from 'react';
import { OwnPractice, type TallyAct } from '../../../../core/practice/ownPractice';
import { EMPTY_TALLY } from '../../../../core/practice/tally';
import { freshId } from '../../../app/machine/freshId';
import { logbookApi } from '../../../app/server/logbookApi';
import { whyRefused } from '../../../app/server/problemIn';
import { AimFields, USUAL_AIMS } from '../../../practice/AimFields';
import { TallyDays } from '../../../practice/TallyDays';
import { TallyTap } from '../../../practice/TallyTap';
import './ownPractice.css';

/** What the instructor practises by themselves: a tally each, kept with everything else. */
export function OwnPractices() {
  const { data: practices, isError } = logbookApi.useOwnPracticeQuery();
  const [put] = logbookApi.usePutPracticeMutation();
  const [title, setTitle] = useState('');
  const { message } = App.useApp();
  if (isError) return <p role="alert">The server does not answer, so nothing can be counted.</p>;
  if (!practices) return null;
  const add = async () => {
    const made = OwnPractice.parse({ id: freshId('practice'), title, aim: USUAL_AIMS.times, tally: EMPTY_TALLY });
    const { error } = await put(made);
    if (error) message.error(whyRefused(error));
    else setTitle('');
  };
  return (
    <section className="own-practice" aria-label="My own practice">
      <h2>My own practice</h2>
      {practices.length === 0 && (
        <p className="faded">
          Something easy, spread over the day, or a minute that grows to ten. Name it, and tap as you go.
        </p>
      )}
      <ul>
        {practices.map((practice) => (
          <Practised key={practice.id} practice={practice} />
        ))}
      </ul>
      <form
        className="own-practice-add"
        onSubmit={(event) => {
          event.preventDefault();
          if (title.trim() !== '') void add();
        }}
      >
        <Input
          value={title}
          maxLength={80}
          placeholder="Arm swings, standing …"
          aria-label="What I practise"
          onChange={({ target }) => setTitle(target.value)}
        />
        <Button htmlType="submit" disabled={title.trim() === ''}>
          Keep a tally
        </Button>
      </form>
    </section>
  );
}

function Practised({ practice }: { readonly practice: OwnPractice }) {
  const { id, title, aim, tally } = practice;
  const [act] = logbookApi.useTallyMutation();
  const [put] = logbookApi.usePutPracticeMutation();
  const [remove] = logbookApi.useRemovePracticeMutation();
  const { message } = App.useApp();
  const said = useRef(Promise.resolve());
  const done = (answer: { readonly error?: unknown }) => {
    if (answer.error) message.error(whyRefused(answer.error));
  };
  /** One after the other, however quickly they come. */
  const onAct = (one: TallyAct) => {
    said.current = said.current.then(async () => done(await act({ id, act: one })));
  };
  const leave = async () => {
    const answer = await remove(id);
    done(answer);
    if (answer.error) return;
    message.open({
      content: (
        <>
          {title} is kept no longer.{' '}
          <Button size="small" onClick={() => void put(practice).then(done)}>
            Undo
          </Button>
        </>
      ),
      duration: 8,
    });
  };
  return (
    <li className="tally" aria-label={title}>
      <h3 className="name">{title}</h3>
      <TallyTap aim={aim} tally={tally} onAct={onAct} />
      <AimFields
        aim={aim}
        onAim={(to) => void put({ ...practice, aim: to }).then(done)}
        isCounted={Object.keys(tally.days).length > 0}
      />
      <TallyDays aim={aim} tally={tally} />
      <Button size="small" type="text" onClick={() => void leave()} aria-label={`${title}: keep it no longer`}>
        Keep it no longer
      </Button>
    </li>
  );
}
