/** What of pdfmake is used here; it ships no types. */
declare module 'pdfmake' {
  interface PdfMake {
    virtualfs: { writeFileSync(name: string, content: Buffer): void };
    setFonts(fonts: Record<string, Record<string, string>>): void;
    setUrlAccessPolicy(may: (url: string) => boolean): void;
    setLocalAccessPolicy(may: (path: string) => boolean): void;
    createPdf(document: object): { getBuffer(): Promise<Uint8Array> };
  }
  const pdfMake: PdfMake;
  export default pdfMake;
}
