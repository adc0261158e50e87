import { existsSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import {
  AGREED,
  BackupSummary,
  BroughtBack,
  Comparison,
  Keeping,
  UNDERWAY_PATH,
  Underway,
} from '../../core/formats/api/keepingApi';
import { now, today } from '../clock/clock';
import { removeFile } from '../store/file/journals';
import { makePrivateFolder } from '../store/file/keepPrivate';
import { databaseFile } from '../store/file/open';
import { backupFolder } from '../store/keeping/backupFolder';
import { backupsIn } from '../store/keeping/dailyBackups';
import { NoBackupError } from '../store/keeping/examineBackup';
import { incomingFile } from '../store/keeping/halfFiles';
import { inTurn } from '../store/keeping/inTurn';
import { ThreadEndedError } from '../threads/askThread';
import type { BackupKeeper } from '../threads/backupKeeper';
import type { KeepingThread, Source, Staged } from '../threads/keepingInThread';
import { longWork } from '../threads/longWork';
import { Refusal } from './reply/problem';
import { fails, json } from './reply/replies';
import { router } from './reply/router';

/** Where a house keeps its data, and how all of it is gone through or replaced. */
export interface HouseKeeping {
  readonly dataFolder: string;
  readonly hasKey: boolean;
  readonly thread: KeepingThread;
  readonly backups: BackupKeeper;
  /** Puts a database that is ready in the place of the one that is open, which is kept as a file of its own. */
  readonly swapIn: (incoming: string, kept: string) => void;
}

const nameParam = { params: z.object({ name: z.string().regex(/^[\w-]{1,60}\.sqlite$/) }) };
const missing = { 404: fails('There is no backup of that name') };
const refused = { 422: fails('It cannot be brought back; nothing was changed') };
const agreed = { query: z.object({ [AGREED]: z.coerce.number().int().min(0).default(0) }) };
const zipBody = {
  body: { content: { 'application/zip': { schema: z.any() } }, required: true },
} as const;

const about = createRoute({
  method: 'get',
  path: '/api/keeping',
  summary: 'Where the data is, and its backups',
  responses: { 200: json(Keeping, 'The folder and what lies in it') },
});
const make = createRoute({
  method: 'post',
  path: '/api/backups',
  summary: 'Back up what changed since the last backup',
  responses: { 200: json(z.object({ made: BackupSummary.nullable() }), 'The backup; null where nothing had changed') },
});
const drop = createRoute({
  method: 'delete',
  path: '/api/backups/{name}',
  summary: 'Delete a backup',
  request: nameParam,
  responses: { 204: { description: 'It is gone' }, ...missing },
});
const compare = createRoute({
  method: 'get',
  path: '/api/backups/{name}/difference',
  summary: 'What would change if a backup were brought back',
  request: nameParam,
  responses: { 200: json(Comparison, 'The tables that differ, and what cannot be read'), ...missing, ...refused },
});
const restore = createRoute({
  method: 'post',
  path: '/api/backups/{name}/restore',
  summary: 'Bring a backup back; a copy of what is there is kept',
  request: { ...nameParam, ...agreed },
  responses: { 200: json(BroughtBack, 'It is back'), ...missing, ...refused },
});
const archive = createRoute({
  method: 'get',
  path: '/api/archive',
  summary: 'Everything in one zip: JSON to be read again, CSV to look at',
  responses: { 200: { content: { 'application/zip': { schema: z.any() } }, description: 'The archive' } },
});
const underway = createRoute({
  method: 'get',
  path: UNDERWAY_PATH,
  summary: 'How far it is, where an archive is written or something is compared or brought back',
  responses: { 200: json(Underway, 'What is being done; null where nothing is') },
});
const cancel = createRoute({
  method: 'delete',
  path: UNDERWAY_PATH,
  summary: 'Cancel that; nothing has changed',
  responses: { 204: { description: 'It is cancelled' }, 404: fails('Nothing is being done') },
});
const compareArchive = createRoute({
  method: 'post',
  path: '/api/archive/difference',
  summary: 'What would change if an archive were brought back',
  request: zipBody,
  responses: { 200: json(Comparison, 'The tables that differ, and what cannot be read'), ...refused },
});
const restoreArchive = createRoute({
  method: 'post',
  path: '/api/archive/restore',
  summary: 'Bring everything back from an archive; a copy of what is there is kept',
  request: { ...zipBody, ...agreed },
  responses: { 200: json(BroughtBack, 'It is back'), ...refused },
});

/** What cannot be brought back is refused in its own words. */
async function orRefuse<Answer>(act: () => Answer | Promise<Answer>): Promise<Answer> {
  try {
    return await act();
  } catch (error) {
    if (error instanceof NoBackupError || error instanceof ThreadEndedError) throw new Refusal(422, error.message);
    throw error;
  }
}

export function keepingRoutes({ dataFolder, hasKey, thread, backups, swapIn }: HouseKeeping): OpenAPIHono {
  const work = longWork(thread, dataFolder);
  const fileOf = (name: string): string => {
    const file = join(backupFolder(dataFolder), name);
    if (!existsSync(file)) throw new Refusal(404, 'There is no backup of that name.');
    return file;
  };
  /** Lays what is to come beside what is there, does something with it, and takes it away again. */
  const beside = <Answer>(source: Source, act: (copy: string, staged: Staged) => Answer | Promise<Answer>) =>
    orRefuse(() =>
      work.carryOut((ask) =>
        inTurn(dataFolder, async () => {
          const copy = incomingFile(dataFolder);
          try {
            return await act(copy, await ask('stage', { source, copy }));
          } finally {
            removeFile(copy);
          }
        }),
      ),
    );
  const compared = (source: Source): Promise<Comparison> => beside(source, (_, staged) => staged);
  const broughtBack = (source: Source, seen: number): Promise<BroughtBack> =>
    beside(source, (copy, { unread }) => {
      if (unread.length > seen)
        throw new Refusal(
          422,
          `${unread.length === 1 ? 'One row of it' : `${unread.length} rows of it`} cannot be read by this version. Look at what they are, and agree to bring the rest back. Nothing was changed.`,
        );
      const kept = `before-restore-${now().format('YYYYMMDD-HHmmss-SSS')}.sqlite`;
      makePrivateFolder(backupFolder(dataFolder));
      swapIn(copy, join(backupFolder(dataFolder), kept));
      return { kept };
    });
  const archiveIn = async (request: { arrayBuffer(): Promise<ArrayBuffer> }): Promise<Source> => ({
    archive: new Uint8Array(await request.arrayBuffer()),
  });

  return router()
    .openapi(about, (context) => {
      const { size } = statSync(databaseFile(dataFolder));
      const failure = backups.failure();
      return context.json({ folder: dataFolder, bytes: size, hasKey, backups: backupsIn(dataFolder), failure }, 200);
    })
    .openapi(make, async (context) => {
      const name = await backups.make();
      return context.json({ made: backupsIn(dataFolder).find((one) => one.name === name) ?? null }, 200);
    })
    .openapi(drop, (context) => {
      removeFile(fileOf(context.req.valid('param').name));
      return context.body(null, 204);
    })
    .openapi(compare, async (context) =>
      context.json(await compared({ backup: fileOf(context.req.valid('param').name) }), 200),
    )
    .openapi(restore, async (context) => {
      const backup = fileOf(context.req.valid('param').name);
      return context.json(await broughtBack({ backup }, context.req.valid('query')[AGREED]), 200);
    })
    .openapi(archive, async (context) => {
      const zip = await orRefuse(() => work.carryOut((ask) => ask('archive', {})));
      return context.body(new Uint8Array(zip).buffer, 200, {
        'Content-Type': 'application/zip',
        'Content-Disposition': `attachment; filename="vesperum-${today()}.zip"`,
      });
    })
    .openapi(underway, (context) => context.json({ underway: work.underway() }, 200))
    .openapi(cancel, async (context) => {
      if (!(await work.cancel())) throw new Refusal(404, 'Nothing is being done that could be cancelled.');
      return context.body(null, 204);
    })
    .openapi(compareArchive, async (context) => context.json(await compared(await archiveIn(context.req)), 200))
    .openapi(restoreArchive, async (context) =>
      context.json(await broughtBack(await archiveIn(context.req), context.req.valid('query')[AGREED]), 200),
    );
}
