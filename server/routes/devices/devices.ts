import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import type { Context, TypedResponse } from 'hono';
import { streamSSE } from 'hono/streaming';
import { HallSound, Press, STAND_INS, StandIn } from '../../../core/formats/devices';
import type { DeviceHub } from '../../devices/hub';
import type { StandIns } from '../../devices/standIns';
import { Refusal } from '../reply/problem';
import { body, fails, json } from '../reply/replies';
import { router } from '../reply/router';

/** So often a line that is silent says that it is alive, milliseconds. */
const ALIVE_EVERY = 15_000;
const Heard = z.object({ listening: z.number().int() });
const events = { 200: { content: { 'text/event-stream': { schema: z.string() } }, description: 'One event for each' } };
const nameParam = { params: z.object({ name: z.enum(STAND_INS) }) };

const press = createRoute({
  method: 'post',
  path: '/api/devices/presses',
  summary: 'A device was pressed: next, stay or shorten',
  request: body(Press),
  responses: { 200: json(Heard, 'How many classes heard it'), 422: fails('There is no such press') },
});
const presses = createRoute({
  method: 'get',
  path: '/api/devices/presses',
  summary: 'Every press from now on, as events',
  responses: events,
});
const sound = createRoute({
  method: 'post',
  path: '/api/devices/sounds',
  summary: 'A class that is taught comes to a breath, a side, a minute or a section',
  request: body(HallSound),
  responses: { 200: json(Heard, 'How many bells heard it'), 422: fails('There is no such sound') },
});
const sounds = createRoute({
  method: 'get',
  path: '/api/devices/sounds',
  summary: 'Every sound of a class from now on, as events',
  responses: events,
});
const list = createRoute({
  method: 'get',
  path: '/api/devices',
  summary: 'The stand-ins for devices, and where their pages are',
  responses: { 200: json(z.array(StandIn), 'The stand-ins') },
});
const start = createRoute({
  method: 'post',
  path: '/api/devices/{name}/start',
  summary: 'Start a stand-in',
  request: nameParam,
  responses: { 200: json(StandIn, 'It runs'), 422: fails('There is no such stand-in'), 503: fails('It did not start') },
});
const stop = createRoute({
  method: 'post',
  path: '/api/devices/{name}/stop',
  summary: 'Stop a stand-in',
  request: nameParam,
  responses: { 200: json(StandIn, 'It does not run'), 422: fails('There is no such stand-in') },
});

/** What one channel says, as events, until whoever listens goes. */
const listened = (context: Context, listen: (told: (said: string) => void) => () => void) =>
  streamSSE(context, async (stream) => {
    const leave = listen((said) => void stream.writeSSE({ data: said }));
    stream.onAbort(leave);
    await stream.writeSSE({ event: 'alive', data: '' });
    while (!stream.aborted && !stream.closed) {
      await stream.sleep(ALIVE_EVERY);
      await stream.writeSSE({ event: 'alive', data: '' });
    }
    leave();
  }) as Response & TypedResponse<string, 200, 'body'>;

/** @param others the stand-ins that can be started; null where the server runs without any */
export const deviceRoutes = (hub: DeviceHub, others: StandIns | null): OpenAPIHono =>
  router()
    .openapi(press, (context) => context.json({ listening: hub.press(context.req.valid('json')) }, 200))
    .openapi(presses, (context) => listened(context, hub.onPress))
    .openapi(sound, (context) => context.json({ listening: hub.sound(context.req.valid('json')) }, 200))
    .openapi(sounds, (context) => listened(context, hub.onSound))
    .openapi(list, (context) => context.json(others?.all() ?? [], 200))
    .openapi(start, async (context) => {
      const started = others?.start(context.req.valid('param').name).catch((error: unknown) => {
        throw new Refusal(503, error instanceof Error ? error.message : 'It did not start.');
      });
      if (!started) throw new Refusal(503, 'Stand-ins are started where Vesperum itself was: with “npm start”.');
      return context.json(await started, 200);
    })
    .openapi(stop, (context) => {
      const { name } = context.req.valid('param');
      return context.json(others?.stop(name) ?? { name, address: null }, 200);
    });
