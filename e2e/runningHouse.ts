import { type ChildProcess, spawn } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

// A journey takes its time; outside of tests there is no limit to set.
if (typeof jest !== 'undefined') jest.setTimeout(300_000);

const root = join(import.meta.dirname, '..');
/** The server as `npm run build` leaves it. */
const SERVER = join(root, 'dist', 'serve.mjs');

/** Ports below those the system gives to whoever asks for any: one of them stays free between two looks, and over a restart. */
const PORTS = { from: 12_000, to: 32_000 } as const;

const isFree = (port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });

/** A port that is free, and stays so unless another house happens on it. */
async function freePort(): Promise<number> {
  for (;;) {
    const port = PORTS.from + Math.floor(Math.random() * (PORTS.to - PORTS.from));
    if (await isFree(port)) return port;
  }
}

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
  /** Puts its data as it is by, to be gone back to. */
  keep(): void;
  /** Starts it again with its data as it was put by. */
  goBack(): Promise<void>;
}

export const openHouse = (...more: string[]): Promise<RunningHouse> =>
  openHouseIn(mkdtempSync(join(tmpdir(), 'vesperum-e2e-')), ...more);

/** The same on data that is there; its folder goes when the house is closed. */
export async function openHouseIn(folder: string, ...more: string[]): Promise<RunningHouse> {
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  let server: ChildProcess | null = null;
  let printed = url;
  const kept = `${folder}-kept`;

  const house: RunningHouse = {
    url,
    folder,
    start: (...args) =>
      new Promise((resolve, reject) => {
        const child = spawn(process.execPath, [SERVER, ...args], {
          cwd: root,
          env: { ...process.env, VESPERUM_PORT: String(port), VESPERUM_DATA: folder },
        });
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
    stop: () =>
      new Promise((resolve) => {
        if (!server || server.exitCode !== null || server.signalCode !== null) return resolve();
        server.on('exit', () => resolve());
        server.kill('SIGTERM');
      }),
    entry: () => printed,
    pid: () => server?.pid ?? 0,
    kill: () =>
      new Promise((resolve) => {
        if (!server || server.exitCode !== null || server.signalCode !== null) return resolve();
        server.on('exit', () => resolve());
        server.kill('SIGKILL');
      }),
    startSecond: () =>
      new Promise((resolve) => {
        const child = spawn(process.execPath, [SERVER], {
          cwd: root,
          env: { ...process.env, VESPERUM_PORT: '0', VESPERUM_DATA: folder },
        });
        let said = '';
        for (const stream of [child.stdout, child.stderr])
          stream.on('data', (chunk: Buffer) => {
            said += String(chunk);
          });
        child.on('exit', () => resolve(said));
      }),
    close: async () => {
      await house.stop();
      for (const one of [folder, kept]) rmSync(one, { recursive: true, force: true });
    },
    keep: () => {
      rmSync(kept, { recursive: true, force: true });
      cpSync(folder, kept, { recursive: true });
    },
    goBack: async () => {
      await house.stop();
      rmSync(folder, { recursive: true, force: true });
      cpSync(kept, folder, { recursive: true });
      await house.start(...more);
    },
  };
  await house.start(...more);
  return house;
}
