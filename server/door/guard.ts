import type { Context, MiddlewareHandler } from 'hono';
import { except } from 'hono/combine';
import { csrf } from 'hono/csrf';
import { secureHeaders } from 'hono/secure-headers';
import { ARCHIVE_PATH, ARCHIVE_TYPE } from '../../core/formats/api/keepingApi';
import { problem } from '../routes/reply/problem';

/** The largest body that is read, in bytes: a class of a thousand lines is well under it. */
export const BODY_LIMIT = 1_048_576;
/** The largest archive: years of use are a tenth of it. */
export const ARCHIVE_LIMIT = 64 * BODY_LIMIT;

/** Whether a request brings an archive, which is no JSON, and larger than anything else. */
export const isArchive = ({ req }: Context): boolean => req.path.startsWith(`${ARCHIVE_PATH}/`);

/** Security headers on everything that goes out: the page may use what comes from this server, and nothing else. */
export const sealed = secureHeaders({
  contentSecurityPolicy: {
    defaultSrc: ["'none'"],
    scriptSrc: ["'self'"],
    // The component library writes its styles at run time; scripts are never inline.
    styleSrc: ["'self'", "'unsafe-inline'"],
    imgSrc: ["'self'", 'data:'],
    fontSrc: ["'self'"],
    connectSrc: ["'self'"],
    workerSrc: ["'self'"],
    manifestSrc: ["'self'"],
    baseUri: ["'none'"],
    formAction: ["'none'"],
    frameAncestors: ["'none'"],
  },
  // This machine's own address is plain http, and stays so.
  strictTransportSecurity: false,
});

/** A script on this machine sends neither of what a browser sends by itself. */
const isScript = ({ req }: Context): boolean =>
  req.header('origin') === undefined && req.header('sec-fetch-site') === undefined;

/** A page that writes must be one of ours; a browser says itself where a request comes from. */
export const ownPagesOnly = except(isScript, csrf());

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

/** A body must say that it is JSON; a form on a foreign page cannot. */
export const jsonOnly: MiddlewareHandler = async (context, next) => {
  const writes = context.req.method === 'POST' || context.req.method === 'PUT';
  const hasBody = Number(context.req.header('content-length') ?? '0') > 0 || context.req.header('transfer-encoding');
  const type = context.req.header('content-type') ?? '';
  const wanted = isArchive(context) ? ARCHIVE_TYPE : 'application/json';
  if (writes && hasBody && type.split(';')[0]?.trim().toLowerCase() !== wanted) {
    return problem(415, `Send it with the content type ${wanted}.`);
  }
  await next();
};
