import {
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
  type FetchBaseQueryMeta,
  fetchBaseQuery,
} from '@reduxjs/toolkit/query/react';
import { hearEpoch, withEpoch } from './epoch';
import { KEPT_HEADER } from './keptAnswer';
import { heard } from './serverState';

/** Plain JSON and problems alike. */
const isJsonContentType = (headers: Headers): boolean =>
  /\bapplication\/([a-z-]+\+)?json\b/.test(headers.get('content-type') ?? '');

const plainAsk = fetchBaseQuery({
  baseUrl: '/api/',
  responseHandler: 'content-type',
  isJsonContentType,
  prepareHeaders: withEpoch,
});

/**
 * A question that has no answer by then counts as unheard and is asked again, rather than waited for until the page is left.
 * Only questions: what is written may have been written. Milliseconds.
 */
const PATIENCE_MS = 30_000;

/** Whether the server has said nothing: it could not be reached, or let us wait too long. */
export const isUnheard = (error: { readonly status: unknown } | undefined): boolean =>
  error?.status === 'FETCH_ERROR' || error?.status === 'TIMEOUT_ERROR';

/** Whether an answer was kept on this machine from before, because the server is away. */
export const wasKept = (meta: FetchBaseQueryMeta | undefined): boolean =>
  meta?.response?.headers.has(KEPT_HEADER) ?? false;

/** Asks the server, and tells the house whether it was the server that answered. */
export const ask: BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError, object, FetchBaseQueryMeta> = async (
  args,
  context,
  extra,
) => {
  const answer = await plainAsk(typeof args === 'string' ? { url: args, timeout: PATIENCE_MS } : args, context, extra);
  const isKept = wasKept(answer.meta);
  const isOther = !isKept && answer.meta?.response !== undefined && hearEpoch(answer.meta.response);
  context.dispatch(heard({ isAway: isUnheard(answer.error) || isKept, isOther }));
  return answer;
};
