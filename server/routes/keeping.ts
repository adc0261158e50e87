import { existsSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi';
import type { Database } from 'better-sqlite3';
import { BackupSummary, BroughtBack, Keeping, TableDifference } from '../../core/formats/api/keepingApi';
import { now, today } from '../clock/clock';
import { layArchive, writeArchive } from '../store/file/archive';
import { atOnce } from '../store/file/atOnce';
import { withAttached } from '../store/file/attached';
import { differenceTo, replaceAll } from '../store/file/contents';
import { backUpDay, backupFolder, backupsIn } from '../store/file/dailyBackups';
import { newEpoch } from '../store/file/epoch';
import { layCopy, NoBackupError } from '../store/file/examineBackup';
import { removeFile } from '../store/file/journals';
import { keepFilePrivate, makePrivateFolder } from '../store/file/keepPrivate';
import { NewerDatabaseError } from '../store/file/migrate';
import { databaseFile } from '../store/file/open';
import { Refusal } from './reply/problem';
import { fails, json } from './reply/replies';
import { router } from './reply/router';

/** Where a house keeps its data, and what is to be done when all of it was replaced. */
export interface HouseKeeping {
  readonly dataFolder: string;
  readonly hasKey: boolean;
  readonly onReplaced: () => void;
}

const nameParam = { params: z.object({ name: z.string().regex(/^[\w-]{1,60}\.sqlite$/) }) };
const missing = { 404: fails('There is no backup of that name') };
const refused = { 422: fails('It cannot be brought back; nothing was changed') };
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
  responses: { 200: json(z.array(TableDifference), 'The tables that differ'), ...missing, ...refused },
});
const restore = createRoute({
  method: 'post',
  path: '/api/backups/{name}/restore',
  summary: 'Bring a backup back; a copy of what is there is kept',
  request: nameParam,
  responses: { 200: json(BroughtBack, 'It is back'), ...missing, ...refused },
});
const archive = createRoute({
  method: 'get',
  path: '/api/archive',
  summary: 'Everything in one zip: JSON to be read again, CSV to look at',
  responses: { 200: { content: { 'application/zip': { schema: z.any() } }, description: 'The archive' } },
});
const compareArchive = createRoute({
  method: 'post',
  path: '/api/archive/difference',
  summary: 'What would change if an archive were brought back',
  request: zipBody,
  responses: { 200: json(z.array(TableDifference), 'The tables that differ'), ...refused },
});
const restoreArchive = createRoute({
  method: 'post',
  path: '/api/archive/restore',
  summary: 'Bring everything back from an archive; a copy of what is there is kept',
  request: zipBody,
  responses: { 200: json(BroughtBack, 'It is back'), ...refused },
});

/** What cannot be brought back is refused in its own words. */
async function orRefuse<Answer>(act: () => Answer | Promise<Answer>): Promise<Answer> {
  try {
    return await act();
  } catch (error) {
    if (error instanceof NoBackupError || error instanceof NewerDatabaseError) throw new Refusal(422, error.message);
    throw error;
  }
}

export function keepingRoutes(database: Database, { dataFolder, hasKey, onReplaced }: HouseKeeping): OpenAPIHono {
  const stamp = () => now().format('YYYYMMDD-HHmmss-SSS');
  const fileOf = (name: string): string => {
    const file = join(backupFolder(dataFolder), name);
    if (!existsSync(file)) throw new Refusal(404, 'There is no backup of that name.');
    return file;
  };
  /** Lays what is to come beside what is there, does something with it, and takes it away again. */
  const beside = async <Answer>(lay: (copy: string) => void | Promise<void>, act: (copy: string) => Answer) => {
    const copy = join(dataFolder, `incoming-${stamp()}.sqlite`);
    return orRefuse(async () => {
      try {
        await lay(copy);
        return await act(copy);
      } finally {
        removeFile(copy);
      }
    });
  };
  const difference = (copy: string) => withAttached(database, copy, (of) => differenceTo(database, of));
  const bringBack = async (copy: string): Promise<{ kept: string }> => {
    const kept = `before-restore-${stamp()}.sqlite`;
    makePrivateFolder(backupFolder(dataFolder));
    const file = join(backupFolder(dataFolder), kept);
    keepFilePrivate(file);
    await database.backup(file);
    withAttached(database, copy, (of) => atOnce(database, () => replaceAll(database, of))());
    newEpoch(dataFolder);
    onReplaced();
    return { kept };
  };
  const zipOf = async (request: { arrayBuffer(): Promise<ArrayBuffer> }) => new Uint8Array(await request.arrayBuffer());

  return router()
    .openapi(about, (context) => {
      const { size } = statSync(databaseFile(dataFolder));
      return context.json({ folder: dataFolder, bytes: size, hasKey, backups: backupsIn(dataFolder) }, 200);
    })
    .openapi(make, async (context) => {
      const name = await backUpDay(database, dataFolder, today());
      return context.json({ made: backupsIn(dataFolder).find((one) => one.name === name) ?? null }, 200);
    })
    .openapi(drop, (context) => {
      removeFile(fileOf(context.req.valid('param').name));
      return context.body(null, 204);
    })
    .openapi(compare, async (context) => {
      const file = fileOf(context.req.valid('param').name);
      return context.json(await beside((copy) => layCopy(file, copy), difference), 200);
    })
    .openapi(restore, async (context) => {
      const file = fileOf(context.req.valid('param').name);
      return context.json(await beside((copy) => layCopy(file, copy), bringBack), 200);
    })
    .openapi(archive, (context) =>
      context.body(new Uint8Array(writeArchive(database)).buffer, 200, {
        'Content-Type': 'application/zip',
        'Content-Disposition': `attachment; filename="vesperum-${today()}.zip"`,
      }),
    )
    .openapi(compareArchive, async (context) => {
      const zip = await zipOf(context.req);
      return context.json(await beside((copy) => layArchive(zip, copy), difference), 200);
    })
    .openapi(restoreArchive, async (context) => {
      const zip = await zipOf(context.req);
      return context.json(await beside((copy) => layArchive(zip, copy), bringBack), 200);
    });
}
