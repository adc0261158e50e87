import { CopyOutlined, DeleteOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { memo } from 'react';
import { useAppDispatch } from '../../app/store';
import { lineDoubled, lineRemoved } from './draft';

interface Props {
  readonly id: string;
  readonly title: string;
}

/** What can be done to a whole line by a tap. */
export const LineActs = memo(function LineActs({ id, title }: Props) {
  const dispatch = useAppDispatch();
  return (
    <div className="line-acts">
      <Button
        type="text"
        size="small"
        icon={<CopyOutlined />}
        tabIndex={-1}
        aria-label={`Duplicate ${title}`}
        onClick={() => dispatch(lineDoubled(id))}
      />
      <Button
        type="text"
        size="small"
        icon={<DeleteOutlined />}
        tabIndex={-1}
        aria-label={`Remove ${title}`}
        onClick={() => dispatch(lineRemoved(id))}
      />
    </div>
  );
});
