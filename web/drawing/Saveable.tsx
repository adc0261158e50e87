import { DownloadOutlined } from '@ant-design/icons';
import { Button, Dropdown } from 'antd';
import { type ReactNode, useRef } from 'react';
import { savePng, saveSvg } from './saveDrawing';
import './drawing.css';

interface Props {
  readonly children: ReactNode;
  /** The name of the file, without its ending. */
  readonly name: string;
  /** What is saved, in a word or two. */
  readonly what: string;
}

/** Drawings that can be saved as a file, all of them together as they stand. */
export function Saveable({ children, name, what }: Props) {
  const part = useRef<HTMLDivElement>(null);
  const save = (as: string) => {
    if (!part.current) return;
    if (as === 'svg') saveSvg(part.current, name);
    else void savePng(part.current, name);
  };
  return (
    <div className="saveable">
      <div ref={part}>{children}</div>
      <Dropdown
        trigger={['click']}
        menu={{
          items: [
            { key: 'svg', label: 'Drawing as SVG' },
            { key: 'png', label: 'Picture as PNG' },
          ],
          onClick: ({ key }) => save(key),
        }}
      >
        <Button size="small" type="text" icon={<DownloadOutlined />} aria-label={`Save ${what}`} />
      </Dropdown>
    </div>
  );
}
