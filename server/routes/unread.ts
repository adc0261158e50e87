import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { Unread } from '../../core/formats/api/api';
import type { LenientReader } from '../store/unread';
import { json } from './reply/replies';
import { router } from './reply/router';

const list = createRoute({
  method: 'get',
  path: '/api/unread',
  summary: 'What of the store this version cannot read: left out of everything, kept as it is, with its text',
  responses: { 200: json(z.array(Unread), 'The rows, with what is wrong with each') },
});

/** @param readAll reads everything there is; what is written later is read as it is written, so once is enough */
export function unreadRoutes(reader: LenientReader, readAll: () => Promise<unknown>): OpenAPIHono {
  let looked: Promise<unknown> | null = null;
  return router().openapi(list, async (context) => {
    looked ??= readAll();
    await looked;
    return context.json(reader.all(), 200);
  });
}
