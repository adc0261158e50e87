import { Alert, Button, Modal } from 'antd';
import { useEffect, useState } from 'react';
import type { BroughtBack, TableDifference } from '../../../core/formats/api/keepingApi';
import { differenceWords } from './differenceWords';

/** Something that can be brought back: what would change, and how it is done. */
export interface Source {
  readonly title: string;
  compare(): Promise<readonly TableDifference[]>;
  restore(): Promise<BroughtBack>;
}

interface Props {
  readonly source: Source;
  readonly onClose: () => void;
}

const wordsOf = (error: unknown): string => (error instanceof Error ? error.message : 'It could not be read.');

/** Says what would change before anything does; what is there is kept as a copy. */
export function BringBack({ source, onClose }: Props) {
  const [differences, setDifferences] = useState<readonly TableDifference[] | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);

  useEffect(() => {
    let isGone = false;
    source
      .compare()
      .then((found) => !isGone && setDifferences(found))
      .catch((error: unknown) => !isGone && setFailure(wordsOf(error)));
    return () => {
      isGone = true;
    };
  }, [source]);

  const restore = async () => {
    setBusy(true);
    try {
      await source.restore();
      // Everything that is on the screen or kept in the tab is of before.
      window.location.assign('/settings?back=1');
    } catch (error) {
      setFailure(wordsOf(error));
      setBusy(false);
    }
  };
  const changes = differences ? differenceWords(differences) : [];
  return (
    <Modal
      open
      title={source.title}
      onCancel={onClose}
      footer={[
        <Button key="leave" autoFocus onClick={onClose}>
          Leave everything as it is
        </Button>,
        changes.length > 0 && failure === null && (
          <Button key="back" danger loading={isBusy} onClick={() => void restore()}>
            Bring it back
          </Button>
        ),
      ]}
    >
      {failure !== null && <Alert type="error" showIcon role="alert" title={failure} />}
      {failure === null && differences === null && <p role="status">Reading it through …</p>}
      {failure === null && differences !== null && changes.length === 0 && <p>It holds the same as is here now.</p>}
      {failure === null && changes.length > 0 && (
        <>
          <p>What would change:</p>
          <ul>
            {changes.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
          <p>A copy of everything as it is now is kept among the backups first.</p>
        </>
      )}
    </Modal>
  );
}
