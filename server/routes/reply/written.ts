import type { Context, TypedResponse } from 'hono';

/** JSON that is written already, and is not read again on its way: it is of the type that is named, which the caller answers for. */
export const writtenJson = <Of>(context: Context, text: string): Response & TypedResponse<Of, 200, 'json'> =>
  context.newResponse(text, 200, { 'Content-Type': 'application/json' }) as Response & TypedResponse<Of, 200, 'json'>;

/** A text that is no JSON, such as a page or a sheet of styles. */
export const writtenText = (
  context: Context,
  text: string,
  type: 'text/html' | 'text/css',
): Response & TypedResponse<string, 200, 'body'> =>
  context.body(text, 200, { 'Content-Type': `${type}; charset=utf-8` });
