import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { MiddlewareHandler } from 'hono';
import { getCookie, setCookie } from 'hono/cookie';
import { problem } from '../routes/reply/problem';
import { keepFilePrivate } from '../store/file/keepPrivate';

/** The key of a house on a computer that several people use. */
export interface HouseKey {
  /** What a script sends: `Authorization: Bearer` and this. It stands in the file `key` of the data folder. */
  readonly secret: string;
  /** What the address that is printed carries. */
  readonly once: string;
  /** Whether that opens: it does once. */
  opens(carried: string): boolean;
}

const keyFile = (dataFolder: string): string => join(dataFolder, 'key');
const newSecret = (): string => randomBytes(32).toString('base64url');

/**
 * The key of a data folder: made where it is asked for, remembered from then on, taken away where that is asked for.
 * @param asked `--key` or `--no-key`; null for neither
 * @returns null where the house is open to everybody on this computer
 */
export function keyFor(dataFolder: string, asked: 'key' | 'no-key' | null): HouseKey | null {
  const file = keyFile(dataFolder);
  if (asked === 'no-key') rmSync(file, { force: true });
  if (!existsSync(file) && asked !== 'key') return null;
  keepFilePrivate(file);
  const kept = readFileSync(file, 'utf8').trim();
  const secret = kept === '' ? newSecret() : kept;
  if (kept === '') writeFileSync(file, `${secret}\n`);
  const once = newSecret();
  let isUsed = false;
  const opens = (carried: string): boolean => {
    if (isUsed || !isSame(carried, once)) return false;
    isUsed = true;
    return true;
  };
  return { secret, once, opens };
}

const COOKIE = 'vesperum';
/** A browser stays let in for a year. */
const YEAR = 31_536_000;
const digest = (text: string): Buffer => createHash('sha256').update(text).digest();
const isSame = (a: string, b: string): boolean => timingSafeEqual(digest(a), digest(b));
/** What the cookie carries: not the key itself, which scripts send. */
const cookieOf = ({ secret }: HouseKey): string => digest(`cookie ${secret}`).toString('base64url');

/** The path of the address that is printed. */
export const ENTRY = '/enter';

const CLOSED = `<!doctype html><html lang="en"><meta charset="utf-8"><title>Vesperum</title>
<style>body{font:1.1rem/1.5 serif;max-width:34em;margin:15vh auto;padding:0 1em}</style>
<h1>This house has a key</h1>
<p>Open it with the address that Vesperum printed in the window it was started from. The address works once; after that this browser
is known. For another browser, start Vesperum again: it prints a new one.</p>`;

/**
 * Lets in who has the key: a browser with the cookie, a script with the key itself. The address that is printed changes what it
 * carries for the cookie, once. Everything of the API but its health wants it, and so do the pages.
 */
export function keyOnly(key: HouseKey): MiddlewareHandler {
  return async (context, next) => {
    const { path } = context.req;
    if (path === ENTRY) {
      if (!key.opens(context.req.query('key') ?? '')) return context.html(CLOSED, 401);
      const asCookie = { path: '/', httpOnly: true, sameSite: 'Strict', maxAge: YEAR } as const;
      setCookie(context, COOKIE, cookieOf(key), asCookie);
      return context.redirect('/');
    }
    const [, sent] = /^Bearer (\S+)$/.exec(context.req.header('authorization') ?? '') ?? [];
    const isKnown =
      (sent !== undefined && isSame(sent, key.secret)) || isSame(getCookie(context, COOKIE) ?? '', cookieOf(key));
    if (isKnown || path === '/api/health' || path.startsWith('/assets/')) return next();
    if (path.startsWith('/api/'))
      return problem(401, 'This house has a key. Open it with the address that was printed when Vesperum was started.');
    return context.html(CLOSED, 401);
  };
}
