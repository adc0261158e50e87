import {
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
  type FetchBaseQueryMeta,
  fetchBaseQuery,
} from '@reduxjs/toolkit/query/react';
import { KEPT_HEADER } from './keptAnswer';
import { heard } from './serverState';

/** Plain JSON and problems alike. */
const isJsonContentType = (headers: Headers): boolean =>
  /\bapplication\/([a-z-]+\+)?json\b/.test(headers.get('content-type') ?? '');

const plainAsk = fetchBaseQuery({ baseUrl: '/api/', responseHandler: 'content-type', isJsonContentType });

/** Whether an answer was kept on this machine from before, because the server is away. */
export const wasKept = (meta: FetchBaseQueryMeta | undefined): boolean =>
  meta?.response?.headers.has(KEPT_HEADER) ?? false;

/** Asks the server, and tells the house whether it was the server that answered. */
export const ask: BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError, object, FetchBaseQueryMeta> = async (
  args,
  context,
  extra,
) => {
  const answer = await plainAsk(args, context, extra);
  context.dispatch(heard({ isAway: answer.error?.status === 'FETCH_ERROR' || wasKept(answer.meta) }));
  return answer;
};
