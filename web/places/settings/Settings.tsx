import { Alert, App, Button } from 'antd';
import dayjs from 'dayjs';
import { useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { BackupSummary } from '../../../core/formats/api/keepingApi';
import { keepingApi } from '../../app/server/keepingApi';
import { whyRefused } from '../../app/server/problemIn';
import { compareArchive, restoreArchive } from '../../app/server/sendArchive';
import { Notice, Waiting } from '../../app/shell/Notice';
import { BringBack, type Source } from './BringBack';
import { Devices } from './Devices';
import { sizeWords } from './differenceWords';
import { SaveArchive } from './SaveArchive';
import './settings.css';

/** What a backup is called: the day it is of, or what it was kept before. */
function titleOf({ name, madeAt }: BackupSummary): string {
  const made = dayjs(madeAt);
  return name.startsWith('before-restore')
    ? `As it was before something was brought back, ${made.format('D MMMM YYYY, HH:mm')}`
    : made.format('dddd D MMMM YYYY, HH:mm');
}

/** Where the data is and how it is kept: backups, everything as one file, the key. */
export function Settings() {
  const { data, isError, refetch } = keepingApi.useKeepingQuery();
  const [compare] = keepingApi.useLazyBackupDifferenceQuery();
  const [restore] = keepingApi.useRestoreBackupMutation();
  const [backUp, { isLoading: isMaking }] = keepingApi.useBackUpMutation();
  const [params] = useSearchParams();
  const { message } = App.useApp();
  const input = useRef<HTMLInputElement>(null);
  const [source, setSource] = useState<Source | null>(null);
  if (isError && !data) {
    return (
      <Notice action={{ label: 'Try again', onPress: () => void refetch() }}>Vesperum’s server does not answer.</Notice>
    );
  }
  if (!data) return <Waiting />;

  const orInWords = async <Answer,>(asked: Promise<Answer>): Promise<Answer> => {
    try {
      return await asked;
    } catch (error) {
      throw new Error(whyRefused(error));
    }
  };
  const fromBackup = (backup: BackupSummary): Source => ({
    title: `Bring back: ${titleOf(backup)}`,
    compare: () => orInWords(compare(backup.name).unwrap()),
    restore: (agreed) => orInWords(restore({ name: backup.name, agreed }).unwrap()),
  });
  const fromArchive = (file: File): Source => ({
    title: `Bring back: ${file.name}`,
    compare: () => compareArchive(file),
    restore: (agreed) => restoreArchive(file, agreed),
  });
  const makeNow = async () => {
    try {
      const { made } = await backUp().unwrap();
      message.success(made ? 'Backed up.' : 'Nothing has changed since the last backup.');
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  return (
    <div className="place settings">
      <h1>Settings</h1>
      {params.has('back') && (
        <Alert type="success" showIcon closable title="It is back. What was there before is among the backups." />
      )}
      <section aria-labelledby="settings-data">
        <h2 id="settings-data">Your data</h2>
        <p>
          Everything is in one folder on this computer, <code>{data.folder}</code>, {sizeWords(data.bytes)}. Only you
          may look into it. Copy the folder while Vesperum is stopped, or take the archive below, to move to another
          machine.
        </p>
      </section>

      <section aria-labelledby="settings-backups">
        <h2 id="settings-backups">Backups</h2>
        <p>
          Once a day where something changed, when Vesperum starts and after a class was recorded. Kept are seven days,
          four weeks and twelve months.
        </p>
        {data.backups.length === 0 ? (
          <p>There is none yet.</p>
        ) : (
          <ul className="settings-backups">
            {data.backups.map((backup) => (
              <li key={backup.name}>
                <span>{titleOf(backup)}</span>
                <span className="number">{sizeWords(backup.bytes)}</span>
                <Button
                  size="small"
                  aria-label={`Bring back ${titleOf(backup)}`}
                  onClick={() => setSource(fromBackup(backup))}
                >
                  Bring back …
                </Button>
              </li>
            ))}
          </ul>
        )}
        <Button loading={isMaking} onClick={() => void makeNow()}>
          Back up now
        </Button>
      </section>

      <section aria-labelledby="settings-archive">
        <h2 id="settings-archive">Everything as one file</h2>
        <p>A zip with JSON that is read again to the letter, and CSV for a spreadsheet.</p>
        <div className="settings-acts">
          <SaveArchive />
          <Button onClick={() => input.current?.click()}>Bring back from an archive …</Button>
          <input
            ref={input}
            type="file"
            accept=".zip,application/zip"
            hidden
            aria-label="An archive"
            onChange={({ target }) => {
              const [file] = target.files ?? [];
              if (file) setSource(fromArchive(file));
              target.value = '';
            }}
          />
        </div>
      </section>

      <Devices />

      <section aria-labelledby="settings-key">
        <h2 id="settings-key">A computer that several people use</h2>
        {data.hasKey ? (
          <p>
            This house has a key: whoever has not come in by the address that is printed at the start sees nothing of
            it. Without one again: <code>npm start -- --no-key</code>.
          </p>
        ) : (
          <p>
            Everybody who is signed in to this computer can open Vesperum in a browser while it runs. Where that is not
            only you, start it with <code>npm start -- --key</code>: it then prints an address that opens once, and
            knows your browser from then on.
          </p>
        )}
      </section>
      {source && <BringBack source={source} onClose={() => setSource(null)} />}
    </div>
  );
}
