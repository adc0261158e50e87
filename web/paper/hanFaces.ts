import ranges from '@fontsource/lxgw-wenkai-tc/unicode.json';

/** The Kai face comes in many small files, each for some of the letters; which, is told with it as "U+96F2,U+624B-624C". */

const hex = (digits: string): number => Number.parseInt(digits, 16);

/** Where each letter stands: the number of its file by its code. Made once, and only when something is printed. */
function lookUp(): ReadonlyMap<number, number> {
  const found = new Map<number, number>();
  for (const [name, written] of Object.entries(ranges)) {
    const file = /^\[(\d+)\]$/.exec(name)?.[1];
    if (file === undefined) continue;
    for (const [, from = '', to = from] of written.matchAll(/U\+([0-9a-f]+)(?:-([0-9a-f]+))?/gi))
      for (let code = hex(from); code <= hex(to || from); code += 1) found.set(code, Number(file));
  }
  return found;
}

let files: ReadonlyMap<number, number> | null = null;

/** The number of the file that holds a letter; null where none does. */
export function hanFile(code: number): number | null {
  files ??= lookUp();
  return files.get(code) ?? null;
}
