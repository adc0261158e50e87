import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import subsetFont from 'subset-font';

/** The Kai face comes in many files, each for some of the letters; which, is told with it as "U+96F2,U+624B-624C". */
const FACE = '@fontsource/lxgw-wenkai-tc';
const require = createRequire(import.meta.url);

const hex = (digits: string): number => Number.parseInt(digits, 16);

/** The file that holds each letter, by its code. */
async function filesByLetter(): Promise<ReadonlyMap<number, string>> {
  const ranges: Record<string, string> = JSON.parse(await readFile(require.resolve(`${FACE}/unicode.json`), 'utf8'));
  const found = new Map<number, string>();
  for (const [name, written] of Object.entries(ranges)) {
    const file = /^\[(\d+)\]$/.exec(name)?.[1];
    if (file === undefined) continue;
    for (const [, from = '', to = ''] of written.matchAll(/U\+([0-9a-f]+)(?:-([0-9a-f]+))?/gi))
      for (let code = hex(from); code <= hex(to || from); code += 1) found.set(code, file);
  }
  return found;
}

/**
 * The Kai face cut down to the letters of a text, as style rules with the faces in them: a few hundred bytes a letter rather than
 * megabytes. Letters the face does not have are left out.
 */
export async function cutHanFaces(text: string): Promise<string> {
  const byLetter = await filesByLetter();
  const wanted = new Map<string, string>();
  for (const letter of new Set(text)) {
    const file = byLetter.get(letter.codePointAt(0) ?? 0);
    if (file !== undefined) wanted.set(file, (wanted.get(file) ?? '') + letter);
  }
  const folder = join(dirname(require.resolve(`${FACE}/unicode.json`)), 'files');
  const rules = await Promise.all(
    [...wanted].map(async ([file, letters]) => {
      const whole = await readFile(join(folder, `lxgw-wenkai-tc-${file}-400-normal.woff2`));
      const cut = await subsetFont(whole, letters, { targetFormat: 'woff2' });
      const range = [...letters].map((letter) => `U+${(letter.codePointAt(0) ?? 0).toString(16)}`).join(',');
      return `@font-face{font-family:"LXGW WenKai TC";src:url(data:font/woff2;base64,${cut.toString('base64')}) format("woff2");unicode-range:${range}}`;
    }),
  );
  return rules.join('\n');
}
