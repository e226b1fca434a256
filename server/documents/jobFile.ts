import type { Database } from 'better-sqlite3'
import { ulid } from 'ulid'
import { z } from 'zod'
import type { Entry, EntryKind } from '#core/entries/types'
import { ENGINE_CLASSES, MACHINE_KINDS } from '#core/engine/words'
import { HOW_GOT } from '#core/log/words'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import { entrySchema } from '#core/entries/entrySchema'
import { customerSchema, factsSchema, machineSchema, newJobSchema } from '#shared/schemas/machines'
import { specListSchema } from '#shared/schemas/specs'
import { wordsOf } from '#core/schema/words'
import type { JobBills, JobView } from '#shared/types/records'
import { Refusal } from '../db/refusal'
import { bookIn } from '../db/jobs'
import { policyOf } from '../db/shop'

export const JOB_FORMAT = 'remedium-job/1'

/** A job with all that it is judged from, and what was billed and paid for it, as one file. Pictures stay where they are. */
export function jobJson(
  { number, createdAt, customer, machine, facts, spec, fill, entries, unreadable }: JobView,
  currency: string,
  { bills, payments }: Pick<JobBills, 'bills' | 'payments'> = { bills: [], payments: [] },
): string {
  const { id: _, customerId: __, ...bare } = machine
  return `${JSON.stringify({ format: JOB_FORMAT, number, createdAt, currency, customer: { name: customer.name, contact: customer.contact }, machine: bare, facts, spec, fill, entries, ...(bills.length && { bills }), ...(payments.length && { payments }), ...(unreadable.length && { unreadable }) }, null, 2)}\n`
}

/** Entries that mean something only where they were made: pictures, and what went by this shop's links. */
const LEFT_OUT: readonly EntryKind[] = ['photo', 'quote_sent', 'owner_word']

const fileSchema = z.object({
  format: z.literal(JOB_FORMAT, { error: `This is not a job: its format must be ${JOB_FORMAT}.` }),
  currency: z.string(),
  customer: customerSchema,
  machine: machineSchema,
  facts: factsSchema,
  spec: specListSchema,
  entries: z.array(z.unknown()).max(5000, 'A job can hold 5,000 entries.'),
  /** what could not be read where it came from: it goes along, and no further */
  unreadable: z.array(z.unknown()).nullish(),
})

/**
 * A job from a file, as a new job of this shop with a new machine and owner; every entry gets a new id and stands under whoever reads it in.
 * @throws Refusal 422 naming each field that is wrong; nothing is kept then
 */
export function importJob(
  db: Database,
  text: string,
  by: string,
): { id: string; number: number; entries: number; left: number } {
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    throw new Refusal(422, 'This is not JSON.', [{ field: 'text', message: 'Choose a job that was saved as JSON.' }])
  }
  const file = fileSchema.safeParse(json)
  if (!file.success)
    throw new Refusal(
      422,
      file.error.issues.length === 1
        ? wordsOf(file.error.issues[0] as z.core.$ZodIssue)
        : `${file.error.issues.length} things in it are wrong.`,
      file.error.issues.map(issue => ({ field: issue.path.join('.') || 'text', message: wordsOf(issue) })),
    )
  const { currency, customer, machine, facts, spec, entries: raw } = file.data
  if (currency !== policyOf(db).currency)
    throw new Refusal(
      422,
      `Its money is in ${currency}, and this shop counts in ${policyOf(db).currency}: amounts would be wrong.`,
      [{ field: 'currency', message: `Use a job in ${policyOf(db).currency}.` }],
    )
  const read = raw.map((e, i): Entry => {
    const parsed = entrySchema.safeParse(e)
    if (!parsed.success)
      throw new Refusal(
        422,
        `Entry ${i + 1} is wrong: ${wordsOf(parsed.error.issues[0] as z.core.$ZodIssue)}`,
        parsed.error.issues.map(issue => ({ field: ['entries', i, ...issue.path].join('.'), message: wordsOf(issue) })),
      )
    return parsed.data
  })
  const kept = read.filter(e => !LEFT_OUT.includes(e.kind))
  const ids = new Map(kept.map(e => [e.id, ulid()]))
  const known = (id: string): string => ids.get(id) ?? id
  const entries = kept
    .filter(e => e.supersedes === null || ids.has(e.supersedes))
    .map((e): Entry => {
      const body =
        e.kind === 'claim_check'
          ? { ...e.body, claimId: known(e.body.claimId) }
          : e.kind === 'approval'
            ? { ...e.body, optionEntryId: known(e.body.optionEntryId) }
            : e.body
      return {
        ...e,
        id: known(e.id),
        by,
        body,
        supersedes: e.supersedes === null ? null : known(e.supersedes),
      } as Entry
    })
  const id = ulid()
  const { number } = bookIn(
    db,
    { ...newJobSchema.parse({ id, customer, machine, facts, spec, sheetId: null, entries: [] }), entries },
    undefined,
    true,
  )
  return { id, number, entries: entries.length, left: read.length - entries.length }
}

/** JSON Schema of the file. Bodies of entries are described by kind. */
export function jobFileJsonSchema(): unknown {
  const bodies = Object.fromEntries(
    Object.entries(BODY_SCHEMAS).map(([kind, schema]) => [
      kind,
      z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }),
    ]),
  )
  const { $schema: _, ...machine } = z.toJSONSchema(machineSchema, { io: 'input', unrepresentable: 'any' })
  const entry = {
    type: 'object',
    required: ['id', 'kind', 'at', 'by', 'how', 'body', 'supersedes'],
    properties: {
      id: { type: 'string', description: 'ULID' },
      kind: { enum: Object.keys(BODY_SCHEMAS) },
      at: { type: 'string', format: 'date-time' },
      by: { type: 'string' },
      how: { enum: [...Object.keys(HOW_GOT), null] },
      supersedes: { type: ['string', 'null'], description: 'id of the entry that this one corrects or undoes' },
      body: { type: 'object', description: 'By kind, see $defs' },
    },
  }
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Job',
    type: 'object',
    required: ['format', 'currency', 'customer', 'machine', 'facts', 'spec', 'entries'],
    properties: {
      format: { const: JOB_FORMAT },
      number: { type: 'integer' },
      createdAt: { type: 'string', format: 'date-time' },
      currency: { type: 'string', description: 'ISO 4217; amounts are whole smallest units' },
      customer: {
        type: 'object',
        required: ['name'],
        properties: { name: { type: 'string' }, contact: { type: ['string', 'null'] } },
      },
      machine: { ...machine, description: `kind: ${Object.keys(MACHINE_KINDS).join(', ')}` },
      facts: { type: 'object', description: `engineClass: ${Object.keys(ENGINE_CLASSES).join(', ')}` },
      spec: { type: 'array' },
      fill: { type: ['object', 'null'] },
      entries: { type: 'array', items: entry },
      bills: {
        type: 'array',
        description:
          'bills and credit notes as they were given; their numbers belong to the shop that gave them, so another one reads none of them in',
      },
      payments: { type: 'array', description: 'what came for the job and went back, smallest units' },
      unreadable: {
        type: 'array',
        description:
          'entries that could not be read where the file was written, each with its body as it lay there (raw)',
      },
    },
    $defs: bodies,
  }
}
