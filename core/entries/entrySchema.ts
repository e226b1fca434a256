import { z } from 'zod'
import { HOW_GOT } from '../log/words'
import { idText, nullable, wordsOf } from '../schema/words'
import { isFinding } from './rooms'
import { BODY_SCHEMAS } from './schemas'
import type { Entry, EntryKind } from './types'

const envelope = z
  .strictObject({
    id: idText('Entry'),
    kind: z.enum(Object.keys(BODY_SCHEMAS) as [EntryKind, ...EntryKind[]], {
      error: 'This kind of entry is not known.',
    }),
    at: z.iso.datetime({ offset: true, error: 'When: give a date and time.' }),
    by: z.string({ error: 'Say who is at the bench.' }).min(1, 'Say who is at the bench.'),
    how: nullable(
      z.enum(Object.keys(HOW_GOT) as [keyof typeof HOW_GOT], {
        error: 'Say how it was got: measured, by feel, by eye, claimed or estimated.',
      }),
    ),
    body: z.unknown(),
    supersedes: nullable(idText('Corrected entry')),
  })
  .superRefine((entry, check) => {
    if (isFinding(entry.kind) && entry.how === null)
      check.addIssue({
        code: 'custom',
        path: ['how'],
        message: 'Say how it was got: measured, by feel, by eye, claimed or estimated.',
      })
    if (entry.kind === 'void' && entry.supersedes === null)
      check.addIssue({ code: 'custom', path: ['supersedes'], message: 'Say which entry is undone.' })
    const body = BODY_SCHEMAS[entry.kind].safeParse(entry.body)
    if (!body.success)
      for (const issue of body.error.issues)
        check.addIssue({ code: 'custom', path: ['body', ...issue.path], message: wordsOf(issue) })
  })

/** An entry as it arrives or is read back. */
export const entrySchema = envelope.transform(
  (entry): Entry => ({ ...entry, body: BODY_SCHEMAS[entry.kind].parse(entry.body) }) as Entry,
)
