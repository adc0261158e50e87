import { App, Button, Modal } from 'antd';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { sumBy } from 'remeda';
import { type ReadClass, readClass } from '../../../../core/formats/classJson';
import { usualName } from '../../../../core/movement/schema/movement';
import { classMinutes } from '../../../../core/session/plan/slotTime';
import { timelineOf } from '../../../../core/session/schedule/timeline';
import { minutes } from '../../../../core/words/clockWords';
import { freshId } from '../../../app/machine/freshId';
import { useFetchedRepertoire } from '../../../app/repertoire';
import { api } from '../../../app/server/api';

interface Opened {
  readonly name: string;
  readonly text: string;
  readonly id: string;
  readonly read: ReadClass;
}

/** Opens a class from a file: what it would bring is shown first, and nothing that is here is overwritten. */
export function OpenClass() {
  const input = useRef<HTMLInputElement>(null);
  const [opened, setOpened] = useState<Opened | null>(null);
  const [bring, { isLoading }] = api.useBringSessionMutation();
  const { repertoire } = useFetchedRepertoire();
  const navigate = useNavigate();
  const { message } = App.useApp();
  if (!repertoire) return null;

  const open = async (file: File) => {
    const text = await file.text();
    const id = freshId('class');
    setOpened({ name: file.name, text, id, read: readClass(text, repertoire.find, id) });
  };
  const take = async ({ text, id }: Opened) => {
    const answer = await bring({ text, id });
    if (!answer.data) {
      message.error('The server did not take it. Nothing was changed; try again.');
      return;
    }
    setOpened(null);
    navigate(`/sessions/${answer.data.session.id}`);
  };

  return (
    <>
      <Button onClick={() => input.current?.click()}>Open a file</Button>
      <input
        ref={input}
        type="file"
        hidden
        accept=".json"
        data-testid="class-file"
        aria-label="A file with a class"
        onChange={({ target }) => {
          const file = target.files?.[0];
          if (file) void open(file);
          target.value = '';
        }}
      />
      <Modal
        open={opened !== null}
        title={opened?.read.ok ? opened.read.session.title : `${opened?.name ?? ''} cannot be opened`}
        okText="Add this class"
        confirmLoading={isLoading}
        onOk={() => opened?.read.ok && void take(opened)}
        onCancel={() => setOpened(null)}
        footer={opened?.read.ok ? undefined : <Button onClick={() => setOpened(null)}>Close</Button>}
      >
        {opened && <Contents read={opened.read} find={repertoire.find} />}
      </Modal>
    </>
  );
}

function Contents({ read, find }: { readonly read: ReadClass; readonly find: Parameters<typeof timelineOf>[1] }) {
  if (!read.ok)
    return (
      <>
        <p>Nothing was changed. What is wrong in it:</p>
        <ul className="file-faults">
          {read.problems.map(({ path, message }) => (
            <li key={`${path.join(' ')}${message}`}>
              <strong>{path.join(', ')}</strong> {message}
            </li>
          ))}
        </ul>
      </>
    );
  const { session, brings, renamed } = read;
  const answer = timelineOf(session, (id) => brings.find((one) => one.id === id) ?? find(id));
  const lines = sumBy(session.sections, ({ items }) => items.length);
  return (
    <>
      <p>
        {lines} lines, {answer.ok && minutes(answer.timeline.totalMs)} of {classMinutes(session)} minutes.
      </p>
      <p>
        {brings.length === 0
          ? 'All its movements are here already.'
          : `It brings ${brings.length} ${brings.length === 1 ? 'movement' : 'movements'}: ${brings.map(usualName).join(', ')}.`}
      </p>
      {renamed.length > 0 && (
        <p className="faded">
          {renamed.map(({ from, to }) => `“${from}” differs from the one here and comes as “${to}”`).join('; ')}. What
          is here stays as it is.
        </p>
      )}
    </>
  );
}
