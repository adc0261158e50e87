/** Unpacks one table of a font file. */
async function inflated(packed: Uint8Array<ArrayBuffer>): Promise<Uint8Array> {
  const stream = new Blob([packed]).stream().pipeThrough(new DecompressionStream('deflate'));
  return new Uint8Array(await new Response(stream).arrayBuffer());
}

const WOFF = 0x774f4646;
const [WOFF_HEAD, WOFF_ENTRY, SFNT_HEAD, SFNT_ENTRY] = [44, 20, 12, 16];

/**
 * A font unpacked from WOFF (W3C, version 1) into the plain file it was made from. The PDF library reads both, but unpacks a
 * packed table again for every letter, which takes seconds.
 * @throws where the file is no WOFF
 */
export async function sfntOf(woff: ArrayBuffer): Promise<Uint8Array<ArrayBuffer>> {
  const from = new DataView(woff);
  if (woff.byteLength < WOFF_HEAD || from.getUint32(0) !== WOFF) throw new Error('This is not a WOFF font.');
  const count = from.getUint16(12);
  const tables = await Promise.all(
    Array.from({ length: count }, async (_, place) => {
      const entry = WOFF_HEAD + place * WOFF_ENTRY;
      const [offset, packed, length] = [4, 8, 12].map((at) => from.getUint32(entry + at)) as [number, number, number];
      const bytes = new Uint8Array(woff, offset, packed);
      return {
        tag: from.getUint32(entry),
        checksum: from.getUint32(entry + 16),
        bytes: packed < length ? await inflated(bytes) : bytes,
      };
    }),
  );
  const padded = (length: number) => (length + 3) & ~3;
  const whole = tables.reduce((sum, { bytes }) => sum + padded(bytes.length), SFNT_HEAD + count * SFNT_ENTRY);
  const plain = new Uint8Array(whole);
  const to = new DataView(plain.buffer);
  const selector = Math.floor(Math.log2(count));
  to.setUint32(0, from.getUint32(4));
  to.setUint16(4, count);
  to.setUint16(6, 2 ** selector * 16);
  to.setUint16(8, selector);
  to.setUint16(10, count * 16 - 2 ** selector * 16);
  let at = SFNT_HEAD + count * SFNT_ENTRY;
  tables.forEach(({ tag, checksum, bytes }, place) => {
    const entry = SFNT_HEAD + place * SFNT_ENTRY;
    to.setUint32(entry, tag);
    to.setUint32(entry + 4, checksum);
    to.setUint32(entry + 8, at);
    to.setUint32(entry + 12, bytes.length);
    plain.set(bytes, at);
    at += padded(bytes.length);
  });
  return plain;
}
