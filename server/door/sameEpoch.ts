import type { MiddlewareHandler } from 'hono';
import { EPOCH_HEADER } from '../../core/formats/api/epoch';
import { problem } from '../routes/reply/problem';
import { epochOf } from '../store/file/epoch';

/** What only asks. */
const ASKS = ['GET', 'HEAD', 'OPTIONS'];

/**
 * Says with every answer which data the house has, and refuses what is written by a page that began with other data: a tab that was
 * left open over a restore would write what is gone over what was brought back.
 */
export function sameEpoch(dataFolder: string): MiddlewareHandler {
  const epoch = epochOf(dataFolder);
  return async (context, next) => {
    const from = context.req.header(EPOCH_HEADER);
    const isWrite = !ASKS.includes(context.req.method);
    if (isWrite && from !== undefined && from !== epoch) {
      const refused = problem(
        409,
        'Data was brought back from a backup since this page was opened. Load the page again; what you changed is kept on this machine.',
      );
      refused.headers.set(EPOCH_HEADER, epoch);
      return refused;
    }
    await next();
    // What was asked may have been to bring data back.
    context.header(EPOCH_HEADER, isWrite ? epochOf(dataFolder) : epoch);
    return undefined;
  };
}
