import pdfmake from 'pdfmake'
import type { TDocumentDefinitions } from './pdfmake'
import fonts from '#pdf-fonts'
import type { ShopPolicy } from '#core/engine/policy'
import type { Stop } from '#core/judgement'

for (const [name, base64] of Object.entries(fonts)) pdfmake.virtualfs.writeFileSync(name, base64, 'base64')
pdfmake.setFonts({
  Barlow: {
    normal: 'Barlow_400Regular.ttf',
    bold: 'Barlow_600SemiBold.ttf',
    italics: 'Barlow_400Regular_Italic.ttf',
    bolditalics: 'Barlow_600SemiBold.ttf',
  },
})
// nothing is ever fetched and no file is read: all that a document needs is in it
pdfmake.setUrlAccessPolicy(() => false)
pdfmake.setLocalAccessPolicy(() => false)

export const INK = '#20272a'
export const SECOND = '#566063'
export const HAIRLINE = '#b9b09b'
export const STOP_RED = '#9b2c1f'
export const PETROL = '#1d5768'

/** A document as PDF bytes. */
export async function pdfOf(
  content: Pick<TDocumentDefinitions, 'content' | 'info'> & {
    foot: string
    pages?(page: number, pages: number): string
  },
  pageSize: ShopPolicy['paperSize'] = 'A4',
): Promise<Buffer> {
  return await pdfmake
    .createPdf({
      pageSize,
      pageMargins: [48, 44, 48, 52],
      defaultStyle: { font: 'Barlow', fontSize: 10, color: INK, lineHeight: 1.15 },
      info: content.info,
      content: breakable(content.content) as typeof content.content,
      footer: (page: number, pages: number) => ({
        columns: [
          { text: content.foot },
          { text: content.pages?.(page, pages) ?? `${page} of ${pages}`, alignment: 'right' },
        ],
        margin: [48, 14, 48, 0],
        fontSize: 8,
        color: SECOND,
      }),
    })
    .getBuffer()
}

const MM = 72 / 25.4
/** The label that the words of labels were set for, mm. */
const SET_FOR = { width: 100, height: 62 }
/** Width and height of a label, mm; a roll is cut where its label ends. */
const LABELS: Record<ShopPolicy['labelSize'], { width: number; height: number | null }> = {
  w100h62: SET_FOR,
  w89h36: { width: 89, height: 36 },
  w57h32: { width: 57, height: 32 },
  roll80: { width: 80, height: null },
  roll58: { width: 58, height: null },
}
/** Nothing smaller can be read at the bench, points. */
const LEAST_FONT = 6.5

/** A label as PDF bytes, its words as large as its size bears. */
export async function labelPdf(content: unknown[], size: ShopPolicy['labelSize'] = 'w100h62'): Promise<Buffer> {
  const { width, height } = LABELS[size]
  const share = Math.min(width / SET_FOR.width, height === null ? 1 : height / SET_FOR.height)
  const edge = (points: number): number => Math.max(5, points * share)
  return await pdfmake
    .createPdf({
      pageSize: { width: width * MM, height: height === null ? 'auto' : height * MM },
      pageMargins: [edge(14), edge(12), edge(14), edge(8)],
      defaultStyle: { font: 'Barlow', color: INK },
      content: sized(breakable(content), share) as unknown[],
    })
    .getBuffer()
}

/** A part of a label set for another size. */
function sized(part: unknown, share: number): unknown {
  if (share === 1) return part
  if (Array.isArray(part)) return part.map(p => sized(p, share))
  if (typeof part !== 'object' || part === null) return part
  const node = { ...part } as Record<string, unknown>
  if (typeof node.fontSize === 'number') node.fontSize = Math.max(LEAST_FONT, node.fontSize * share)
  for (const key of ['fit', 'width', 'columnGap'])
    if (typeof node[key] === 'number') node[key] = (node[key] as number) * share
  if (Array.isArray(node.margin)) node.margin = (node.margin as number[]).map(x => x * share)
  for (const key of ['text', 'stack', 'columns']) if (Array.isArray(node[key])) node[key] = sized(node[key], share)
  return node
}

/** No word and no number is so long: it gets gaps, because laying it out letter by letter takes minutes. */
const NO_WORD = /\S{401,}/g
const GAPS = /(\S{24})(?=\S)/g
/** A word that a narrow column may not hold breaks where its line ends; the typeface has no sign that would say where it may. */
const LONG_WORD = /(\S{25,})/

/** A part of a document in which long words may break anywhere. */
export function breakable(part: unknown): unknown {
  if (Array.isArray(part)) return part.map(breakable)
  if (typeof part === 'string') return LONG_WORD.test(part) ? { text: piecesOf(part) } : part
  if (typeof part !== 'object' || part === null) return part
  const node = { ...part } as Record<string, unknown>
  if (typeof node.text === 'string') return LONG_WORD.test(node.text) ? { ...node, text: piecesOf(node.text) } : node
  for (const key of ['text', 'stack', 'columns', 'ul']) if (Array.isArray(node[key])) node[key] = breakable(node[key])
  if (node.table) node.table = { ...node.table, body: breakable((node.table as { body: unknown }).body) }
  return node
}
const piecesOf = (text: string): object[] =>
  text
    .split(LONG_WORD)
    .filter(Boolean)
    .map(piece => (LONG_WORD.test(piece) ? { text: piece, wordBreak: 'break-all' } : { text: piece }))

/** Signs that the document's typeface has no shape for (emoji and the like) are shown as a small box instead of vanishing. */
export const printable = (text: string): string =>
  text
    .replace(NO_WORD, word => word.replace(GAPS, '$1 '))
    .replaceAll('→', '›')
    // the narrow gap between thousands has no shape either
    .replaceAll('\u202f', '\u00a0')
    .replace(/\p{Extended_Pictographic}/gu, '▯')
    .replace(/\u200d|\ufe0f/g, '')

/** The shop's head and the title of the document. */
export function head(shopName: string, shopAddress: string, title: string, right: string): unknown[] {
  return [
    {
      columns: [
        { text: printable(shopName || 'Remedium'), bold: true, fontSize: 15, color: PETROL },
        { text: right, alignment: 'right', color: SECOND },
      ],
    },
    ...(shopAddress ? [{ text: printable(shopAddress), color: SECOND, fontSize: 9 }] : []),
    rule(),
    { text: title, bold: true, fontSize: 17, margin: [0, 2, 0, 6] },
  ]
}

/** What must not be done with a machine, first on every paper that leaves with it. */
export function standing(stops: Stop[], title: string, who: (id: string) => string, told: string[] = []): unknown[] {
  if (!stops.length) return []
  const lines = stops.map(s => ({
    text: [
      { text: `${printable(s.title)}. `, bold: true },
      printable(
        `${s.reason} Ends by: ${s.clearedBy}${s.signed ? ` Taken on by ${who(s.signed.by)}, ${s.signed.at.slice(0, 10)}: ${s.signed.reason}` : ''}`,
      ),
    ],
    margin: [0, 0, 0, 3],
  }))
  return [
    {
      table: {
        widths: ['*'],
        body: [
          [
            {
              stack: [
                { text: title, bold: true, fontSize: 13, margin: [0, 0, 0, 3] },
                ...lines,
                ...told.map(text => ({ text: printable(text), margin: [0, 0, 0, 3] })),
              ],
              margin: [4, 3, 4, 3],
            },
          ],
        ],
      },
      layout: { hLineWidth: () => 1.4, vLineWidth: () => 1.4, hLineColor: () => STOP_RED, vLineColor: () => STOP_RED },
      margin: [0, 4, 0, 6],
    },
  ]
}

export const rule = (): unknown => ({
  canvas: [{ type: 'line', x1: 0, y1: 0, x2: 499, y2: 0, lineWidth: 0.6, lineColor: HAIRLINE }],
  margin: [0, 5, 0, 5],
})
export const heading = (text: string): unknown => ({
  text,
  bold: true,
  fontSize: 12,
  color: PETROL,
  margin: [0, 11, 0, 3],
})

/** Hairlines under the rows, nothing else. */
export const TABLE_LAYOUT = {
  hLineWidth: (i: number, node: { table: { body: unknown[] } }) => (i === 0 || i === node.table.body.length ? 0 : 0.5),
  vLineWidth: () => 0,
  hLineColor: () => HAIRLINE,
  paddingLeft: (i: number) => (i === 0 ? 0 : 6),
  paddingRight: () => 4,
  paddingTop: () => 2.5,
  paddingBottom: () => 2.5,
}
