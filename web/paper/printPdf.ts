import type { TDocumentDefinitions, TFontDictionary } from 'pdfmake/interfaces';
import { fontFiles } from './fontFiles';

/** The faces a document is set in: only those are fetched. */
const facesOf = (document: TDocumentDefinitions): ReadonlySet<string> =>
  new Set([...JSON.stringify(document).matchAll(/"font":"(\w+)"/g)].map(([, face]) => face ?? ''));

const fetched = new Map<string, Promise<Uint8Array>>();

/** A font file, fetched once. */
function fontAt(address: string): Promise<Uint8Array> {
  const known =
    fetched.get(address) ?? fetch(address).then(async (answer) => new Uint8Array(await answer.arrayBuffer()));
  fetched.set(address, known);
  return known;
}

/** Makes a PDF of a document. The library and the faces are only fetched when something is printed. */
export async function printPdf(document: TDocumentDefinitions): Promise<Blob> {
  const { default: pdfmake } = await import('pdfmake/build/pdfmake');
  const faces = facesOf(document);
  const fonts: TFontDictionary = {};
  const files: Record<string, { data: Uint8Array }> = {};
  for (const [face, { normal, bold }] of fontFiles()) {
    if (!faces.has(face)) continue;
    fonts[face] = { normal, bold, italics: normal, bolditalics: bold };
    for (const address of [normal, bold]) files[address] = { data: await fontAt(address) };
  }
  pdfmake.addVirtualFileSystem(files as never);
  pdfmake.addFonts(fonts);
  return pdfmake.createPdf(document).getBlob();
}
