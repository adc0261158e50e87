import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { serveStatic } from '@hono/node-server/serve-static';
import type { OpenAPIHono } from '@hono/zod-openapi';
import type { Database } from 'better-sqlite3';
import { bodyLimit } from 'hono/body-limit';
import { except } from 'hono/combine';
import { HTTPException } from 'hono/http-exception';
import { methodNotAllowed } from 'hono/method-not-allowed';
import { ARCHIVE_PATH } from '../core/formats/api/keepingApi';
import type { Form } from '../core/movement/schema/form';
import type { Movement } from '../core/movement/schema/movement';
import type { MovementTraits } from '../core/traits/movementTraits';
import { type DeviceHub, deviceHub } from './devices/hub';
import type { StandIns } from './devices/standIns';
import { ARCHIVE_LIMIT, BODY_LIMIT, isArchive, jsonOnly, localOnly, ownPagesOnly, sealed } from './door/guard';
import { type HouseKey, keyOnly } from './door/key';
import { sameEpoch } from './door/sameEpoch';
import { wellFormed } from './door/wellFormed';
import { asideRoutes } from './routes/asides';
import { carriedRoutes } from './routes/carry/carried';
import { pocketRoutes } from './routes/carry/pocket';
import { classFileRoutes } from './routes/classFiles';
import { computeRoutes } from './routes/compute/timeline';
import { weaveRoutes } from './routes/compute/weave';
import { courseFileRoutes } from './routes/courseFiles';
import { courseRoutes } from './routes/courses';
import { deviceRoutes } from './routes/devices/devices';
import { groupRoutes } from './routes/groups';
import { hallRoutes } from './routes/halls';
import { type HouseKeeping, keepingRoutes } from './routes/keeping';
import { movementRoutes } from './routes/movements';
import { passageRoutes } from './routes/passages';
import { peopleRoutes } from './routes/people';
import { feltRoutes } from './routes/record/felt';
import { logRoutes } from './routes/record/logs';
import { offeredRoutes } from './routes/record/offered';
import { ownPracticeRoutes } from './routes/record/ownPractice';
import { problem, Refusal } from './routes/reply/problem';
import { router } from './routes/reply/router';
import { storeProblem } from './routes/reply/storeProblem';
import { sessionRoutes } from './routes/sessions';
import { unreadRoutes } from './routes/unread';
import { wordingRoutes } from './routes/wording';
import { allUnread, storesOf } from './store/all/stores';
import { mentionsOf } from './store/mentions';
import { reckonWith } from './store/reckonWith';
import { recordClass } from './store/record/recordClass';
import { type FigureStore, openFigures } from './workedOut/figureStore';
import { keptTraits } from './workedOut/keptTraits';
import { recordFigures } from './workedOut/recordFigures';
import { rememberSummaries } from './workedOut/summaries';
import { wellReadIn } from './workedOut/wellRead';

export interface House {
  readonly database: Database;
  /** The movements and forms that come along. */
  readonly movements: readonly Movement[];
  readonly forms: readonly Form[];
  /** The folder of the built interface; null serves the API alone. */
  readonly webFolder: string | null;
  /** The page a class is carried in; null where it was not built. */
  readonly pocketFile?: string | null;
  /** What is known ahead of the traits of a movement. */
  readonly traitsAhead?: (movement: Movement) => MovementTraits | undefined;
  /** What goes between a class and its devices; given where it outlives the application, as over a restore. */
  readonly hub?: DeviceHub;
  /** The stand-ins for devices that can be started; null where there are none. */
  readonly devices?: StandIns | null;
  /** The key it is closed with; null where everybody on this computer is let in. */
  readonly key?: HouseKey | null;
  /** Where the data is kept; null where it is nowhere, as in some tests. */
  readonly keeping?: Omit<HouseKeeping, 'hasKey'> | null;
  /** Where what is worked out is kept; with this application alone, if not given. */
  readonly figures?: FigureStore;
  /** Called when a class was recorded. */
  readonly onRecorded?: () => void;
}

/** A known address asked with a method it does not know says which it does. */
const refuseOtherMethods = (app: OpenAPIHono) =>
  methodNotAllowed({
    app,
    onMethodNotAllowed: (_, methods) => {
      const refused = problem(405, `This address knows only ${methods.join(' and ')}.`);
      refused.headers.set('Allow', methods.join(', '));
      return refused;
    },
  });

/** What the framework refuses by itself, in words. */
const HTTP_WORDS: Readonly<Record<number, string>> = {
  400: 'This is not JSON that can be read.',
  403: 'Pages from other addresses may not use this server.',
};

function serveWeb(app: OpenAPIHono, folder: string): void {
  const page = readFileSync(join(folder, 'index.html'), 'utf8');
  app.use('/assets/*', async (context, next) => {
    await next();
    if (context.res.ok) context.header('Cache-Control', 'public, max-age=31536000, immutable');
  });
  app.use('/serviceWorker.js', async (context, next) => {
    await next();
    // A new build is looked for each time, and found.
    context.header('Cache-Control', 'no-cache');
  });
  app.use('/*', serveStatic({ root: folder, index: 'none' }));
  app.get('/*', (context, next) => {
    if (context.req.path.startsWith('/api/') || context.req.path.startsWith('/assets/')) return next();
    context.header('Cache-Control', 'no-cache');
    return context.html(page);
  });
}

/** The API's description of itself; putting it together takes half a second, so it is kept. */
function describe(app: OpenAPIHono): void {
  const about = { title: 'Vesperum', version: '1', description: 'Classes of named movements, laid out in time.' };
  let text: string | null = null;
  app.get('/api/openapi.json', (context) => {
    text ??= JSON.stringify(app.getOpenAPI31Document({ openapi: '3.1.0', info: about }));
    return context.body(text, 200, { 'Content-Type': 'application/json; charset=utf-8' });
  });
}

/** The whole application: guards, routes, the API's description of itself, and the interface. */
export function createApp({
  database,
  movements: shipped,
  forms,
  webFolder,
  pocketFile = null,
  traitsAhead = () => undefined,
  devices = null,
  hub = deviceHub(),
  key = null,
  keeping = null,
  figures = openFigures(null, null),
  onRecorded = () => undefined,
}: House): OpenAPIHono {
  const stores = storesOf(database, shipped, wellReadIn(figures));
  const { reader, wording, movements, sessions, groups, logs, passages, courses, people, halls } = stores;
  const { find } = movements;
  const workedOutOf = { figures, find, shipped };
  const summaries = rememberSummaries(sessions, workedOutOf);
  const ofRecords = recordFigures(logs, workedOutOf);
  const traitsOf = keptTraits(workedOutOf, traitsAhead);

  const app = router();
  app.use(sealed, localOnly, ownPagesOnly);
  if (key) app.use(keyOnly(key));
  if (keeping) app.use('/api/*', sameEpoch(keeping.dataFolder));
  app.use(jsonOnly, refuseOtherMethods(app));
  const limited = (maxSize: number) =>
    bodyLimit({ maxSize, onError: () => problem(413, 'That is more than this server reads at once.') });
  app.use(except(isArchive, limited(BODY_LIMIT), wellFormed));
  app.use(`${ARCHIVE_PATH}/*`, limited(ARCHIVE_LIMIT));
  app.get('/api/health', (context) => context.json({ application: 'vesperum', movements: movements.all().length }));
  app.route('/', movementRoutes(movements, forms, traitsOf));
  app.route('/', groupRoutes(groups, halls, reckonWith(database, groups, sessions)));
  app.route('/', hallRoutes(halls));
  app.route(
    '/',
    peopleRoutes(people, groups, async (name) =>
      keeping ? keeping.thread.work('mentions', keeping.dataFolder, { name }) : mentionsOf(database, null, name),
    ),
  );
  app.route('/', classFileRoutes(database, sessions, movements));
  app.route('/', sessionRoutes(sessions, groups, logs.hasOf, summaries, find));
  const record = recordClass({ database, logs, people, courses });
  app.route('/', carriedRoutes({ sessions, summaries, courses, logs, find, record, onRecorded }));
  app.route('/', feltRoutes(stores.felt, ofRecords, people));
  app.route('/', offeredRoutes({ sessions, logs, groups, find }));
  app.route('/', logRoutes({ logs, sessions, figures: ofRecords, record, onRecorded }));
  app.route('/', courseFileRoutes(database, courses, groups, movements, forms));
  app.route('/', courseRoutes(courses, groups, find, new Set(forms.map(({ id }) => id))));
  app.route('/', asideRoutes(stores.asides));
  app.route('/', passageRoutes(passages));
  app.route('/', ownPracticeRoutes(stores.ownPractice));
  app.route('/', wordingRoutes(wording, movements));
  app.route('/', deviceRoutes(hub, devices));
  app.route('/', pocketRoutes(pocketFile));
  app.route('/', computeRoutes(find));
  app.route('/', weaveRoutes());
  if (keeping) app.route('/', keepingRoutes({ ...keeping, hasKey: key !== null }));
  app.route(
    '/',
    unreadRoutes(reader, () => allUnread(stores)),
  );
  describe(app);
  if (webFolder !== null) serveWeb(app, webFolder);

  app.notFound(() => problem(404, 'There is nothing at this address.'));
  app.onError((error) => {
    if (error instanceof Refusal) return error.response;
    if (error instanceof HTTPException) {
      return problem(error.status, HTTP_WORDS[error.status] ?? error.message);
    }
    console.error(error);
    return storeProblem(error) ?? problem(500, 'Something went wrong here. Nothing was changed; try again.');
  });
  return app;
}
