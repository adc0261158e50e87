import { type ChildProcess, spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { STAND_INS, type StandIn, type StandInName } from '../../core/formats/devices';

/** The programs, as they are built beside the server. */
const PROGRAMS: Readonly<Record<StandInName, string>> = {
  'page-turner': 'pageTurner.mjs',
  'hall-bell': 'hallBell.mjs',
};
/** A program that has not said its address after so long has failed, milliseconds. */
const READY_WITHIN = 15_000;

interface Running {
  readonly child: ChildProcess;
  readonly address: string;
}

/** The stand-ins for devices, each a program of its own that ends with the server. */
export interface StandIns {
  all(): StandIn[];
  /** Starts one and answers where its page is; one that runs already is the same one. */
  start(name: StandInName): Promise<StandIn>;
  stop(name: StandInName): StandIn;
}

/** @param folder where the programs are built; @param environment with the port and the data folder of this house */
export function standIns(folder: string, environment: NodeJS.ProcessEnv): StandIns {
  const running = new Map<StandInName, Running>();
  /** Those that are being started: a second request waits for the same one. */
  const starting = new Map<StandInName, Promise<StandIn>>();
  process.on('exit', () => {
    for (const { child } of running.values()) child.kill();
  });
  const shown = (name: StandInName): StandIn => ({ name, address: running.get(name)?.address ?? null });
  const launch = (name: StandInName): Promise<StandIn> =>
    new Promise((resolve, reject) => {
      const file = join(folder, PROGRAMS[name]);
      if (!existsSync(file)) {
        reject(new Error('It has not been built. Start Vesperum with “npm start”.'));
        return;
      }
      const child = spawn(process.execPath, [file, '--until-input-ends'], {
        env: environment,
        stdio: ['pipe', 'pipe', 'inherit'],
      });
      const late = setTimeout(() => {
        child.kill();
        reject(new Error('It did not start in time.'));
      }, READY_WITHIN);
      child.stdout.on('data', (data: Buffer) => {
        const address = /http:\/\/127\.0\.0\.1:\d+\/[\w-]+\//.exec(data.toString())?.[0];
        if (!address || running.has(name)) return;
        clearTimeout(late);
        running.set(name, { child, address });
        resolve(shown(name));
      });
      child.on('exit', () => {
        clearTimeout(late);
        running.delete(name);
        reject(new Error('It stopped before it was ready.'));
      });
    });
  return {
    all: () => STAND_INS.map(shown),
    start: async (name) => {
      if (running.has(name)) return shown(name);
      const begun = starting.get(name) ?? launch(name).finally(() => starting.delete(name));
      starting.set(name, begun);
      return begun;
    },
    stop: (name) => {
      running.get(name)?.child.kill();
      running.delete(name);
      return shown(name);
    },
  };
}
