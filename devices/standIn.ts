import { existsSync, readFileSync } from 'node:fs';
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { readSettings } from '../server/settings';

/** What a stand-in knows of the house: its address, and its key where it has one. */
export interface HouseFrom {
  readonly url: string;
  readonly headers: Readonly<Record<string, string>>;
}

/** The house on this machine, by the same two settings it is started with. */
export function houseHere(environment: NodeJS.ProcessEnv): HouseFrom {
  const { port, dataFolder } = readSettings(environment);
  const key = join(dataFolder, 'key');
  const secret = existsSync(key) ? readFileSync(key, 'utf8').trim() : '';
  return {
    url: `http://127.0.0.1:${port}`,
    headers: { 'content-type': 'application/json', ...(secret && { authorization: `Bearer ${secret}` }) },
  };
}

type Answer = (request: IncomingMessage, response: ServerResponse) => void | Promise<void>;

/** Serves the page of a stand-in on this machine only, at whatever port is free, and prints where that is. */
export function servePage(name: string, answer: Answer): void {
  const server = createServer((request, response) => {
    Promise.resolve(answer(request, response)).catch((error: unknown) => {
      response.writeHead(502, { 'content-type': 'text/plain; charset=utf-8' });
      response.end(error instanceof Error ? error.message : 'Vesperum does not answer.');
    });
  });
  server.listen(0, '127.0.0.1', () => {
    console.log(`${name} is at http://127.0.0.1:${(server.address() as AddressInfo).port}`);
  });
}

/** A whole small page. */
export const pageOf = (title: string, body: string): string => `<!doctype html>
<html lang="en-GB"><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${title}</title>
<style>body{background:#1b1b33;color:#f1eadb;font:1.3rem/1.4 Georgia,serif;margin:0;padding:1rem}
button{background:#24243f;border:2px solid #e0a04a;border-radius:8px;color:inherit;font:inherit;min-height:30vh;width:100%;margin:0 0 1rem}
li{list-style:none}</style><h1>${title}</h1>${body}</html>`;
