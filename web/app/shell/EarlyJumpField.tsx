import { useLayoutEffect, useRef, useState } from 'react';

/** What was typed before the field that finds anything was there; null where nobody was in it. */
let typed: string | null = null;

/** What was typed so far; null where nobody looks for anything yet. */
export const typedSoFar = (): string | null => typed;

/** The field is there now, and has taken it over. */
export const takenOver = (): void => {
  typed = null;
};

/** Stands for the field that finds anything until it is there: what is typed into it is not lost. */
export function EarlyJumpField() {
  const field = useRef<HTMLInputElement>(null);
  const [text, setText] = useState('');
  useLayoutEffect(() => {
    // One key, before the part that knows keys is there.
    const toField = (event: KeyboardEvent) => {
      const isTyping = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement;
      if (event.key !== '/' || isTyping) return;
      event.preventDefault();
      field.current?.focus();
    };
    document.addEventListener('keydown', toField);
    return () => document.removeEventListener('keydown', toField);
  }, []);
  const look = (now: string) => {
    typed = now;
    setText(now);
  };
  return (
    <input
      ref={field}
      className="shell-jump shell-jump--early"
      value={text}
      placeholder="Find or go to   /"
      aria-label="Find a movement, a class or a place"
      onFocus={() => look(text)}
      onBlur={() => {
        typed = null;
      }}
      onChange={({ target }) => look(target.value)}
    />
  );
}
