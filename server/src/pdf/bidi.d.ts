/** What of bidi-js is used here; it ships no types. */
declare module 'bidi-js' {
  interface Bidi {
    getEmbeddingLevels(text: string, base: 'ltr' | 'rtl'): { levels: Uint8Array };
    getReorderedIndices(text: string, levels: { levels: Uint8Array }): number[];
    getMirroredCharacter(character: string): string | null;
  }
  export default function bidiFactory(): Bidi;
}
