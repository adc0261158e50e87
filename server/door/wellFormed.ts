import type { MiddlewareHandler } from 'hono';
import { problem } from '../routes/reply/problem';

/** Names that every object has already: as a key they mean something else than what was written. */
const TAKEN = new Set(['__proto__', 'constructor', 'prototype']);
/** Only a text with one of these has to be looked through. */
const SUSPICIOUS = /\\u(0000|d[89a-f])|"(__proto__|constructor|prototype)"\s*:/i;

interface Fault {
  readonly path: (string | number)[];
  readonly message: string;
}

function wordsFor(text: string): string | null {
  if (text.includes('\0')) return 'holds a character that is none (NUL)';
  return text.isWellFormed() ? null : 'holds half a character (a lone surrogate)';
}

/** What in a JSON value is no text, or a name that may not be one; not deeper in the call stack however deep the value is. */
export function malformedIn(value: unknown): Fault | null {
  const waiting: { readonly value: unknown; readonly path: (string | number)[] }[] = [{ value, path: [] }];
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    const { path } = next;
    if (typeof next.value === 'string') {
      const message = wordsFor(next.value);
      if (message) return { path, message };
    }
    if (typeof next.value !== 'object' || next.value === null) continue;
    for (const [key, inner] of Object.entries(next.value)) {
      const message = TAKEN.has(key) ? 'no field has this name' : wordsFor(key);
      // A path that is deeper than anything of ours says enough by its beginning.
      const at = path.length < 20 ? [...path, Array.isArray(next.value) ? Number(key) : key] : path;
      if (message) return { path: at, message };
      waiting.push({ value: inner, path: at });
    }
  }
  return null;
}

/** Refuses a body with text that could not be written down and read again as it was, before any route reads it. */
export const wellFormed: MiddlewareHandler = async (context, next) => {
  const { method } = context.req;
  if (method === 'POST' || method === 'PUT') {
    const text = await context.req.text();
    if (SUSPICIOUS.test(text)) {
      let written: unknown;
      try {
        written = JSON.parse(text);
      } catch {
        return next();
      }
      const fault = malformedIn(written);
      if (fault) return problem(422, 'Something in this request is not as it should be.', { errors: [fault] });
    }
  }
  return next();
};
