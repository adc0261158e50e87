import { Alert, App } from 'antd';
import { api } from '../../app/server/api';
import { forgetAnswers } from '../../app/server/keptAnswer';
import { whyRefused } from '../../app/server/problemIn';
import { UnreadList } from '../../class/UnreadList';

/** What of the store this version cannot read: named, left out of everything, and its text to be saved. Nothing where all is well. */
export function UnreadNote() {
  const { data = [] } = api.useUnreadQuery();
  const [forget] = api.useForgetPersonMutation();
  const { message } = App.useApp();
  const erase = async (id: string) => {
    try {
      await forget(id).unwrap();
      await forgetAnswers();
      message.success('Erased.');
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
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
          <UnreadList unread={data} onErase={(id) => void erase(id)} />
        </>
      }
    />
  );
}
