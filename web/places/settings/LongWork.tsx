import { Progress } from 'antd';
import type { KeepingProgress } from '../../../core/formats/api/keepingApi';
import { keepingApi } from '../../app/server/keepingApi';

const WORDS: Readonly<Record<KeepingProgress['step'], string>> = {
  waiting: 'Waiting for a backup to finish',
  packing: 'Packing',
  unpacking: 'Unpacking',
  copying: 'Copying',
  comparing: 'Comparing with what is here',
  reading: 'Checking every row',
};

/** How often it is asked how far it is, milliseconds. */
const EVERY_MS = 400;

/** How far the server is with what goes through all of the data. */
export function LongWork() {
  const { data } = keepingApi.useUnderwayQuery(undefined, { pollingInterval: EVERY_MS });
  const underway = data?.underway ?? null;
  const words = underway ? WORDS[underway.step] : 'Working';
  return (
    <div className="long-work">
      <p role="status">{words} …</p>
      <Progress percent={Math.floor((underway?.share ?? 0) * 100)} size="small" aria-label={words} />
    </div>
  );
}
