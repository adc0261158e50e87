import { type ReactNode, useEffect, useRef } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import './beside.css';

interface Props {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** Something laid over the class while it goes on: one press opens it, Escape or one press closes it, and the keys go back to the class. */
export function Beside({ title, onClose, children }: Props) {
  const close = useRef<HTMLButtonElement>(null);
  useEffect(() => close.current?.focus(), []);
  useHotkeys('escape', onClose);
  return (
    <div className="teach-beside-sheet" role="dialog" aria-label={title}>
      <header>
        <h2>{title}</h2>
        <button type="button" className="teach-press" ref={close} onClick={onClose}>
          Close
        </button>
      </header>
      {children}
    </div>
  );
}
