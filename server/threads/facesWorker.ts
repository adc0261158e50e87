import { parentPort } from 'node:worker_threads';
import type { Answered, Asked } from './askThread';
import type { CutFaces } from './facesInThread';
import { cutHanFaces } from './hanFaces';

/** A thread of its own that cuts faces down: unpacking and packing them takes a third of a second each. */

async function cut(text: string): Promise<CutFaces> {
  try {
    return { ok: true, css: await cutHanFaces(text) };
  } catch (error) {
    return { ok: false, why: error instanceof Error ? error.message : String(error) };
  }
}

parentPort?.on('message', async ({ number, order }: Asked<string>) =>
  parentPort?.postMessage({ number, answer: await cut(order) } satisfies Answered<CutFaces>),
);
