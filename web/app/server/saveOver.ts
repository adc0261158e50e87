import type { BaseQueryFn, FetchArgs, FetchBaseQueryError, FetchBaseQueryMeta } from '@reduxjs/toolkit/query/react';
import { mergeFields } from '../../../core/course/merge/mergeFields';
import { contentTag } from '../../../core/words/contentTag';

/** Something as it is to be kept, and as it was when its form was opened; null for something new. */
export interface Save<Thing> {
  readonly thing: Thing;
  readonly basedOn: Thing | null;
}

type Ask = BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError, object, FetchBaseQueryMeta>;
type Answer = { readonly data: unknown } | { readonly error: FetchBaseQueryError };

/** What the server has instead, where it refused a write for that; undefined where it did not. */
export function storedInstead(error: unknown): object | null | undefined {
  if (typeof error !== 'object' || error === null || !('status' in error) || error.status !== 409) return undefined;
  const { data } = error as { data?: unknown };
  if (typeof data !== 'object' || data === null || !('stored' in data)) return undefined;
  return typeof data.stored === 'object' ? data.stored : undefined;
}

/**
 * Saves something over the version it was made from. Where it was changed elsewhere meanwhile, in other fields, both changes are kept;
 * where the same field was changed, it is refused, and what is there comes with the refusal.
 */
export async function saveOver<Thing extends object>(
  { thing, basedOn }: Save<Thing>,
  url: string,
  ask: (args: FetchArgs) => ReturnType<Ask>,
): Promise<Answer> {
  const put = async (body: Thing, over: Thing | null): Promise<Answer> => {
    const headers: Record<string, string> = over ? { 'if-match': contentTag(over) } : { 'if-none-match': '*' };
    const { error, data } = await ask({ url, method: 'PUT', body, headers });
    return error ? { error } : { data };
  };
  const answer = await put(thing, basedOn);
  const stored = 'error' in answer ? storedInstead(answer.error) : undefined;
  if (!stored || !basedOn) return answer;
  const { merged, conflicts } = mergeFields<Thing>(basedOn, thing, stored as Thing, () => 'mine');
  return conflicts.length > 0 ? answer : put(merged, stored as Thing);
}
