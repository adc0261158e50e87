import { Alert, Button } from 'antd';
import { download } from '../../app/machine/download';
import { api } from '../../app/server/api';

/** What of the store this version cannot read: named, left out of everything, and its text to be saved. Nothing where all is well. */
export function UnreadNote() {
  const { data = [] } = api.useUnreadQuery();
  if (data.length === 0) return null;
  const save = () =>
    download(
      new Blob([JSON.stringify(data, null, 2)], { type: 'application/json' }),
      `vesperum-not-read-${data.length}.json`,
    );
  return (
    <Alert
      className="unread-note"
      type="warning"
      showIcon
      title={
        data.length === 1
          ? 'One thing that was kept here cannot be read by this version.'
          : `${data.length} things that were kept here cannot be read by this version.`
      }
      description={
        <>
          <p>They are left out of everything, and stand in the store as they stood. Everything else works.</p>
          <ul>
            {data.map(({ kind, id, why }) => (
              <li key={`${kind} ${id}`}>
                The {kind} “{id}”: {why}
              </li>
            ))}
          </ul>
          <Button onClick={save}>Save their text</Button>
        </>
      }
    />
  );
}
