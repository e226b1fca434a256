import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'

/** A PDF opened, and its words in reading order with single spaces. */
export async function pdfText(bytes: ArrayBuffer | Uint8Array): Promise<string> {
  const document = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise
  const pages: string[] = []
  for (let i = 1; i <= document.numPages; i++) {
    const { items } = await (await document.getPage(i)).getTextContent()
    pages.push(items.map(item => ('str' in item ? item.str : '')).join(' '))
  }
  await document.destroy()
  return pages.join(' ').replace(/\s+/g, ' ')
}
