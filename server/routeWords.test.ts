import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { isFreeInAddress, Slug } from '../core/words/ids';
import { openTestHouse } from '../demo/testHouse';

/** Nothing may be called by a word that stands in an address where its id would stand. */

test('every word that stands beside an id in an address of the server is refused as one', async () => {
  const house = openTestHouse();
  try {
    const { paths } = (await (await house.ask('GET', '/api/openapi.json')).json()) as {
      paths: Record<string, unknown>;
    };
    const all = Object.keys(paths);
    const words = all.flatMap((path) => {
      const [, , kind, word] = path.split('/');
      const hasIds = all.some((other) => other.startsWith(`/api/${kind}/{`));
      return hasIds && word && !word.startsWith('{') ? [word] : [];
    });
    expect(words).toEqual(expect.arrayContaining(['file', 'page', 'carried']));
    expect(words.filter(isFreeInAddress)).toEqual([]);
    expect(Slug.safeParse('files').success).toBe(true);
  } finally {
    await house.close();
  }
});

test('and every word beside an id in an address of a page', () => {
  const places = join(import.meta.dirname, '..', 'web', 'places');
  const routes = readdirSync(places, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('place.ts'))
    .flatMap((file) =>
      [...readFileSync(join(places, file), 'utf8').matchAll(/path: '([^']+)'/g)].map(([, path]) => path ?? ''),
    );
  const words = routes.flatMap((route) => {
    const [first, word, ...more] = route.replace(/^\//, '').split('/');
    const hasIds = routes.some((other) => other.replace(/^\//, '').startsWith(`${first}/:`));
    return hasIds && word && more.length === 0 && !word.startsWith(':') ? [word] : [];
  });
  expect(words).toContain('new');
  expect(words.filter(isFreeInAddress)).toEqual([]);
});
