import type { ReactNode } from 'react';
import './fields.css';

/** A list that may be longer than there is room for: it scrolls by itself, and by the keyboard. */
export function LongList({ children }: { readonly children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by the keyboard.
    <ul className="long-list" tabIndex={0}>
      {children}
    </ul>
  );
}
