import { Modal } from 'antd';
import { LongList } from '../fields/LongList';
import { SideBySide } from './SideBySide';
import type { Offered } from './useReplan';

interface Props {
  readonly offered: Offered | null;
  readonly onKeep: () => void;
  readonly onDismiss: () => void;
}

/** Another plan, as what it does otherwise, before it is kept. */
export function OfferedPlan({ offered, onKeep, onDismiss }: Props) {
  return (
    <Modal
      open={offered !== null}
      title="What would be different"
      okText="Keep it"
      cancelText="Leave it as it is"
      width={640}
      onCancel={onDismiss}
      onOk={onKeep}
    >
      {offered?.changes.length === 0 && <p>Nothing: the plan stays as it is.</p>}
      {offered?.within && <p className="faded">{offered.within}</p>}
      <LongList>
        {offered?.changes.map(({ thread, what }) => (
          <li key={thread.id + what}>
            <span className="name">{thread.title}</span>: {what}
          </li>
        ))}
      </LongList>
      {offered && <SideBySide {...offered.summaries} />}
    </Modal>
  );
}
