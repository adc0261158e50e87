declare module 'pdf-parse/lib/pdf-parse.js' {
  /** Reads the text and the number of pages of a PDF. */
  export default function parsePdf(
    bytes: Buffer,
  ): Promise<{ readonly numpages: number; readonly text: string; readonly info: Readonly<Record<string, unknown>> }>;
}
