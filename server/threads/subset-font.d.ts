declare module 'subset-font' {
  /** A font with only the letters of a text. */
  export default function subsetFont(
    font: Uint8Array,
    text: string,
    options: { readonly targetFormat: 'woff2' | 'woff' | 'sfnt' },
  ): Promise<Buffer>;
}
