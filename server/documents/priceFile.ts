import Papa from 'papaparse'
import { z } from 'zod'
import { toMinor } from '#core/units/money'
import { PRICE_KINDS } from '#core/words/deciding'
import { wordsOf } from '#core/schema/words'
import type { PriceRow } from '#shared/types/records'
import { Refusal } from '../db/refusal'

export const PRICE_COLUMNS = [
  'number',
  'name',
  'price',
  'kind',
  'supplier',
  'lead_days',
  'stock',
  'superseded_by',
] as const
const NEEDED = PRICE_COLUMNS.slice(0, 3)
const MOST = 20_000

export type ReadPrice = Omit<PriceRow, 'id' | 'pricedOn'>

const figure = (what: string, most: number, unit: string) =>
  z
    .number({ error: `${what}: type a figure, not words.` })
    .min(0, `${what} can't be negative.`)
    .max(most, `${what} can be at most ${most.toLocaleString('en-GB')} ${unit}: look at the decimal point.`)
const line = z.strictObject({
  supplier: z
    .string()
    .min(1, 'Supplier is missing: a column, or the name given with the file.')
    .max(80, 'Supplier can hold 80 characters.'),
  number: z.string().min(1, 'Number is missing.').max(60, 'Number can hold 60 characters.'),
  name: z.string().min(1, 'Name is missing.').max(120, 'Name can hold 120 characters.'),
  kind: z.enum(['retail', 'trade', 'donor'], {
    error: `Kind must be ${Object.keys(PRICE_KINDS).slice(0, 3).join(', ')}.`,
  }),
  price: figure('Price', 1e7, '').nullable(),
  leadDays: figure('Lead time', 730, 'days').int('Lead time: whole days.').nullable(),
  stock: figure('Stock', 1e6, 'pieces').int('Stock: whole pieces.').nullable(),
  supersededBy: z.string().max(60).nullable(),
})

/** A figure as lists write it: 1,234.50 or 1.234,50 or 12,5; NaN for what is none, null for nothing. */
export function listFigure(typed: string): number | null {
  const text = typed
    .trim()
    .replace(/[\s'’ ]/g, '')
    .replace(/^[€$£]|[€$£]$/g, '')
  if (!text) return null
  const [comma, dot] = [text.lastIndexOf(','), text.lastIndexOf('.')]
  const decimal = comma > dot ? ',' : '.'
  const plain = text.replaceAll(decimal === ',' ? '.' : ',', '').replace(',', '.')
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : Number.NaN
}

/**
 * A price list read line by line. An empty price means that it can't be had.
 * @returns what could be read, and for each wrong line its number in the file and what would be right
 * @throws  Refusal 422 when the columns are not named, or there are too many lines
 */
export function readPriceList(
  text: string,
  { supplier, kind, currency }: { supplier: string | null; kind: string; currency: string },
): { prices: ReadPrice[]; lines: { line: number; message: string }[] } {
  const { data, meta, errors } = Papa.parse<Record<string, string>>(text.trim(), {
    header: true,
    skipEmptyLines: true,
    transformHeader: h => h.trim().toLowerCase().replace(/\s+/g, '_'),
    delimitersToGuess: [';', ',', '\t'],
  })
  const lacking = NEEDED.filter(c => !meta.fields?.includes(c))
  if (lacking.length)
    throw new Refusal(
      422,
      `The first line must name the columns; ${lacking.join(', ')} ${lacking.length > 1 ? 'are' : 'is'} missing.`,
      [{ field: 'text', message: `Columns: ${PRICE_COLUMNS.join(', ')}.` }],
    )
  if (data.length > MOST)
    throw new Refusal(422, `A list can hold ${MOST.toLocaleString('en-GB')} lines: split it.`, [
      { field: 'text', message: 'Split the list.' },
    ])
  // a line may leave out the columns at its end
  const lines = errors
    .filter(e => e.row !== undefined && e.code !== 'TooFewFields')
    .map(e => ({ line: (e.row ?? 0) + 2, message: e.message }))
  const seen = new Map<string, number>()
  const prices = data.flatMap((cells, i): ReadPrice[] => {
    const cell = (name: string): string => (cells[name] ?? '').trim()
    const read = line.safeParse({
      supplier: cell('supplier') || (supplier ?? ''),
      number: cell('number'),
      name: cell('name'),
      kind: cell('kind').toLowerCase() || kind,
      price: listFigure(cell('price')),
      leadDays: listFigure(cell('lead_days')),
      stock: listFigure(cell('stock')),
      supersededBy: cell('superseded_by') || null,
    })
    if (!read.success) {
      lines.push(...read.error.issues.map(issue => ({ line: i + 2, message: wordsOf(issue) })))
      return []
    }
    const { price, ...rest } = read.data
    const key = JSON.stringify([rest.supplier, rest.number])
    const before = seen.get(key)
    if (before !== undefined) {
      lines.push({ line: i + 2, message: `Number ${rest.number} stands in line ${before} already.` })
      return []
    }
    seen.set(key, i + 2)
    return [{ ...rest, priceMinor: price === null ? null : toMinor(price, currency) }]
  })
  return { prices, lines: lines.sort((a, b) => a.line - b.line) }
}
