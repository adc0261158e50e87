import type { MiddlewareHandler } from 'hono';
import { problem } from './routes/problem';

/** The largest body that is read, in bytes: a class of a thousand lines is well under it. */
export const BODY_LIMIT = 1_048_576;

const POLICY = [
  "default-src 'none'",
  "script-src 'self'",
  // The component library writes its styles at run time; scripts are never inline.
  "style-src 'self' 'unsafe-inline'",
  "img-src 'self' data:",
  "font-src 'self'",
  "connect-src 'self'",
  "worker-src 'self'",
  "manifest-src 'self'",
  "base-uri 'none'",
  "form-action 'none'",
  "frame-ancestors 'none'",
].join('; ');

const LOCAL_HOST = /^(127\.0\.0\.1|localhost)(:\d+)?$/;

/**
 * Lets only this machine in, whatever name a page elsewhere may have pointed at it: the Host must be a local one, and a
 * page that writes must be one of ours. A script on this machine sends no Origin and is let in.
 */
export const localOnly: MiddlewareHandler = async (context, next) => {
  const host = context.req.header('host') ?? '';
  if (!LOCAL_HOST.test(host)) return problem(421, 'This server answers only to its own address on this machine.');
  const origin = context.req.header('origin');
  if (origin !== undefined && origin !== `http://${host}`) {
    return problem(403, 'Pages from other addresses may not use this server.');
  }
  await next();
};

/** Security headers on everything that goes out. */
export const sealed: MiddlewareHandler = async (context, next) => {
  await next();
  context.header('Content-Security-Policy', POLICY);
  context.header('X-Content-Type-Options', 'nosniff');
  context.header('Referrer-Policy', 'no-referrer');
  context.header('Cross-Origin-Opener-Policy', 'same-origin');
  context.header('Cross-Origin-Resource-Policy', 'same-origin');
};

/** A body must say that it is JSON; a form on a foreign page cannot. */
export const jsonOnly: MiddlewareHandler = async (context, next) => {
  const writes = context.req.method === 'POST' || context.req.method === 'PUT';
  const hasBody = Number(context.req.header('content-length') ?? '0') > 0 || context.req.header('transfer-encoding');
  if (writes && hasBody && !/^application\/json\b/i.test(context.req.header('content-type') ?? '')) {
    return problem(415, 'Send JSON, with the content type application/json.');
  }
  await next();
};
