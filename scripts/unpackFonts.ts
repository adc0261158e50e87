import { readFile } from 'node:fs/promises';
import { basename } from 'node:path';
import type { Plugin } from 'vite';
import { sfntOf } from './sfnt';

const asBuffer = (bytes: Buffer): ArrayBuffer =>
  bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer;

/**
 * Unpacks the fonts that are imported as `font.woff?sfnt`, once, when the interface is built: the PDF library reads packed ones too,
 * but unpacks a table again for every letter. While developing they are handed out packed.
 */
export function unpackFonts(): Plugin {
  let isBuilding = false;
  return {
    name: 'unpack-fonts',
    enforce: 'pre',
    configResolved({ command }) {
      isBuilding = command === 'build';
    },
    async load(id) {
      const [file = '', query] = id.split('?');
      if (query !== 'sfnt') return null;
      if (!isBuilding) return `export { default } from ${JSON.stringify(`${file}?url`)};`;
      const source = new Uint8Array(await sfntOf(asBuffer(await readFile(file))));
      const reference = this.emitFile({ type: 'asset', name: basename(file).replace(/woff$/, 'ttf'), source });
      return `export default import.meta.ROLLUP_FILE_URL_${reference};`;
    },
  };
}
