/**
 * What finds a name as a word of its own, whatever its case and however its letters carry their marks.
 * @returns whether a text has it: "Ines" is in "for Ines, high" and not in "lines"
 */
export function nameIn(name: string): (text: string) => boolean {
  const literal = name.normalize('NFC').replaceAll(/[.*+?^${}()|[\]\\]/g, '\\$&');
  const word = new RegExp(`(?<![\\p{L}\\p{M}])${literal}(?![\\p{L}\\p{M}])`, 'iu');
  return (text) => word.test(text.normalize('NFC'));
}
