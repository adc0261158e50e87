import { DownloadOutlined } from '@ant-design/icons';
import { Button, Dropdown } from 'antd';

interface Props {
  /** What is saved, in a word or two. */
  readonly what: string;
  readonly onSave: (as: string) => void;
}

/** As what a drawing is saved. */
export const SaveMenu = ({ what, onSave }: Props) => (
  <Dropdown
    trigger={['click']}
    menu={{
      items: [
        { key: 'svg', label: 'Drawing as SVG' },
        { key: 'png', label: 'Picture as PNG' },
      ],
      onClick: ({ key }) => onSave(key),
    }}
  >
    <Button size="small" type="text" icon={<DownloadOutlined />} aria-label={`Save ${what}`} />
  </Dropdown>
);
