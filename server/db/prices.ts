import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import { moneyText, toMajor } from '#core/units/money'
import type { PriceReport, PriceRow } from '#shared/types/records'
import type { ReadPrice } from '../documents/priceFile'
import { readPriceList } from '../documents/priceFile'
import { keepChange } from './changes'
import { versionOf } from './differences'
import { Refusal } from './refusal'
import { policyOf } from './shop'
import { anywhere, row, rows, run } from './statements'

const COLUMNS =
  'id, supplier, number, name, kind, price_minor AS priceMinor, lead_days AS leadDays, stock, superseded_by AS supersededBy, priced_on AS pricedOn'
const ONE = `SELECT ${COLUMNS} FROM prices WHERE supplier = ? AND number = ?`
const FIND = `SELECT ${COLUMNS} FROM prices WHERE name LIKE ? ESCAPE '\\' OR number LIKE ? ESCAPE '\\' ORDER BY name COLLATE NOCASE, price_minor LIMIT ?`
const COUNT = 'SELECT COUNT(*) AS n FROM prices'
const ADD =
  'INSERT INTO prices (id, supplier, number, name, kind, price_minor, lead_days, stock, superseded_by, priced_on, updated_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)'
const SAVE =
  'UPDATE prices SET name = ?, kind = ?, price_minor = ?, lead_days = ?, stock = ?, superseded_by = ?, priced_on = ?, updated_at = ? WHERE id = ?'

/** Parts whose name or number holds the words. */
export function findPrices(db: Database, words: string, most = 30): { prices: PriceRow[]; all: number } {
  const like = anywhere(words)
  return { prices: rows<PriceRow>(db, FIND, like, like, most), all: row<{ n: number }>(db, COUNT)?.n ?? 0 }
}

const SAME: readonly (keyof ReadPrice)[] = ['name', 'kind', 'priceMinor', 'leadDays', 'stock', 'supersededBy']

export interface PriceAsk {
  text: string
  supplier: string | null
  kind: string
  pricedOn: string
  apply: boolean
  /** of the known prices, as the dry run saw them */
  version?: string | null | undefined
  by: string
}

/** A price list held against what is known: first what it would change; with `apply`, and no wrong line, the change. A list with a wrong line changes nothing. */
export function importPrices(db: Database, ask: PriceAsk): PriceReport {
  return db
    .transaction(() => {
      const { currency } = policyOf(db)
      const { prices, lines } = readPriceList(ask.text, { ...ask, currency })
      const cash = (minor: number | null): string =>
        minor === null ? 'not to be had' : moneyText(toMajor(minor, currency), currency, true)
      const known = prices.map(p => ({ p, was: row<PriceRow>(db, ONE, p.supplier, p.number) }))
      const added = known.filter(k => !k.was)
      const changed = known.flatMap(({ p, was }) => (was && SAME.some(f => was[f] !== p[f]) ? [{ p, was }] : []))
      const version = versionOf(known.map(k => k.was ?? null))
      if (ask.apply && ask.version && ask.version !== version)
        throw new Refusal(
          409,
          'Somebody changed these prices since the list was compared with them: look at it once more, then put it in.',
        )
      const apply = ask.apply && !lines.length
      if (apply) {
        const now = new Date().toISOString()
        for (const { p } of added)
          run(
            db,
            ADD,
            ulid(),
            p.supplier,
            p.number,
            p.name,
            p.kind,
            p.priceMinor,
            p.leadDays,
            p.stock,
            p.supersededBy,
            ask.pricedOn,
            now,
          )
        for (const { p, was } of known) {
          if (!was) continue
          if (SAME.some(f => was[f] !== p[f]))
            keepChange(db, 'prices', was.id, ask.by, was, { ...p, pricedOn: ask.pricedOn })
          run(db, SAVE, p.name, p.kind, p.priceMinor, p.leadDays, p.stock, p.supersededBy, ask.pricedOn, now, was.id)
        }
      }
      return {
        lines,
        applied: apply,
        version,
        added: added.map(({ p }) => `${p.number} ${p.name}, ${cash(p.priceMinor)}`),
        changed: changed.map(
          ({ p, was }) =>
            `${p.number} ${p.name}: ${was.priceMinor === p.priceMinor ? 'details' : `${cash(was.priceMinor)} → ${cash(p.priceMinor)}`}${p.supersededBy ? `, superseded by ${p.supersededBy}` : ''}`,
        ),
        same: known.length - added.length - changed.length,
      }
    })
    .immediate()
}
