import { sfntOf } from './sfnt';

interface Table {
  readonly tag: string;
  readonly checksum: number;
  readonly bytes: Uint8Array<ArrayBuffer>;
}

const deflated = async (bytes: Uint8Array<ArrayBuffer>): Promise<Uint8Array> => {
  const stream = new Blob([bytes]).stream().pipeThrough(new CompressionStream('deflate'));
  return new Uint8Array(await new Response(stream).arrayBuffer());
};

/** A WOFF file of some tables, packed where that makes them smaller, as the format says. */
async function woffOf(flavour: number, tables: readonly Table[]): Promise<ArrayBuffer> {
  const packed = await Promise.all(
    tables.map(async ({ bytes }) => {
      const small = await deflated(bytes);
      return small.length < bytes.length ? small : bytes;
    }),
  );
  const padded = (length: number) => Math.ceil(length / 4) * 4;
  const whole = packed.reduce((sum, { length }) => sum + padded(length), 44 + tables.length * 20);
  const file = new Uint8Array(whole);
  const view = new DataView(file.buffer);
  view.setUint32(0, 0x774f4646);
  view.setUint32(4, flavour);
  view.setUint32(8, whole);
  view.setUint16(12, tables.length);
  let at = 44 + tables.length * 20;
  for (const [place, { tag, checksum, bytes }] of tables.entries()) {
    const entry = 44 + place * 20;
    const data = packed[place] as Uint8Array;
    file.set(
      [...tag].map((letter) => letter.charCodeAt(0)),
      entry,
    );
    view.setUint32(entry + 4, at);
    view.setUint32(entry + 8, data.length);
    view.setUint32(entry + 12, bytes.length);
    view.setUint32(entry + 16, checksum);
    file.set(data, at);
    at += padded(data.length);
  }
  return file.buffer;
}

const table = (tag: string, checksum: number, length: number, of: (byte: number) => number): Table => ({
  tag,
  checksum,
  bytes: Uint8Array.from({ length }, (_, byte) => of(byte)),
});
const TABLES = [
  table('cmap', 11, 90, (byte) => byte % 3),
  table('glyf', 22, 4001, (byte) => (byte * byte) % 7),
  // Too short to be packed: it stands in the file as it is.
  table('head', 33, 5, (byte) => 200 + byte),
];

test('every table comes out as it went in, where the directory says', async () => {
  const plain = await sfntOf(await woffOf(0x00010000, TABLES));
  const view = new DataView(plain.buffer);
  expect([view.getUint32(0), view.getUint16(4)]).toEqual([0x00010000, 3]);
  // Three tables: the largest power of two in it is 2, so 32, 1 and 16.
  expect([6, 8, 10].map((at) => view.getUint16(at))).toEqual([32, 1, 16]);
  for (const [place, { tag, checksum, bytes }] of TABLES.entries()) {
    const entry = 12 + place * 16;
    expect(String.fromCharCode(...plain.slice(entry, entry + 4))).toBe(tag);
    expect(view.getUint32(entry + 4)).toBe(checksum);
    const offset = view.getUint32(entry + 8);
    expect(offset % 4).toBe(0);
    expect(plain.slice(offset, offset + view.getUint32(entry + 12))).toEqual(bytes);
  }
  expect(plain.length).toBe(12 + 3 * 16 + 92 + 4004 + 8);
});

test('what is no font is refused, and so is what is cut off', async () => {
  await expect(sfntOf(new ArrayBuffer(60))).rejects.toThrow('not a WOFF');
  await expect(sfntOf(new ArrayBuffer(3))).rejects.toThrow('not a WOFF');
  const woff = await woffOf(0x00010000, TABLES);
  await expect(sfntOf(woff.slice(0, woff.byteLength - 60))).rejects.toThrow();
});
