import { Alert } from 'antd';
import { api } from '../../app/server/api';
import { UnreadList } from '../../class/UnreadList';

/** What of the store this version cannot read: named, left out of everything, and its text to be saved. Nothing where all is well. */
export function UnreadNote() {
  const { data = [] } = api.useUnreadQuery();
  if (data.length === 0) return null;
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
          <UnreadList unread={data} />
        </>
      }
    />
  );
}
