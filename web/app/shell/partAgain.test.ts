import { partAgain } from './partAgain';

const Part = () => null;
const gone = new TypeError(
  'Failed to fetch dynamically imported module: http://127.0.0.1:4780/assets/TideChart-a1B2.js',
);

test('a part that did not come is asked for under another address each time, by the name of its file', async () => {
  const addresses: string[] = [];
  const load = async (address: string) => {
    addresses.push(address);
    return { TideChart: Part, n: () => undefined };
  };
  expect(await partAgain(gone, load)).toBe(Part);
  await partAgain(gone, load);
  expect(addresses[0]).toMatch(/^http:\/\/127\.0\.0\.1:4780\/assets\/TideChart-a1B2\.js\?again=\d+$/);
  expect(addresses[1]).not.toBe(addresses[0]);
});

test('what still does not come, comes under another name, or broke of itself is none', async () => {
  expect(await partAgain(gone, () => Promise.reject(gone))).toBeNull();
  expect(await partAgain(gone, async () => ({ other: Part }))).toBeNull();
  expect(await partAgain(new TypeError('x is not a function'), async () => ({ TideChart: Part }))).toBeNull();
  expect(await partAgain(new Error(gone.message), async () => ({ TideChart: Part }))).toBeNull();
});
