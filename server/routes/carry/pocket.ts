import { readFile } from 'node:fs/promises';
import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { facesBeside } from '../../threads/facesInThread';
import { Refusal } from '../reply/problem';
import { body, fails } from '../reply/replies';
import { router } from '../reply/router';
import { writtenText } from '../reply/written';

const text = (type: string, description: string) => ({ content: { [type]: { schema: z.string() } }, description });

const template = createRoute({
  method: 'get',
  path: '/api/pocket/template',
  summary: 'The file a class is carried in, before there is a class in it',
  responses: { 200: text('text/html', 'The page'), 404: fails('It has not been built') },
});
const faces = createRoute({
  method: 'post',
  path: '/api/pocket/faces',
  summary: 'The face of Chinese names, cut down to the letters of a text',
  request: body(z.object({ text: z.string().max(4000) })),
  responses: { 200: text('text/css', 'Style rules with the faces in them'), 422: fails('A field is wrong') },
});

/** @param file where the page stands that a class is carried in; null where it was not built */
export function pocketRoutes(file: string | null): OpenAPIHono {
  const cut = facesBeside();
  return router()
    .openapi(template, async (context) => {
      const page = file === null ? null : await readFile(file, 'utf8').catch(() => null);
      if (page === null) throw new Refusal(404, 'The file a class is carried in has not been built. Run “npm start”.');
      return writtenText(context, page, 'text/html');
    })
    .openapi(faces, async (context) => {
      const css = await cut(context.req.valid('json').text);
      return writtenText(context, css, 'text/css');
    });
}
