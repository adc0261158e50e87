import { CopyOutlined, DeleteOutlined } from '@ant-design/icons';
import { Button, Checkbox } from 'antd';
import { memo } from 'react';
import { useAppDispatch } from '../../../../app/store';
import { lineDoubled, lineRemoved } from '../../draft/draft';
import { chosenToo } from '../../draft/hand';

interface Props {
  readonly id: string;
  readonly title: string;
  readonly isChosen: boolean;
}

/** What can be done to a whole line by a tap. */
export const LineActs = memo(function LineActs({ id, title, isChosen }: Props) {
  const dispatch = useAppDispatch();
  return (
    <div className="line-acts">
      <Checkbox
        checked={isChosen}
        tabIndex={-1}
        aria-label={`Choose ${title} with others`}
        onChange={() => dispatch(chosenToo(id))}
      />
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
