import { createRoute, type OpenAPIHono } from '@hono/zod-openapi';
import type { Database } from 'better-sqlite3';
import { ClassFileText, StoredSession } from '../../core/formats/api/api';
import { readClass } from '../../core/formats/classJson';
import { timestamp } from '../clock/clock';
import { atOnce } from '../store/file/atOnce';
import type { MovementStore } from '../store/movements';
import type { SessionStore } from '../store/sessions';
import { Refusal } from './reply/problem';
import { body, fails, json } from './reply/replies';
import { router } from './reply/router';

const bring = createRoute({
  method: 'post',
  path: '/api/sessions/file',
  summary: 'Add a class from a file, with the movements it brings; nothing that is here is overwritten',
  request: body(ClassFileText),
  responses: {
    201: json(StoredSession, 'The class as stored'),
    409: fails('The id is taken'),
    422: fails('The file cannot be read; nothing was written'),
  },
});

export const classFileRoutes = (database: Database, sessions: SessionStore, movements: MovementStore): OpenAPIHono => {
  return router().openapi(bring, (context) => {
    const { text, id } = context.req.valid('json');
    // Read inside: what is here cannot change between reading the file and writing what it brings.
    const stored = atOnce(database, () => {
      const read = readClass(text, movements.find, id);
      if (!read.ok) {
        const errors = read.problems.map(({ path, message }) => ({ path: [...path], message }));
        throw new Refusal(422, 'The file cannot be read as it is. Nothing was written.', { errors });
      }
      const added = sessions.add(read.session, timestamp());
      if (added) movements.write(read.brings, timestamp());
      return added;
    })();
    if (!stored) throw new Refusal(409, 'A class of that id is already there.');
    return context.json(stored, 201);
  });
};
