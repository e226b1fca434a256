import type { Database } from 'better-sqlite3'
import { differences } from './differences'
import { hashOf } from './hash'
import { Refusal } from './refusal'
import { row, run } from './statements'

const FIND = 'SELECT what, sent_sha256 AS sha256, sent, answer FROM deliveries WHERE id = ?'
const ADD = 'INSERT INTO deliveries (id, what, sent_sha256, sent, answer, at) VALUES (?, ?, ?, ?, ?, ?)'
const FORGET = 'DELETE FROM deliveries WHERE at < ?'

/** Longer than this only its hash is kept: a file that was imported is not told apart word by word. */
const KEPT_LETTERS = 20_000
/** A lost answer is asked for again within minutes; a tablet that lay in a drawer, within weeks. */
const KEPT_DAYS = 90

export interface Delivery {
  /** made by the sender, once for each thing that it wants done */
  id: string
  /** what it is, in a word that a refusal can use: `booking`, `sheet` */
  what: string
  sent: object
}

/**
 * Does something once, however often it is sent: the same thing again gets the same answer, another thing under its id is refused with what differs.
 * @param keep what of the answer is remembered; nothing that must not lie in clear
 * @param more told with a refusal: where the first one can be looked at
 * @throws Refusal 409 naming the fields that differ
 */
export function once<T extends object>(
  db: Database,
  { id, what, sent }: Delivery,
  work: () => T,
  keep: (answer: T) => object = answer => answer,
  more: (first: T) => Record<string, unknown> = () => ({}),
): { answer: T; repeated: boolean } {
  const text = JSON.stringify(sent)
  const sha256 = hashOf(text)
  return db
    .transaction(() => {
      const known = row<{ what: string; sha256: string; sent: string | null; answer: string }>(db, FIND, id)
      if (known) {
        const first = JSON.parse(known.answer) as T
        if (known.what === what && known.sha256 === sha256) return { answer: first, repeated: true }
        throw new Refusal(
          409,
          `Something else was sent under this id already (a ${known.what}): nothing was changed by this.`,
          known.sent === null
            ? []
            : differences(JSON.parse(known.sent) as object, sent, (was, is) => `First sent as ${was}, now as ${is}.`),
          known.what === what ? more(first) : {},
        )
      }
      const answer = work()
      const now = new Date().toISOString()
      run(db, ADD, id, what, sha256, text.length > KEPT_LETTERS ? null : text, JSON.stringify(keep(answer)), now)
      return { answer, repeated: false }
    })
    .immediate()
}

export const forgetOld = (db: Database, now = Date.now()): void =>
  run(db, FORGET, new Date(now - KEPT_DAYS * 86_400_000).toISOString())
