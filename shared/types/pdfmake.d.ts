declare module 'pdfmake' {
  const pdfmake: {
    virtualfs: { writeFileSync(name: string, content: string, encoding: string): void }
    setFonts(fonts: Record<string, Record<string, string>>): void
    setUrlAccessPolicy(allow: (url: string) => boolean): void
    setLocalAccessPolicy(allow: (path: string) => boolean): void
    createPdf(document: Record<string, unknown>): { getBuffer(): Promise<Buffer> }
  }
  export default pdfmake
}
