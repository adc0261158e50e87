import { App, Button, Input, Upload } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { BroughtRecord } from '../../../core/formats/pocket/pocketApi';
import { PocketRecord } from '../../../core/formats/pocket/pocketClass';
import { readJson } from '../../../core/formats/readJson';
import { logbookApi } from '../../app/server/logbookApi';
import { problemIn } from '../../app/server/problemIn';

/** A class that was taught from its file: its code typed in, or its record opened. Brought twice, it is one record. */
export function BringBack() {
  const [bring, { isLoading }] = logbookApi.useBringRecordMutation();
  const [code, setCode] = useState('');
  const [refused, setRefused] = useState<string | null>(null);
  const navigate = useNavigate();
  const { message } = App.useApp();
  const take = async (brought: BroughtRecord) => {
    setRefused(null);
    const answer = await bring(brought);
    if (answer.error) {
      const problem = problemIn(answer.error);
      setRefused(
        problem?.errors?.map((one) => one.message).join(' ') ?? problem?.title ?? 'The server does not answer.',
      );
      return;
    }
    if (!answer.data.isNew) message.info('It was written down before; nothing is doubled.');
    navigate(`/logbook/${answer.data.log.id}`);
  };
  const open = async (file: File) => {
    const read = readJson(await file.text(), PocketRecord);
    if (read.ok) await take({ record: read.written });
    else setRefused(read.problems.map(({ path, message: why }) => `${path.join('.') || 'The file'}: ${why}`).join(' '));
  };
  return (
    <form
      className="bring-back"
      onSubmit={(event) => {
        event.preventDefault();
        void take({ code });
      }}
    >
      <label htmlFor="bring-code">A class that was carried in a file</label>
      <Input
        id="bring-code"
        placeholder="its code"
        maxLength={80}
        value={code}
        status={refused ? 'error' : ''}
        aria-describedby="bring-refused"
        onChange={({ target }) => setCode(target.value)}
      />
      <Button htmlType="submit" loading={isLoading} disabled={code.trim() === ''}>
        Write it down
      </Button>
      <Upload
        accept=".json"
        showUploadList={false}
        beforeUpload={(file) => {
          void open(file);
          return false;
        }}
      >
        <Button>Open its record</Button>
      </Upload>
      <p id="bring-refused" role="alert">
        {refused}
      </p>
    </form>
  );
}
