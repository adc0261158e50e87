import { App, Button } from 'antd';
import { useRef, useState } from 'react';
import { download } from '../../app/machine/download';
import { keepingApi } from '../../app/server/keepingApi';
import { fetchArchive } from '../../app/server/sendArchive';
import { LongWork } from './LongWork';

/** Saves everything as one file; after years of use packing it takes a while, and can be cancelled. */
export function SaveArchive() {
  const { message } = App.useApp();
  const [cancelUnderway] = keepingApi.useCancelUnderwayMutation();
  const [isBusy, setBusy] = useState(false);
  const isCancelled = useRef(false);
  const save = async () => {
    isCancelled.current = false;
    setBusy(true);
    try {
      const { content, name } = await fetchArchive();
      if (!isCancelled.current) download(content, name);
    } catch (error) {
      if (!isCancelled.current) message.error(error instanceof Error ? error.message : 'It could not be saved.');
    } finally {
      setBusy(false);
    }
  };
  const cancel = () => {
    isCancelled.current = true;
    void cancelUnderway();
  };
  return (
    <>
      <Button disabled={isBusy} onClick={() => void save()}>
        Save archive
      </Button>
      {isBusy && (
        <div className="settings-underway">
          <LongWork />
          <Button onClick={cancel}>Cancel</Button>
        </div>
      )}
    </>
  );
}
