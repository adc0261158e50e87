import { Button } from 'antd';
import type { ReactNode } from 'react';
import './notice.css';

interface Props {
  readonly children: ReactNode;
  readonly action?: { readonly label: string; readonly onPress: () => void };
}

/** A place with nothing in it, or that cannot be shown: one sentence and one action. */
export const Notice = ({ children, action }: Props) => (
  <div className="notice" role="status">
    <p>{children}</p>
    {action && (
      <Button type="primary" onClick={action.onPress}>
        {action.label}
      </Button>
    )}
  </div>
);

/** Shown while something is fetched; appears only when it takes a noticeable while. */
export const Waiting = () => (
  <div className="notice notice--late" role="status">
    <p className="faded">One moment.</p>
  </div>
);
