import { CopyOutlined, DeleteOutlined } from '@ant-design/icons';
import { Button, Checkbox } from 'antd';
import { memo } from 'react';
import { useAppDispatch } from '../../../../app/store';
import { chosenToo } from '../../draft/hand';
import { useEdits } from '../../draft/useEdits';

interface Props {
  readonly id: string;
  readonly title: string;
  readonly isChosen: boolean;
}

/** What can be done to a whole line by a tap. */
export const LineActs = memo(function LineActs({ id, title, isChosen }: Props) {
  const dispatch = useAppDispatch();
  const edit = useEdits();
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
        onClick={() => edit([{ kind: 'double', itemId: id }])}
      />
      <Button
        type="text"
        size="small"
        icon={<DeleteOutlined />}
        tabIndex={-1}
        aria-label={`Remove ${title}`}
        onClick={() => edit([{ kind: 'remove', itemIds: [id] }])}
      />
    </div>
  );
});
