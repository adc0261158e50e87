import { createServer } from 'node:net';

/** Ports below those the system gives to whoever asks for any: one of them stays free between two looks, and over a restart. */
const PORTS = { from: 12_000, to: 32_000 } as const;

const isFree = (port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });

/** A port that is free, and stays so unless another house happens on it: the one that is wanted, where that one is. */
export async function freePort(wanted?: number): Promise<number> {
  if (wanted !== undefined && (await isFree(wanted))) return wanted;
  for (;;) {
    const port = PORTS.from + Math.floor(Math.random() * (PORTS.to - PORTS.from));
    if (await isFree(port)) return port;
  }
}
