import type { Content } from 'pdfmake/interfaces';
import { hanFile } from './hanFaces';

/** The faces a PDF is set in. Each file holds only part of a face, so words are set in runs of what each can. */
export type Face = 'Sans' | 'SansExt' | 'Serif' | 'SerifExt' | `Han${number}`;

const faceOf = (letter: string, base: 'Sans' | 'Serif'): Face => {
  const code = letter.codePointAt(0) ?? 0;
  const file = code >= 0x2e80 ? hanFile(code) : null;
  if (file !== null) return `Han${file}`;
  if ((code >= 0x100 && code < 0x250) || (code >= 0x1e00 && code < 0x1f00))
    return base === 'Sans' ? 'SansExt' : 'SerifExt';
  return base;
};

export interface Run {
  readonly text: string;
  readonly font: Face;
}

/** Words as runs of one face each: `runsOf('Yún Shǒu', 'Sans')` has three. */
export function runsOf(words: string, base: 'Sans' | 'Serif'): Run[] {
  const runs: { text: string; font: Face }[] = [];
  for (const letter of words) {
    const font = letter === ' ' ? (runs.at(-1)?.font ?? base) : faceOf(letter, base);
    const last = runs.at(-1);
    if (last && last.font === font) last.text += letter;
    else runs.push({ text: letter, font });
  }
  return runs;
}

/** Words for a document, in runs. */
export const said = (words: string, style: object = {}, base: 'Sans' | 'Serif' = 'Sans'): Content => ({
  text: runsOf(words, base),
  ...style,
});
