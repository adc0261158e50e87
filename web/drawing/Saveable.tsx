import { type ReactNode, useRef } from 'react';
import { lazyPart } from '../app/shell/lazyPart';
import { savePng, saveSvg } from './saveDrawing';
import './drawing.css';

/** Nobody saves a drawing before it stands. */
const SaveMenu = lazyPart(async () => (await import('./SaveMenu')).SaveMenu, {
  what: 'Saving it',
  whenIdle: true,
});

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
      <SaveMenu what={what} onSave={save} />
    </div>
  );
}
