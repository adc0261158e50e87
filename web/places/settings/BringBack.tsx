import { Alert, Button, Modal } from 'antd';
import { useEffect, useState } from 'react';
import type { BroughtBack, Comparison } from '../../../core/formats/api/keepingApi';
import { keepingApi } from '../../app/server/keepingApi';
import { UnreadList } from '../../class/UnreadList';
import { differenceWords } from './differenceWords';
import { LongWork } from './LongWork';

/** Something that can be brought back: what would change, and how it is done. */
export interface Source {
  readonly title: string;
  compare(): Promise<Comparison>;
  /** @param agreed so many rows that cannot be read were seen, and may come along */
  restore(agreed: number): Promise<BroughtBack>;
}

interface Props {
  readonly source: Source;
  readonly onClose: () => void;
}

const wordsOf = (error: unknown): string => (error instanceof Error ? error.message : 'It could not be read.');

/** Says what would change before anything does; what is there is kept as a copy. */
export function BringBack({ source, onClose }: Props) {
  const [comparison, setComparison] = useState<Comparison | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);

  useEffect(() => {
    let isGone = false;
    source
      .compare()
      .then((found) => !isGone && setComparison(found))
      .catch((error: unknown) => !isGone && setFailure(wordsOf(error)));
    return () => {
      isGone = true;
    };
  }, [source]);

  const [cancelUnderway] = keepingApi.useCancelUnderwayMutation();
  const isWorking = isBusy || (comparison === null && failure === null);
  const leave = () => {
    if (isWorking) void cancelUnderway();
    onClose();
  };

  const { tables, unread } = comparison ?? { tables: [], unread: [] };
  const changes = differenceWords(tables);
  const restore = async () => {
    setBusy(true);
    try {
      await source.restore(unread.length);
      // Everything that is on the screen or kept in the tab is of before.
      window.location.assign('/settings?back=1');
    } catch (error) {
      setFailure(wordsOf(error));
      setBusy(false);
    }
  };

  return (
    <Modal
      open
      title={source.title}
      onCancel={leave}
      footer={[
        <Button key="leave" autoFocus onClick={leave}>
          Leave everything as it is
        </Button>,
        changes.length > 0 && failure === null && (
          <Button key="back" danger loading={isBusy} onClick={() => void restore()}>
            {unread.length > 0 ? 'Bring the rest back' : 'Bring it back'}
          </Button>
        ),
      ]}
    >
      {failure !== null && <Alert type="error" showIcon role="alert" title={failure} />}
      {isWorking && <LongWork />}
      {failure === null && comparison !== null && changes.length === 0 && <p>It holds the same as is here now.</p>}
      {failure === null && changes.length > 0 && (
        <>
          <p>What would change:</p>
          <ul>
            {changes.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
          {unread.length > 0 && (
            <Alert
              className="bring-back-unread"
              type="warning"
              showIcon
              title={`${unread.length === 1 ? 'One thing in it' : `${unread.length} things in it`} can’t be read by this version.`}
              description={
                <>
                  <p>
                    {unread.length === 1 ? 'It comes' : 'They come'} along word for word, but{' '}
                    {unread.length === 1 ? 'shows' : 'show'} nowhere. Everything else works.
                  </p>
                  <UnreadList unread={unread} />
                </>
              }
            />
          )}
          <p>A copy of everything as it is now is kept among the backups first.</p>
        </>
      )}
    </Modal>
  );
}
