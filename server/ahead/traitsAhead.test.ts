import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { movementTraits } from '../../core/traits/movementTraits';
import { shippedRepertoire } from '../shippedRepertoire';
import { readTraits, writeTraits } from './traitsAhead';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'vesperum-traits-'));
});
afterEach(() => rmSync(folder, { recursive: true }));

const [first, second] = shippedRepertoire().movements;
if (!first || !second) throw new Error('there are movements');

test('what was worked out ahead is what would be worked out now, and what a movement says anew is not in it', () => {
  const file = join(folder, 'traits.json');
  writeFileSync(file, writeTraits([first]));
  const ahead = readTraits(file);
  expect(ahead(first)).toEqual(movementTraits(first));
  expect(ahead({ ...first })).toEqual(movementTraits(first));
  expect(ahead(second)).toBeUndefined();
  expect(ahead({ ...first, start: { ...first.start, sink: first.start.sink + 1 } })).toBeUndefined();
});

test('a file that is missing or damaged knows nothing, and nothing stops for it', () => {
  const file = join(folder, 'traits.json');
  expect(readTraits(file)(first)).toBeUndefined();
  writeFileSync(file, '{"half": ');
  expect(readTraits(file)(first)).toBeUndefined();
  writeFileSync(file, '{"one": {"id": 7}}');
  expect(readTraits(file)(first)).toBeUndefined();
});
