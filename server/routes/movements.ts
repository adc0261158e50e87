import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import { Library, MovementFile, MovementSave, MovementsWritten } from '../../core/formats/api/api';
import { movementsFromCsv, movementsToCsv, type ReadAnswer } from '../../core/formats/movementCsv';
import { movementSchema, movementsFromJson, movementsToJson } from '../../core/formats/movementJson';
import { Form } from '../../core/movement/schema/form';
import { Movement } from '../../core/movement/schema/movement';
import { baseId, newestOf } from '../../core/movement/schema/version';
import { rememberFor } from '../../core/remember/rememberFor';
import { MovementTraits } from '../../core/traits/movementTraits';
import { timestamp } from '../clock/clock';
import { inSlices } from '../clock/inSlices';
import type { MovementStore } from '../store/movements';
import { Refusal } from './reply/problem';
import { body, fails, idParam, json } from './reply/replies';
import { router } from './reply/router';
import { writtenJson } from './reply/written';

const path = '/api/movements';
const onePath = '/api/movements/{id}';
const missing = { 404: fails('There is none of that id') };
const refused = { 422: fails('A field is wrong, by line or path') };

const list = createRoute({
  method: 'get',
  path,
  summary: 'All movements of the repertoire, each in its newest version',
  responses: { 200: json(z.array(Movement), 'The movements in alphabetical order of their ids') },
});
const library = createRoute({
  method: 'get',
  path: '/api/library',
  summary: 'All movements in all versions, with those out of sight, and the forms',
  responses: { 200: json(Library, 'Everything a class may name') },
});
const traits = createRoute({
  method: 'get',
  path: '/api/movements/traits',
  summary: 'What can be known of each movement by simulating it',
  responses: { 200: json(z.array(MovementTraits), 'One entry for each movement') },
});
const forms = createRoute({
  method: 'get',
  path: '/api/forms',
  summary: 'All forms',
  responses: { 200: json(z.array(Form), 'The forms in alphabetical order of their ids') },
});
const schema = createRoute({
  method: 'get',
  path: '/api/schema/movement.json',
  summary: 'The schema a movement file is written by',
  responses: { 200: json(z.record(z.string(), z.unknown()), 'JSON Schema') },
});
const toFile = createRoute({
  method: 'get',
  path: '/api/movements/file',
  summary: 'The repertoire as a file: JSON whole, CSV for the tabular part',
  request: { query: z.object({ format: z.enum(['json', 'csv']).default('json') }) },
  responses: { 200: { content: { 'text/plain': { schema: z.string() } }, description: 'The file' } },
});
const fromFile = createRoute({
  method: 'post',
  path: '/api/movements/file',
  summary: 'Read a file of movements: all of it, or nothing',
  request: body(MovementFile),
  responses: { 200: json(MovementsWritten, 'What was added and changed'), ...refused },
});
const one = createRoute({
  method: 'get',
  path: onePath,
  summary: 'One movement, in any version',
  request: idParam,
  responses: { 200: json(Movement, 'The movement'), ...missing },
});
const save = createRoute({
  method: 'put',
  path: onePath,
  summary: 'Save a new movement, or the next version of a known one',
  request: { ...idParam, ...body(MovementSave) },
  responses: {
    200: json(Movement, 'The movement as written'),
    409: fails('It was changed elsewhere, or the name is taken'),
    ...refused,
  },
});
const withdraw = createRoute({
  method: 'delete',
  path: onePath,
  summary: 'Take a movement out of sight; classes that name it keep it, and it can be brought back',
  request: idParam,
  responses: { 204: { description: 'It is out of sight' }, ...missing },
});
const restore = createRoute({
  method: 'post',
  path: '/api/movements/{id}/restore',
  summary: 'Bring a movement back',
  request: idParam,
  responses: { 204: { description: 'It is back' }, ...missing },
});

const absent = () => new Refusal(404, 'There is no such movement.');

function sure(answer: ReadAnswer): readonly Movement[] {
  if (answer.ok) return answer.movements;
  throw new Refusal(422, 'The file cannot be read as it is. Nothing was changed.', {
    errors: answer.faults.map(({ line, field, message }) => ({
      path: [`line ${line}`, field].filter(Boolean),
      message,
    })),
  });
}

export function movementRoutes(
  movements: MovementStore,
  everyForm: readonly Form[],
  traitsOf: (movement: Movement) => MovementTraits,
): OpenAPIHono {
  const shown = () => {
    const hidden = new Set(movements.withdrawn());
    return newestOf(movements.all())
      .filter(({ id }) => !hidden.has(baseId(id)))
      .toSorted((a, b) => (a.id < b.id ? -1 : 1));
  };
  const textOf = rememberFor((movement: Movement) => JSON.stringify(movement));

  return router()
    .openapi(list, (context) => context.json(shown(), 200))
    .openapi(library, (context) => {
      // Versions never change: each is written out once, however often all are asked for.
      const rest = { shown: shown().map(({ id }) => id), own: [...movements.own()], forms: [...everyForm] };
      const text = `{"movements":[${movements.all().map(textOf).join(',')}],${JSON.stringify(rest).slice(1)}`;
      return writtenJson<Library>(context, text);
    })
    .openapi(traits, async (context) => {
      const found: MovementTraits[] = [];
      await inSlices(shown(), (movement) => void found.push(traitsOf(movement)));
      return context.json(found, 200);
    })
    .openapi(forms, (context) => context.json([...everyForm], 200))
    .openapi(schema, (context) => context.json(movementSchema() as Record<string, unknown>, 200))
    .openapi(toFile, (context) => {
      const csv = context.req.valid('query').format === 'csv';
      context.header('Content-Disposition', `attachment; filename="movements.${csv ? 'csv' : 'json'}"`);
      return context.text(csv ? movementsToCsv(shown()) : movementsToJson(shown()), 200);
    })
    .openapi(fromFile, (context) => {
      const { format, text } = context.req.valid('json');
      const read = sure(format === 'csv' ? movementsFromCsv(text, movements.find) : movementsFromJson(text));
      const fresh = (movement: Movement) => movements.newest(movement.id) === undefined;
      const changed = read.filter((movement) => {
        const newest = movements.newest(movement.id);
        return (
          newest === undefined || JSON.stringify({ ...newest, id: '' }) !== JSON.stringify({ ...movement, id: '' })
        );
      });
      const added = changed.filter(fresh).length;
      movements.write(changed, timestamp());
      return context.json({ added, changed: changed.length - added, same: read.length - changed.length }, 200);
    })
    .openapi(one, (context) => {
      const movement = movements.find(context.req.valid('param').id);
      if (!movement) throw absent();
      return context.json(movement, 200);
    })
    .openapi(save, (context) => {
      const { movement, basedOn } = context.req.valid('json');
      if (baseId(movement.id) !== baseId(context.req.valid('param').id)) {
        const errors = [{ path: ['movement', 'id'], message: 'must be the id in the address' }];
        throw new Refusal(422, 'The movement and the address do not match.', { errors });
      }
      const newest = movements.newest(movement.id);
      if (newest && basedOn === null) throw new Refusal(409, 'A movement of that name is already there.');
      if ((newest?.id ?? null) !== basedOn)
        throw new Refusal(409, 'This movement was changed elsewhere since you opened it.');
      const [written] = movements.write([movement], timestamp());
      if (!written) throw absent();
      return context.json(written, 200);
    })
    .openapi(withdraw, (context) => {
      if (!movements.withdraw(context.req.valid('param').id, timestamp())) throw absent();
      return context.body(null, 204);
    })
    .openapi(restore, (context) => {
      if (!movements.restore(context.req.valid('param').id)) throw absent();
      return context.body(null, 204);
    });
}
