import { App, Button, Dropdown, Modal } from 'antd';
import { useRef, useState } from 'react';
import { api } from '../../../app/server/api';
import { problemIn } from '../../../app/server/problemIn';

interface Refused {
  readonly name: string;
  readonly title: string;
  readonly faults: readonly { readonly path: readonly (string | number)[]; readonly message: string }[];
}

const counted = (n: number, what: string): string => `${n} ${what}`;

/** The repertoire as files, out and in. */
export function MovementFiles() {
  const { message } = App.useApp();
  const input = useRef<HTMLInputElement>(null);
  const [read] = api.useReadMovementsMutation();
  const [refused, setRefused] = useState<Refused | null>(null);

  const open = async (file: File) => {
    const format = file.name.toLowerCase().endsWith('.csv') ? ('csv' as const) : ('json' as const);
    const answer = await read({ format, text: await file.text() });
    if (answer.data) {
      const { added, changed, same } = answer.data;
      void message.success(
        [counted(added, 'added'), counted(changed, 'changed'), counted(same, 'as they were')].join(', '),
      );
      return;
    }
    const problem = problemIn(answer.error);
    setRefused({
      name: file.name,
      title: problem?.title ?? 'The server could not be asked. Nothing was changed; try again.',
      faults: problem?.errors ?? [],
    });
  };

  return (
    <>
      <Dropdown
        autoFocus
        trigger={['click']}
        menu={{
          items: [
            {
              key: 'json',
              label: (
                <a href="/api/movements/file?format=json" download="movements.json">
                  Save all as JSON
                </a>
              ),
            },
            {
              key: 'csv',
              label: (
                <a href="/api/movements/file?format=csv" download="movements.csv">
                  Save the table as CSV
                </a>
              ),
            },
            { type: 'divider' },
            { key: 'open', label: 'Read a file', onClick: () => input.current?.click() },
          ],
        }}
      >
        <Button>Files</Button>
      </Dropdown>
      <input
        ref={input}
        type="file"
        hidden
        accept=".json,.csv"
        data-testid="movement-file"
        aria-label="A file of movements"
        onChange={({ target }) => {
          const file = target.files?.[0];
          if (file) void open(file);
          target.value = '';
        }}
      />
      <Modal
        open={refused !== null}
        title={refused ? `${refused.name} was not read` : ''}
        onCancel={() => setRefused(null)}
        footer={<Button onClick={() => setRefused(null)}>Close</Button>}
      >
        <p>{refused?.title}</p>
        <ul className="file-faults">
          {refused?.faults.slice(0, 20).map(({ path, message: what }) => (
            <li key={`${path.join(' ')}${what}`}>
              <strong>{path.join(', ')}</strong>: {what}
            </li>
          ))}
        </ul>
        {(refused?.faults.length ?? 0) > 20 && <p className="faded">And {(refused?.faults.length ?? 0) - 20} more.</p>}
      </Modal>
    </>
  );
}
