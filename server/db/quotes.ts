import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import { assess } from '#core/assess'
import { CAUSE_BY_ID } from '#core/catalogue'
import type { Quote, QuoteAsk } from '#core/handover/quote'
import { quoteOf } from '#core/handover/quote'
import { consentRefusal } from '#core/people/consent'
import { moneyText } from '#core/units/money'
import { keptOf } from '#core/entries/kept'
import type { BodyOf, Entry, EntryKind } from '#core/entries/types'
import { entriesInForce } from '#core/log/entry'
import { PROOFS } from '#core/words/opened'
import type { OwnerAnswer, QuoteLine, QuotePage } from '#shared/types/records'
import { say } from './batches'
import { entriesOf } from './entries'
import { hashOf, newToken } from './hash'
import { fileOf, jobOf, jobView, logEntry, nowWaits } from './jobs'
import { customerOf, machineOf } from './machines'
import { Refusal } from './refusal'
import { policyOf } from './shop'
import { row, rows, run } from './statements'

const ADD = 'INSERT INTO quotes (id, token_hash, job_id, by, created_at, expires_at, body) VALUES (?, ?, ?, ?, ?, ?, ?)'
const QUOTES =
  'SELECT id, job_id AS jobId, by, created_at AS createdAt, expires_at AS expiresAt, body, answered_at AS answeredAt, answer, closed_at AS closedAt, withdrawn_by AS withdrawnBy FROM quotes'
const BY_TOKEN = `${QUOTES} WHERE token_hash = ?`
const BY_ID = `${QUOTES} WHERE id = ?`
const OF_JOB = `${QUOTES} WHERE job_id = ? ORDER BY created_at DESC`
/** An older question that nobody answered gives way to a newer one. */
const CLOSE_OLDER =
  'UPDATE quotes SET closed_at = ? WHERE job_id = ? AND answered_at IS NULL AND closed_at IS NULL AND id <> ?'
/** A question that the shop takes back. */
const WITHDRAW = 'UPDATE quotes SET closed_at = ?, withdrawn_by = ? WHERE id = ?'
const ANSWER = 'UPDATE quotes SET answered_at = ?, answer = ? WHERE id = ?'

interface QuoteRow {
  id: string
  jobId: string
  by: string
  createdAt: string
  expiresAt: string
  body: string
  answeredAt: string | null
  answer: string | null
  closedAt: string | null
  /** who took it back; null: a newer question closed it */
  withdrawnBy: string | null
}

const entryBy = <K extends EntryKind>(by: string, kind: K, body: BodyOf[K], at: string): Entry =>
  ({ id: ulid(), kind, at, by, how: null, body, supersedes: null }) as Entry

/** The first cause in words, with how sure it is. */
function causeWords(entries: Entry[]): string | null {
  const named = keptOf(entriesInForce(entries)).cause_found.at(-1)?.body
  if (!named || named.proof === 'unknown') return null
  const name = named.text ?? (named.causeId ? CAUSE_BY_ID.get(named.causeId)?.name : null)
  return name
    ? `${name} (${PROOFS[named.proof].toLowerCase()}${named.missing ? `; not proved: ${named.missing}` : ''})`
    : null
}

/**
 * Asks the owner: freezes what is shown, writes the message for the shop's outbox, puts the move with the owner. All of it or nothing.
 * @returns the secret of the link, and the message that carries it: told once, and kept only as a hash
 */
export function askOwner(
  db: Database,
  jobId: string,
  {
    id = ulid(),
    by,
    days,
    link,
    ...ask
  }: QuoteAsk & { id?: string; by: string; days: number; link(token: string): string },
  now = new Date(),
): { id: string; token: string; expiresAt: string; text: string } {
  return db
    .transaction(() => {
      const view = jobView(db, jobId)
      const held = consentRefusal(view.customer, 'message')
      if (held) throw new Refusal(409, held)
      const policy = policyOf(db)
      const quote = quoteOf(assess(fileOf(view, policy)), view.entries, policy, ask, causeWords(view.entries))
      if (quote.fee === null && !quote.options.length)
        throw new Refusal(422, 'There is nothing to ask yet: enter a way to go, or ask for the fee of a look.', [
          { field: 'stage', message: 'Enter a way to go first.' },
        ])
      const [token, at] = [newToken(), now.toISOString()]
      const expiresAt = new Date(now.getTime() + days * 86_400_000).toISOString()
      run(db, ADD, id, hashOf(token), jobId, by, at, expiresAt, JSON.stringify(quote))
      run(db, CLOSE_OLDER, at, jobId, id)
      const sent = entryBy(by, 'quote_sent', { quoteId: id, stage: ask.stage, expiresAt, words: ask.words }, at)
      logEntry(db, jobId, sent)
      nowWaits(db, jobId, sent, { for: 'owner', what: 'asked by a link' })
      const what =
        quote.fee === null
          ? `${quote.options.length === 1 ? 'one way' : `${quote.options.length} ways`} to go`
          : `a fee of ${moneyText(quote.fee, quote.currency, true)}`
      const letter = (address: string): string =>
        `Dear ${view.customer.name}, please look at this page and tell us (${what}). It is open until ${expiresAt.slice(0, 10)}: ${address}${policy.shopName ? ` ${policy.shopName}` : ''}`
      say(db, {
        at,
        customerId: view.customer.id,
        jobId,
        entryId: sent.id,
        subject: `Your ${view.machine.name}: what next?`,
        text: letter('[the link, shown once when it was asked]'),
      })
      return { id, token, expiresAt, text: letter(link(token)) }
    })
    .immediate()
}

const answerOf = ({ answer }: QuoteRow): OwnerAnswer | null => (answer ? (JSON.parse(answer) as OwnerAnswer) : null)
const lineOf = (r: QuoteRow): QuoteLine => ({
  id: r.id,
  createdAt: r.createdAt,
  expiresAt: r.expiresAt,
  answeredAt: r.answeredAt,
  answer: answerOf(r),
  closedAt: r.closedAt,
  withdrawnBy: r.withdrawnBy,
  quote: JSON.parse(r.body) as Quote,
})
export const quotesOf = (db: Database, jobId: string): QuoteLine[] => rows<QuoteRow>(db, OF_JOB, jobId).map(lineOf)
/** Takes a question back: its link shows nothing more, and the move is the shop's again. */
export function withdrawQuote(db: Database, jobId: string, id: string, by: string, now = new Date()): QuoteLine {
  return db
    .transaction(() => {
      const { answeredAt, closedAt } = quoteById(db, jobId, id)
      if (answeredAt !== null) throw new Refusal(409, 'The owner has answered it already: it can not be taken back.')
      if (closedAt === null) {
        run(db, WITHDRAW, now.toISOString(), by, id)
        nowWaits(db, jobId, { by, at: now.toISOString() }, { for: 'nobody', what: null })
      }
      return quoteById(db, jobId, id)
    })
    .immediate()
}

export function quoteById(db: Database, jobId: string, id: string): QuoteLine {
  const found = row<QuoteRow>(db, BY_ID, id)
  if (!found || found.jobId !== jobId) throw new Refusal(404, 'There is no such quote on this job.')
  return lineOf(found)
}

/** The row behind a link; an unknown link and an expired one are told apart, and neither shows anything of the job. */
function open(db: Database, token: string, now: Date): QuoteRow {
  const found = /^[\w-]{43}$/.test(token) ? row<QuoteRow>(db, BY_TOKEN, hashOf(token)) : undefined
  if (!found) throw new Refusal(404, 'This link is not right. Open it again from the message, or ring the shop.')
  if (found.closedAt !== null)
    throw new Refusal(
      409,
      found.withdrawnBy === null
        ? 'A newer question took the place of this one. Open the link that came last, or ring the shop.'
        : 'The shop has taken this question back. Ring it if you want to know why.',
    )
  if (Date.parse(found.expiresAt) <= now.getTime())
    throw new Refusal(409, 'This link has run out. Ring the shop for a new one: prices may have changed.')
  return found
}

/** What the owner sees: the frozen quote without its lines' workings. */
export function quotePage(db: Database, token: string, now = new Date()): QuotePage {
  const found = open(db, token, now)
  const { number, machineId } = jobOf(db, found.jobId)
  const machine = machineOf(db, machineId)
  const policy = policyOf(db)
  const { frozen: _, ...quote } = JSON.parse(found.body) as Quote
  return {
    quote,
    number,
    machine: machine.name,
    owner: customerOf(db, machine.customerId).name,
    shop: policy.shopName,
    address: policy.shopAddress,
    askedAt: found.createdAt,
    expiresAt: found.expiresAt,
    answer: answerOf(found),
  }
}

/** A picture of a quote, for as long as its link is open. */
export function quotePhoto(db: Database, token: string, photoId: string, now = new Date()): string {
  const { photos } = JSON.parse(open(db, token, now).body) as Quote
  if (!photos.some(p => p.id === photoId)) throw new Refusal(404, 'This picture is not part of the quote.')
  return photoId
}

/** At most so many questions by one link. */
const QUESTIONS = 10

/**
 * The owner's word by the link: agrees to a way or a fee, to nothing, or asks. The job moves, and the words stand on its log.
 * An agreement that the shop's own gates hold back is kept as the owner's word, and the shop has the next move.
 */
export function answerQuote(
  db: Database,
  token: string,
  { choice, optionId, words, name }: OwnerAnswer,
  now = new Date(),
): { held: string | null } {
  return db
    .transaction(() => {
      const found = open(db, token, now)
      if (found.answeredAt !== null) {
        // the same answer again: the first one's was lost on its way
        if (found.answer === JSON.stringify({ choice, optionId, words, name })) return { held: null }
        throw new Refusal(409, 'This was answered already. Ring the shop to change it.')
      }
      const at = now.toISOString()
      const quote = JSON.parse(found.body) as Quote
      const frozen = optionId === null ? undefined : quote.frozen[optionId]
      if (choice === 'agree' && quote.fee === null && !frozen)
        throw new Refusal(422, 'Choose one of the ways shown.', [
          { field: 'optionId', message: 'Choose one of the ways shown.' },
        ])
      const asked = keptOf(entriesInForce(entriesOf(db, found.jobId))).owner_word.filter(
        e => e.body.quoteId === found.id && e.body.choice === 'ask',
      ).length
      if (choice === 'ask' && asked >= QUESTIONS)
        throw new Refusal(409, 'So many questions are better asked by telephone: ring the shop.')
      let held: string | null = null
      if (choice === 'agree' && frozen && optionId) held = approve(db, found, optionId, frozen, name, words, at)
      logEntry(
        db,
        found.jobId,
        entryBy(
          found.by,
          'owner_word',
          {
            quoteId: found.id,
            choice,
            option: frozen?.name ?? null,
            fee: choice === 'agree' ? quote.fee : null,
            words,
            name,
            held,
          },
          at,
        ),
      )
      nowWaits(db, found.jobId, { by: found.by, at }, { for: 'nobody', what: null })
      if (choice !== 'ask')
        run(db, ANSWER, at, JSON.stringify({ choice, optionId, words, name } satisfies OwnerAnswer), found.id)
      return { held }
    })
    .immediate()
}

/** Why the agreement could not be put on the log as one, or null where it stands. */
function approve(
  db: Database,
  { jobId, by }: QuoteRow,
  optionEntryId: string,
  frozen: Quote['frozen'][string],
  agreedBy: string,
  conditions: string | null,
  at: string,
): string | null {
  try {
    logEntry(db, jobId, entryBy(by, 'approval', { optionEntryId, frozen, agreedBy, how: 'written', conditions }, at))
    return null
  } catch (error) {
    if (error instanceof Refusal) return error.message
    throw error
  }
}
