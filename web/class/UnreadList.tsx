import { Button } from 'antd';
import type { Unread } from '../../core/formats/api/api';
import { download } from '../app/machine/download';

/** What cannot be read, each with what is wrong with it, and their text to be saved. */
export function UnreadList({ unread }: { readonly unread: readonly Unread[] }) {
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
            The {kind} “{id}”: {why}
          </li>
        ))}
      </ul>
      <Button onClick={save}>Save their text</Button>
    </>
  );
}
