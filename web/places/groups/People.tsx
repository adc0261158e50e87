import { App, Button, Input } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { comingOf } from '../../../core/group/attendance';
import { comesOn, type Person } from '../../../core/group/person';
import { isOld, type Need, needWords } from '../../../core/needs/need';
import { today } from '../../app/machine/clock';
import { freshId } from '../../app/machine/freshId';
import { api } from '../../app/server/api';
import { whyRefused } from '../../app/server/problemIn';
import type { Save } from '../../app/server/saveOver';
import { useSaveOver } from '../../app/server/useSaveOver';
import { lazyPart } from '../../app/shell/lazyPart';
import { Notice, Waiting } from '../../app/shell/Notice';
import { dayInWords } from '../../app/words';
import { useComing } from '../../class/people/useComing';
import { Attendance } from './Attendance';
import { KnownStrip } from './KnownStrip';
import './people.css';

const Forget = lazyPart(async () => (await import('./Forget')).Forget, { what: 'Forgetting' });

const PracticeSlip = lazyPart(async () => (await import('./PracticeSlip')).PracticeSlip, {
  what: 'Practice between classes',
});

const NeedsDialog = lazyPart(async () => (await import('./NeedsDialog')).NeedsDialog, { what: 'What to mind' });

/** Who comes to a group, by what they are called, and who came to what. */
export function People() {
  const { id = '' } = useParams();
  const { data, isError, refetch } = api.usePeopleQuery(id);
  const { data: groups } = api.useGroupsQuery();
  const { data: sessions = [] } = api.useSessionsQuery();
  const coming = useComing(id);
  // What they know, and who is expected, stands over the people.
  const over = [api.useGroupsQuery(), api.useSessionsQuery(), api.useLogsQuery(), api.useCoursesQuery()];
  const [put] = api.usePutPersonMutation();
  const save = useSaveOver((of: Save<Person>) => put(of).unwrap());
  const { message } = App.useApp();
  const [called, setCalled] = useState('');
  const [forgotten, setForgotten] = useState<Person | null>(null);
  const [isSlip, setSlip] = useState(false);
  const [minded, setMinded] = useState<Person | null>(null);
  if (isError && !data) {
    return (
      <Notice action={{ label: 'Try again', onPress: () => void refetch() }}>Vesperum’s server does not answer.</Notice>
    );
  }
  if (!data || over.some(({ isLoading }) => isLoading)) return <Waiting />;
  const { people, came } = data;
  const group = groups?.find((one) => one.id === id);
  const dayOf = (sessionId: string) => sessions.find((one) => one.id === sessionId)?.date ?? null;
  const now = coming?.on(today());

  const write = async (person: Person, basedOn: Person | null) => {
    try {
      await save({ thing: person, basedOn });
      return true;
    } catch (error) {
      message.error(whyRefused(error));
      return false;
    }
  };
  const add = async () => {
    const name = called.trim();
    if (name === '') return;
    const person: Person = {
      id: freshId('person'),
      groupId: id,
      called: name,
      since: today(),
      until: null,
      needs: [],
      formSeen: null,
    };
    if (await write(person, null)) setCalled('');
  };
  return (
    <div className="place people">
      <header>
        <p>
          <Link to="/groups">Groups</Link>
        </p>
        <h1>{group ? `Who comes: ${group.name}` : 'Who comes'}</h1>
        <p className="faded">
          {now && now.belong > 0
            ? `${now.belong} belong to it; about ${now.expected} are to be expected.`
            : 'Nobody is written down yet.'}{' '}
          What they are called and what to do for them is all that is kept, in this database only.{' '}
          {group?.papers || 'Forms and contacts belong on paper, with whoever provides the class.'}
        </p>
      </header>
      <form
        className="people-add"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <Input
          aria-label="What are they called in the hall?"
          placeholder="What are they called in the hall?"
          maxLength={60}
          value={called}
          onChange={({ target }) => setCalled(target.value)}
        />
        <Button htmlType="submit" disabled={called.trim() === ''}>
          Add
        </Button>
      </form>
      <ul className="people-list">
        {people.map((person) => {
          const { came: times, of } = comingOf(person, coming?.classes ?? []);
          const isHere = comesOn(person, today());
          return (
            <li key={person.id}>
              <Input
                key={person.called}
                variant="borderless"
                className="name"
                aria-label={`What ${person.called} is called`}
                defaultValue={person.called}
                maxLength={60}
                onBlur={({ target }) => {
                  const name = target.value.trim();
                  if (name !== '' && name !== person.called) void write({ ...person, called: name }, person);
                }}
                onPressEnter={({ currentTarget }) => currentTarget.blur()}
              />
              <span className="faded">
                {isHere ? `since ${dayInWords(person.since, today())}` : `until ${dayInWords(person.until, today())}`}
                {of > 0 && `, came to ${times} of ${of}`}
                <NeedsSaid needs={person.needs} />
              </span>
              <Button size="small" onClick={() => setMinded(person)} aria-label={`What to mind for ${person.called}`}>
                To mind …
              </Button>
              <Button
                size="small"
                onClick={() => void write({ ...person, until: isHere ? today() : null }, person)}
                aria-label={isHere ? `${person.called} comes no more` : `${person.called} comes again`}
              >
                {isHere ? 'Comes no more' : 'Comes again'}
              </Button>
              <Button
                size="small"
                type="text"
                danger
                onClick={() => setForgotten(person)}
                aria-label={`Forget ${person.called}`}
              >
                Forget …
              </Button>
            </li>
          );
        })}
      </ul>
      <p>
        <Button onClick={() => setSlip(true)}>Practice between classes …</Button>
      </p>
      <KnownStrip groupId={id} />
      <Attendance people={people} came={came} dayOf={dayOf} />
      {isSlip && (
        <PracticeSlip
          groupId={id}
          people={people.filter((person) => comesOn(person, today()))}
          came={came}
          onClose={() => setSlip(false)}
        />
      )}
      {minded && (
        <NeedsDialog person={minded} onSave={(person) => write(person, minded)} onClose={() => setMinded(null)} />
      )}
      {forgotten && <Forget person={forgotten} onClose={() => setForgotten(null)} />}
    </div>
  );
}

/** What to mind for somebody in a few words, what is old told apart. */
function NeedsSaid({ needs }: { readonly needs: readonly Need[] }) {
  if (needs.length === 0) return null;
  return (
    <span className="people-needs">
      {needs.map((need) => (
        <span key={need.kind} className={isOld(need, today()) ? 'needs-old' : ''}>
          {needWords(need)}
          {isOld(need, today()) && ' (old: ask again)'}
        </span>
      ))}
    </span>
  );
}
