import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import migrations from '#migrations'
import { assess } from '#core/assess'
import { changeOrder } from '#core/handover/quote'
import { keptOf } from '#core/entries/kept'
import type { Entry } from '#core/entries/types'
import { entriesInForce } from '#core/log/entry'
import { newJobSchema } from '#shared/schemas/machines'
import { outbox } from '../../../server/db/batches'
import { entriesOf } from '../../../server/db/entries'
import { bookIn, jobFile, jobView, logEntry } from '../../../server/db/jobs'
import { closeDatabase, openDatabase } from '../../../server/db/open'
import {
  answerQuote,
  askOwner,
  quoteById,
  quotePage,
  quotePhoto,
  quotesOf,
  withdrawQuote,
} from '../../../server/db/quotes'
import { addPerson, policyOf } from '../../../server/db/shop'
import { rows } from '../../../server/db/statements'
import { quotePaper } from '../../../server/documents/quote'
import { newFolder } from '../../server'
import { newEntry, newJob, oilBody } from '../../api/shop'
import { line } from '../job/file'

let db: Database
let by: string
let jobId: string
const NOW = new Date('2026-06-01T09:00:00Z')
const LATER = new Date('2026-07-01T09:00:00Z')
beforeEach(() => {
  db = openDatabase(newFolder(), migrations)
  by = addPerson(db, { name: 'Ada Quill', initials: 'AQ', active: true }).id
  const job = newJob(by)
  bookIn(db, newJobSchema.parse(job))
  jobId = job.id
})
afterEach(() => closeDatabase(db))

const log = (kind: never, body: object): Entry => {
  const entry = newEntry(by, kind, body as never, { how: null })
  logEntry(db, jobId, entry)
  return entry
}
const way = (name: string, minor: number, kind = 'repair') =>
  log('option' as never, {
    name,
    way: kind,
    lines: [line('part', minor, { id: ulid(), text: 'Pump', priceKind: 'retail' })],
    valueAfterMinor: 40000,
    successChance: 1,
    comebackMinor: 0,
    hoursOk: 100,
    hoursFail: 0,
    daysDown: 3,
    ruledOut: null,
  })
const ask = (more: object = {}) =>
  askOwner(
    db,
    jobId,
    {
      by,
      days: 14,
      stage: 'decide',
      feeMinor: null,
      words: 'The pump is worn.',
      photoIds: [],
      findingIds: [],
      link: t => `http://shop/q/${t}`,
      ...more,
    },
    NOW,
  )
const standing = () => entriesInForce(entriesOf(db, jobId))
const refusal = (act: () => unknown): string => {
  try {
    act()
    return ''
  } catch (error) {
    return (error as Error).message
  }
}

describe('asking the owner by a link', () => {
  it('a newer question takes the place of an older one that nobody answered, and only of such a one', () => {
    way('New pump', 10000)
    const [first, second] = [ask(), ask()]
    expect(refusal(() => quotePage(db, first.token, NOW))).toContain('A newer question took the place of this one')
    const none = { choice: 'none' as const, optionId: null, words: null, name: 'Nell' }
    expect(refusal(() => answerQuote(db, first.token, none, NOW))).toContain('took the place')
    answerQuote(db, second.token, none, NOW)
    // its answer was lost on the way: the same one again is taken, another one is not
    expect(answerQuote(db, second.token, none, NOW)).toEqual({ held: null })
    expect(refusal(() => answerQuote(db, second.token, { ...none, name: 'Ned' }, NOW))).toContain('answered already')
    ask()
    expect(quotePage(db, second.token, NOW).answer).toMatchObject({ choice: 'none' })
  })
  it("one that the shop takes back shows nothing more, and the move is the shop's; an answered one stands", () => {
    way('New pump', 10000)
    const { id, token } = ask()
    expect(withdrawQuote(db, jobId, id, by, NOW)).toMatchObject({ withdrawnBy: by, closedAt: NOW.toISOString() })
    expect(refusal(() => quotePage(db, token, NOW))).toContain('has taken this question back')
    expect(keptOf(standing()).waiting.at(-1)?.body.for).toBe('nobody')
    const again = ask()
    answerQuote(db, again.token, { choice: 'none', optionId: null, words: null, name: 'Nell' }, NOW)
    expect(refusal(() => withdrawQuote(db, jobId, again.id, by, NOW))).toContain('answered it already')
  })
  it('shows the findings that were picked, what each line comes to, and its sum where it is signed', () => {
    logEntry(db, jobId, newEntry(by, 'oil', oilBody()))
    way('New pump', 10000)
    const found = assess(jobFile(db, jobId)).findings
    const picked = found.map(j => j.entryId).slice(0, 1)
    const { id, token } = ask({ findingIds: picked })
    expect(picked).toHaveLength(1)
    expect(quotePage(db, token, NOW).quote.findings).toEqual([found[0]?.headline])
    const paper = (policy = policyOf(db)) =>
      JSON.stringify(quotePaper(jobView(db, jobId), quoteById(db, jobId, id), policy))
    expect(paper()).toContain(found[0]?.headline)
    expect(paper()).toContain('€100.00')
    expect(paper({ ...policyOf(db), linePrices: false })).not.toContain('€100.00')
    const signed = paper().slice(paper().indexOf('"unbreakable":true'))
    for (const said of ['New pump', 'likely', 'I agree to', 'Date, name']) expect(signed).toContain(said)
  })
  it('freezes what is shown, writes the message, puts the move with the owner; the secret is nowhere but in the message', () => {
    const option = way('New pump', 10000)
    const { id, token, text } = ask()
    expect(token).toMatch(/^[\w-]{43}$/)
    expect(quotePage(db, token, NOW)).toMatchObject({
      owner: 'Nell Brack',
      quote: {
        words: 'The pump is worn.',
        options: [{ id: option.id, name: 'New pump', likely: 100, daysDown: 3, best: true }],
      },
    })
    expect(JSON.stringify(quotePage(db, token, NOW))).not.toContain('frozen')
    expect(keptOf(standing()).waiting.at(-1)?.body).toMatchObject({ for: 'owner' })
    expect(outbox(db)[0]).toMatchObject({
      customerName: 'Nell Brack',
      text: expect.stringContaining('[the link, shown once'),
    })
    expect(text).toContain(`http://shop/q/${token}`)
    expect(JSON.stringify([rows(db, 'SELECT * FROM quotes'), rows(db, 'SELECT * FROM outbox')])).not.toContain(token)
    // prices that change afterwards do not change what was shown
    logEntry(db, jobId, {
      ...newEntry(by, 'option', { ...(option.body as never), name: 'Dearer' } as never, { how: null }),
      supersedes: option.id,
    })
    expect(quotePage(db, token, NOW).quote.options[0]?.name).toBe('New pump')
    expect(quotesOf(db, jobId)[0]?.id).toBe(id)
  })
  it('an altered link and one that ran out show nothing', () => {
    way('New pump', 10000)
    const { token } = ask()
    const altered = `${token.slice(0, -1)}${token.endsWith('A') ? 'B' : 'A'}`
    expect(refusal(() => quotePage(db, altered, NOW))).toContain('This link is not right')
    expect(refusal(() => quotePage(db, `${token}x`, NOW))).toContain('not right')
    expect(refusal(() => quotePage(db, token, LATER))).toContain('has run out')
    expect(
      refusal(() => answerQuote(db, token, { choice: 'none', optionId: null, words: null, name: 'Nell' }, LATER)),
    ).toContain('has run out')
    expect(refusal(() => quotePhoto(db, token, ulid(), NOW))).toContain('not part of the quote')
  })
  it('an answer is an approval, frozen as it was shown, once', () => {
    const option = way('New pump', 10000)
    const { token } = ask()
    expect(
      refusal(() => answerQuote(db, token, { choice: 'agree', optionId: ulid(), words: null, name: 'Nell' }, NOW)),
    ).toContain('Choose one of the ways shown')
    expect(
      answerQuote(db, token, { choice: 'agree', optionId: option.id, words: 'by Friday', name: 'Nell Brack' }, NOW),
    ).toEqual({ held: null })
    expect(keptOf(standing()).approval.at(-1)?.body).toMatchObject({
      optionEntryId: option.id,
      agreedBy: 'Nell Brack',
      how: 'written',
      conditions: 'by Friday',
      frozen: { mean: 100 },
    })
    expect(assess(jobFile(db, jobId))).toMatchObject({ waiting: null, approved: { body: { agreedBy: 'Nell Brack' } } })
    expect(
      refusal(() => answerQuote(db, token, { choice: 'none', optionId: null, words: null, name: 'Nell' }, NOW)),
    ).toContain('answered already')
    expect(quotePage(db, token, NOW).answer?.name).toBe('Nell Brack')
  })
  it("figures that moved since are not agreed to behind the shop's back: the word is kept, the shop has the move", () => {
    const option = way('New pump', 10000)
    const { token } = ask()
    logEntry(db, jobId, {
      ...newEntry(by, 'option', { ...(option.body as object), lines: [line('part', 20000, { id: ulid() })] } as never, {
        how: null,
      }),
      supersedes: option.id,
    })
    expect(
      answerQuote(db, token, { choice: 'agree', optionId: option.id, words: null, name: 'Nell' }, NOW).held,
    ).toContain('changed or taken back')
    expect(keptOf(standing()).approval.at(-1)).toBeUndefined()
    expect(keptOf(standing()).owner_word[0]?.body).toMatchObject({
      option: 'New pump',
      held: expect.stringContaining('changed'),
    })
  })
  it('a question leaves the link open, and moves the job to the bench', () => {
    way('New pump', 10000)
    const { token } = ask()
    answerQuote(db, token, { choice: 'ask', optionId: null, words: 'How long?', name: 'Nell' }, NOW)
    expect(assess(jobFile(db, jobId)).waiting).toBeNull()
    expect(quotePage(db, token, NOW).answer).toBeNull()
    for (let i = 0; i < 9; i++)
      answerQuote(db, token, { choice: 'ask', optionId: null, words: 'And?', name: 'Nell' }, NOW)
    expect(
      refusal(() => answerQuote(db, token, { choice: 'ask', optionId: null, words: 'And?', name: 'Nell' }, NOW)),
    ).toContain('ring the shop')
  })
  it('a look is asked for by its fee, before there is any way to go', () => {
    expect(refusal(() => ask())).toContain('nothing to ask yet')
    const { token } = ask({ stage: 'look', feeMinor: 2500 })
    expect(quotePage(db, token, NOW).quote).toMatchObject({ fee: 25, options: [] })
    answerQuote(db, token, { choice: 'agree', optionId: null, words: null, name: 'Nell' }, NOW)
    expect(keptOf(standing()).owner_word[0]?.body).toMatchObject({ choice: 'agree', fee: 25 })
  })
  it('more than was agreed asks for a change; the paper says so', () => {
    const option = way('New pump', 10000)
    answerQuote(db, ask().token, { choice: 'agree', optionId: option.id, words: null, name: 'Nell' }, NOW)
    const dearer = {
      ...newEntry(
        by,
        'option',
        {
          ...(option.body as object),
          lines: [
            line('part', 15000, { id: ulid(), text: 'Pump' }),
            line('part', 0, { id: ulid(), text: 'Seal', chance: 0.3, low: 1000, likely: 2000, high: 3000 }),
          ],
        } as never,
        { how: null },
      ),
      supersedes: option.id,
    }
    logEntry(db, jobId, dearer)
    const file = jobFile(db, jobId)
    expect(changeOrder(assess(file), file.entries)).toMatchObject({ agreed: 100, now: expect.closeTo(156) })
    log('refused' as never, { what: 'New belt', risk: 'It slips in the wet.', by: 'Nell' })
    const { id, token } = ask({ stage: 'build' })
    expect(quotePage(db, token, NOW).quote).toMatchObject({ agreedBefore: 100, refusedBefore: [{ what: 'New belt' }] })
    const words = JSON.stringify(quotePaper(jobView(db, jobId), quoteById(db, jobId, id), policyOf(db)).content)
    for (const said of [
      'Change to what was agreed',
      'likely to pass the €100',
      'only if needed, 30 %',
      'New belt: It slips in the wet.',
      'I agree to:',
    ])
      expect(words).toContain(said)
    expect(refusal(() => quoteById(db, ulid(), id))).toContain('no such quote')
  })
})
