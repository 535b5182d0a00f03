declare module 'opentype.js' {
  interface Font {
    readonly names: { readonly windows: { readonly fontFamily: { readonly en: string } } };
    /** Gives the index of a sign; 0 where the font has none for the text. */
    charToGlyphIndex(text: string): number;
  }
  const opentype: { parse(buffer: ArrayBufferLike): Font };
  export default opentype;
}

declare module 'wawoff2' {
  const wawoff2: { decompress(font: Uint8Array): Promise<Uint8Array> };
  export default wawoff2;
}
