import { randomBytes } from 'node:crypto';
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

/** Whether a request comes from this machine, by its own address, and from a page of this stand-in if from a page at all. */
function isOwn({ headers: { host = '', origin } }: IncomingMessage, port: number): boolean {
  const isHere = [`127.0.0.1:${port}`, `localhost:${port}`].includes(host);
  return isHere && (origin === undefined || origin === `http://${host}`);
}

/**
 * Serves the page of a stand-in on this machine only, at whatever port is free, and prints where that is. The address carries a key of
 * its own: whatever else asks there is turned away.
 * @param answer is asked with the path behind the key
 */
export function servePage(name: string, answer: Answer): void {
  const key = `/${randomBytes(18).toString('base64url')}/`;
  const server = createServer((request, response) => {
    const { port } = server.address() as AddressInfo;
    if (!isOwn(request, port) || !request.url?.startsWith(key)) {
      response.writeHead(403, { 'content-type': 'text/plain; charset=utf-8' });
      response.end('Open it with the address it printed.');
      return;
    }
    request.url = request.url.slice(key.length - 1);
    Promise.resolve(answer(request, response)).catch((error: unknown) => {
      response.writeHead(502, { 'content-type': 'text/plain; charset=utf-8' });
      response.end(error instanceof Error ? error.message : 'Vesperum does not answer.');
    });
  });
  server.listen(0, '127.0.0.1', () => {
    console.log(`${name} is at http://127.0.0.1:${(server.address() as AddressInfo).port}${key}`);
  });
  // Whoever started it for a server ends it with that, however that ended.
  if (process.argv.includes('--until-input-ends')) process.stdin.resume().on('end', () => process.exit());
}

/** A whole small page. */
export const pageOf = (title: string, body: string): string => `<!doctype html>
<html lang="en-GB"><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${title}</title>
<style>body{background:#1b1b33;color:#f1eadb;font:1.3rem/1.4 Georgia,serif;margin:0;padding:1rem}
button{background:#24243f;border:2px solid #e0a04a;border-radius:8px;color:inherit;font:inherit;min-height:30vh;width:100%;margin:0 0 1rem}
li{list-style:none}</style><h1>${title}</h1>${body}</html>`;
