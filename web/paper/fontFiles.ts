import serif from '@fontsource/alegreya/files/alegreya-latin-600-normal.woff?sfnt';
import serifExt from '@fontsource/alegreya/files/alegreya-latin-ext-400-normal.woff?sfnt';
import sans from '@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff?sfnt';
import sansBold from '@fontsource/source-sans-3/files/source-sans-3-latin-600-normal.woff?sfnt';
import sansExt from '@fontsource/source-sans-3/files/source-sans-3-latin-ext-400-normal.woff?sfnt';

export interface FaceFiles {
  readonly normal: string;
  readonly bold: string;
}

const han = import.meta.glob('../../node_modules/@fontsource/lxgw-wenkai-tc/files/*-400-normal.woff', {
  eager: true,
  query: '?sfnt',
  import: 'default',
}) as Readonly<Record<string, string>>;

/** Where the faces of a PDF are fetched from: they ship with the application, as those of the screen do. */
export function fontFiles(): ReadonlyMap<string, FaceFiles> {
  const faces = new Map<string, FaceFiles>([
    ['Sans', { normal: sans, bold: sansBold }],
    ['SansExt', { normal: sansExt, bold: sansExt }],
    ['Serif', { normal: serif, bold: serif }],
    ['SerifExt', { normal: serifExt, bold: serifExt }],
  ]);
  for (const [path, address] of Object.entries(han)) {
    const file = /-tc-(\d+)-400/.exec(path)?.[1];
    if (file !== undefined) faces.set(`Han${file}`, { normal: address, bold: address });
  }
  return faces;
}
