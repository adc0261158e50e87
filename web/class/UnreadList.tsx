import { Button } from 'antd';
import type { Unread } from '../../core/formats/api/api';
import { download } from '../app/machine/download';

interface Props {
  readonly unread: readonly Unread[];
  /** Erases somebody who cannot be read; where it is not given, nobody is erased here. */
  readonly onErase?: (id: string) => void;
}

/** What cannot be read, each with what is wrong with it, and their text to be saved. */
export function UnreadList({ unread, onErase }: Props) {
  const save = () =>
    download(
      new Blob([JSON.stringify(unread, null, 2)], { type: 'application/json' }),
      `vesperum-not-read-${unread.length}.json`,
    );
  return (
    <>
      <ul>
        {unread.map(({ kind, id, why }) => (
          <li key={`${kind} ${id}`}>
            The {kind} “{id}”: {why}{' '}
            {kind === 'person' && onErase && (
              <Button size="small" danger onClick={() => onErase(id)}>
                Erase this person
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Button onClick={save}>Save their text</Button>
    </>
  );
}
