import { expose } from 'comlink';
import { startWorker } from './startWorker';

const channels: MessagePort[] = [];
afterEach(() => {
  for (const port of channels.splice(0)) port.close();
  Reflect.deleteProperty(globalThis, 'navigator');
});

/** A worker in this thread: it takes its time to wake, and dies over the question it is asked. */
function doomedWorker(wakesAfterMs: number) {
  const { port1, port2 } = new MessageChannel();
  channels.push(port1);
  const heard: string[] = [];
  let wake: () => void = () => undefined;
  const held = new Promise<void>((resolve) => {
    wake = resolve;
  });
  expose(
    {
      awake: async () => {
        await new Promise((resolve) => setTimeout(resolve, wakesAfterMs));
        heard.push('awake');
        return true;
      },
      // Whoever waits for its lock gets it as it dies.
      work: () => {
        heard.push('work');
        wake();
        return new Promise<never>(() => undefined);
      },
    },
    port2 as unknown as MessagePort,
  );
  return { worker: Object.assign(port1, { terminate: () => port1.close() }) as unknown as Worker, held, heard };
}

interface Doomed {
  readonly awake: () => Promise<boolean>;
  readonly work: () => Promise<string>;
}

test('a worker that dies over its first question is missed, however long it took to wake: the question waits until it can be', async () => {
  const { worker, held, heard } = doomedWorker(60);
  const locks = { request: (_: string, then: () => void) => held.then(then) };
  Object.defineProperty(globalThis, 'navigator', { value: { locks }, configurable: true });
  const { ask } = startWorker<Doomed>(() => worker);
  await expect(ask((work) => work.work())).rejects.toThrow('The work stopped of itself.');
  expect(heard).toEqual(['awake', 'work']);
});
