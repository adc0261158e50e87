/** Characters of JSON that open, close, part, or hide what does. */
const [QUOTE, ESCAPE, COMMA] = [0x22, 0x5c, 0x2c];
const [OPENS_LIST, CLOSES_LIST, OPENS_OBJECT, CLOSES_OBJECT] = [0x5b, 0x5d, 0x7b, 0x7d];
const isSpace = (byte: number): boolean => byte === 0x20 || byte === 0x0a || byte === 0x0d || byte === 0x09;

/** A text is not the list it should be, or its brackets go deeper than they may. */
export class NoListError extends Error {}

/**
 * The members of a JSON list as texts, each still to be parsed: a table is never in memory as values, only as its bytes and one row.
 * Brackets are counted before anything is parsed: parsing 390 kB of opening brackets takes many gigabytes.
 * @param bytes in UTF-8
 * @param mostDeep brackets within each other, those of the list among them
 * @throws NoListError where the list does not begin, does not end, or goes too deep. `[1, {"a": 2}]` yields `1` and `{"a": 2}`.
 */
export function* rowTexts(bytes: Uint8Array, mostDeep: number): Generator<string> {
  const decoder = new TextDecoder();
  const textOf = (from: number, to: number) => decoder.decode(bytes.subarray(from, to)).trim();
  let depth = 0;
  let isInText = false;
  let begin = 0;
  let members = 0;
  let isClosed = false;
  for (let place = 0; place < bytes.length; place += 1) {
    const byte = bytes[place] ?? 0;
    if (isInText) {
      if (byte === ESCAPE) place += 1;
      else if (byte === QUOTE) isInText = false;
      continue;
    }
    if (depth === 0 && !isSpace(byte)) {
      if (isClosed || byte !== OPENS_LIST) throw new NoListError('it is not a list');
      [depth, begin] = [1, place + 1];
      continue;
    }
    if (byte === QUOTE) isInText = true;
    else if (byte === OPENS_LIST || byte === OPENS_OBJECT) {
      depth += 1;
      if (depth > mostDeep) throw new NoListError('it goes deeper than anything Vesperum writes');
    } else if (byte === CLOSES_LIST || byte === CLOSES_OBJECT) {
      depth -= 1;
      if (depth > 0) continue;
      isClosed = true;
      const last = textOf(begin, place);
      if (last !== '' || members > 0) yield last;
    } else if (byte === COMMA && depth === 1) {
      members += 1;
      yield textOf(begin, place);
      begin = place + 1;
    }
  }
  if (!isClosed) throw new NoListError('it ends in the middle');
}
