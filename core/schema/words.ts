import { z } from 'zod'

/** Building blocks of the schemas, each with a message that names the field and what would be right. */

export const MAX_NOTE = 20000

function tooLong(what: string, max: number) {
  return (issue: { input?: unknown }) =>
    `${what} can hold ${max.toLocaleString('en-GB')} characters; this has ${String(issue.input ?? '').length.toLocaleString('en-GB')}. Shorten it, or split it in two.`
}

export const shortText = (what: string, max: number) =>
  z
    .string({ error: `${what} is missing.` })
    .trim()
    .min(1, `${what} is missing.`)
    .max(max, { error: tooLong(what, max) })

/** Text that may be left empty; empty is kept as null. */
export const optionalText = (what: string, max: number) =>
  nullable(
    z
      .string({ error: `${what} must be text.` })
      .trim()
      .max(max, { error: tooLong(what, max) })
      .transform(text => text || null),
  )

export const longText = (what: string) => optionalText(what, MAX_NOTE)

/** Absent and null are the same. */
export const nullable = <T extends z.ZodType>(schema: T) => schema.nullish().transform(value => value ?? null)

export const keyOf = <T extends Record<string, unknown>>(words: T, what: string) =>
  z.enum(Object.keys(words) as [Extract<keyof T, string>], { error: `${what}: choose one of the answers.` })

export const idText = (what: string) =>
  z.string({ error: `${what} has no id.` }).regex(/^[0-9A-HJKMNP-TV-Z]{26}$/, `${what} has an id that is not a ULID.`)

export const amount = (what: string) =>
  z
    .number({ error: `${what}: type a figure.` })
    .min(0, `${what} can't be negative.`)
    .max(1e9, `${what} is too large: check the decimal point.`)

export const share = (what: string) =>
  z
    .number({ error: `${what}: type a figure between 0 and 100 %.` })
    .min(0, `${what} can't be less than 0 %.`)
    .max(1, `${what} can't be more than 100 %.`)

export const count = (what: string, min: number, max: number) =>
  z
    .number({ error: `${what}: type a whole number.` })
    .int(`${what} must be a whole number.`)
    .min(min, `${what} must be at least ${min}.`)
    .max(max, `${what} can be at most ${max}.`)

/** An issue in words of its own, where Zod's would speak of keys and objects. */
export function wordsOf(issue: z.core.$ZodIssue, what = 'This'): string {
  if (issue.code === 'unrecognized_keys') return `${issue.keys.join(', ')} is not a field here.`
  return /^Invalid|expected/i.test(issue.message) ? `${what} is missing or not of the right kind.` : issue.message
}

/** Which of several cylinders a finding is of; absent on a single, and where nobody was asked. */
export const ofCylinder = z
  .number({ error: 'Cylinder: 1 to 12.' })
  .int('Cylinder: a whole number.')
  .min(1, 'Cylinders are counted from 1.')
  .max(12, 'Twelve cylinders at most.')
  .nullish()

/** Comes with a record that is read, and goes back with what is saved over it. */
export const versionText = z
  .string({ error: 'Send the version that came with what you read: nobody saves over what they have not seen.' })
  .max(64, 'This is no version that came from here.')
