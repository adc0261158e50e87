/** The address of a font, unpacked when the interface is built. */
declare module '*?sfnt' {
  const address: string;
  export default address;
}
