import { Alert, App, Button } from 'antd';
import dayjs from 'dayjs';
import { keepingApi } from '../../app/server/keepingApi';
import { whyRefused } from '../../app/server/problemIn';

/** That the last backup failed, why, and a way to try again. Nothing where it did not. */
export function BackupNote() {
  const { data } = keepingApi.useKeepingQuery(undefined, { refetchOnMountOrArgChange: true });
  const [backUp, { isLoading }] = keepingApi.useBackUpMutation();
  const { message } = App.useApp();
  if (!data?.failure) return null;
  const again = async () => {
    try {
      await backUp().unwrap();
      message.success('Backed up.');
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  return (
    <Alert
      className="unread-note"
      type="warning"
      showIcon
      title={`The backup at ${dayjs(data.failure.at).format('HH:mm')} failed.`}
      description={
        <>
          <p>{data.failure.why}</p>
          <p>Until one succeeds, the newest backup is an older one.</p>
          <Button size="small" loading={isLoading} onClick={() => void again()}>
            Back up now
          </Button>
        </>
      }
    />
  );
}
