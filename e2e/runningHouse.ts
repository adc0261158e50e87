import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { copyOfDemo, isDemoPrepared } from '../demo/preparedDemo';
import { freePort } from './freePort';

const root = join(import.meta.dirname, '..');
/** The server as `npm run build` leaves it. */
const SERVER = join(root, 'dist', 'serve.mjs');

/** A real server of its own, with its own data, that can be stopped and started again. */
export interface RunningHouse {
  readonly url: string;
  /** Where its data is. */
  readonly folder: string;
  start(...more: string[]): Promise<void>;
  stop(): Promise<void>;
  /** The number of its process. */
  pid(): number;
  /** The address it printed when it was started. */
  entry(): string;
  /** Ends it as a power cut does. */
  kill(): Promise<void>;
  /** Starts another on the same data; answers what it said before it gave up. */
  startSecond(): Promise<string>;
  close(): Promise<void>;
  /** Starts it again with the data it had at first. */
  goBack(): Promise<void>;
}

interface Opening {
  /** What it is started with, such as `--empty`. */
  readonly flags?: readonly string[];
  /** It lays the demo world itself, on the day it is started: the one that is prepared is not taken. */
  readonly isFresh?: boolean;
  /** The folder its data is in; one of its own with the demo world, if not given. It goes when the house is closed. */
  readonly folder?: string;
  /** The port it should have; another one where that is taken. */
  readonly port?: number;
}

const emptyFolder = (): string => mkdtempSync(join(tmpdir(), 'vesperum-e2e-'));

/**
 * A server on a port of its own, whose clock shows the time of whoever opens it. The demo world comes with the folder where it is
 * prepared; else the server loads it.
 */
export async function openHouse({
  flags = [],
  isFresh = false,
  folder: given,
  port: wanted,
}: Opening = {}): Promise<RunningHouse> {
  const isPrepared = given === undefined && !isFresh && !flags.includes('--empty') && isDemoPrepared();
  const folder = given ?? (isPrepared ? copyOfDemo() : emptyFolder());
  const port = await freePort(wanted);
  const url = `http://127.0.0.1:${port}`;
  let server: ChildProcess | null = null;
  let printed = url;

  const launch = (...args: string[]) =>
    // It ends with whoever started it: the line it listens on breaks then.
    spawn(process.execPath, [SERVER, '--until-input-ends', ...args], {
      cwd: root,
      env: {
        ...process.env,
        VESPERUM_PORT: String(port),
        VESPERUM_DATA: folder,
        VESPERUM_NOW: new Date().toISOString(),
      },
    });
  const end = (signal: NodeJS.Signals): Promise<void> =>
    new Promise((resolve) => {
      if (!server || server.exitCode !== null || server.signalCode !== null) return resolve();
      server.on('exit', () => resolve());
      server.kill(signal);
    });

  const house: RunningHouse = {
    url,
    folder,
    start: (...args) =>
      new Promise((resolve, reject) => {
        const child = launch(...args);
        server = child;
        let said = '';
        const hear = (chunk: Buffer) => {
          said += String(chunk);
          printed = /ready at (\S+)/.exec(said)?.[1] ?? printed;
          if (said.includes('ready at')) resolve();
        };
        child.stdout.on('data', hear);
        child.stderr.on('data', hear);
        child.on('exit', () => reject(new Error(`The server stopped: ${said}`)));
      }),
    stop: () => end('SIGTERM'),
    entry: () => printed,
    pid: () => server?.pid ?? 0,
    kill: () => end('SIGKILL'),
    startSecond: () =>
      new Promise((resolve) => {
        const child = launch();
        let said = '';
        for (const stream of [child.stdout, child.stderr])
          stream.on('data', (chunk: Buffer) => {
            said += String(chunk);
          });
        child.on('exit', () => resolve(said));
      }),
    close: async () => {
      await house.stop();
      rmSync(folder, { recursive: true, force: true });
    },
    goBack: async () => {
      await house.stop();
      rmSync(folder, { recursive: true, force: true });
      if (isPrepared) copyOfDemo(folder);
      await house.start(...flags);
    },
  };
  await house.start(...flags);
  return house;
}
