import { STATUS_CODES } from 'node:http'
import type { EventHandlerRequest, H3Event } from 'h3'
import { isError } from 'h3'
import type { z } from 'zod'
import { wordsOf } from '#core/schema/words'
import type { FieldFault } from '../db/refusal'
import { diskTrouble, Refusal } from '../db/refusal'

type Handler<T> = (event: H3Event<EventHandlerRequest>) => T | Promise<T>

/** A route that answers refusals as words, in the one shape that every fault here has. */
export function answer<T>(handler: Handler<T>) {
  return defineEventHandler(async event => {
    try {
      await checkDoor(event)
      if (writes(event)) refuseWhileTrouble()
      return await handler(event)
    } catch (error) {
      const refusal = error instanceof Refusal ? error : (diskTrouble(error) ?? unforeseen(event, error))
      return problem(event, refusal.status, refusal.message, refusal.fields, 'more' in refusal ? refusal.more : {})
    }
  })
}

/** What went wrong, as RFC 9457 has it (application/problem+json): `detail` in words for a person, `fields` with one message each. */
export interface Problem {
  type: 'about:blank'
  title: string
  status: number
  detail: string
  fields: FieldFault[]
}

export function problem(
  event: H3Event<EventHandlerRequest>,
  status: number,
  detail: string,
  fields: FieldFault[] = [],
  more: Record<string, unknown> = {},
): Problem {
  setResponseStatus(event, status)
  setHeader(event, 'content-type', 'application/problem+json')
  return { type: 'about:blank', title: STATUS_CODES[status] ?? 'Refused', status, detail, fields, ...more }
}

const READS: readonly string[] = ['GET', 'HEAD', 'OPTIONS']
/** A calculator only counts, a backup is wanted most when something is wrong, and who comes to the bench may at least look. */
const writes = ({ method, path }: H3Event<EventHandlerRequest>): boolean =>
  !READS.includes(method) &&
  !path.startsWith('/api/calc/') &&
  !path.startsWith('/api/shop/backups') &&
  !path.startsWith('/api/session/')

/** Said in words, and written down for whoever looks after the program. */
function unforeseen(
  event: H3Event<EventHandlerRequest>,
  error: unknown,
): { status: number; message: string; fields: FieldFault[] } {
  if (isError(error) && error.statusCode < 500) return { status: error.statusCode, message: error.message, fields: [] }
  console.error(`${event.method} ${event.path}`, error)
  return {
    status: 500,
    message:
      'Something in Remedium itself went wrong here, and nothing was saved by this. Press again; if it stays, note the time and tell whoever looks after it.',
    fields: [],
  }
}

const LARGEST_BODY = 8 * 1024 * 1024

/**
 * The request's body, checked.
 * @throws Refusal 422 with a message for each field that is wrong, 413 when it is far too large to be a form
 */
export async function readChecked<S extends z.ZodType>(
  event: H3Event<EventHandlerRequest>,
  schema: S,
): Promise<z.output<S>> {
  const parsed = schema.safeParse(await readJson(event))
  if (parsed.success) {
    await checkBy(event, parsed.data)
    return parsed.data
  }
  const fields = parsed.error.issues.map(issue => ({
    field: issue.path.map(String).join('.') || 'body',
    message: wordsOf(issue),
  }))
  throw new Refusal(
    422,
    fields.length === 1 ? (fields[0]?.message ?? 'Something is missing.') : `${fields.length} things need correcting.`,
    fields,
  )
}

export async function readJson(event: H3Event<EventHandlerRequest>): Promise<unknown> {
  if (!/^application\/(?:[\w.-]+\+)?json\b/i.test(getRequestHeader(event, 'content-type') ?? ''))
    throw new Refusal(415, 'This is read as JSON only: send it as application/json.')
  const text = await arriving(
    event,
    LARGEST_BODY,
    'This is too large to be a form: 8 MB is the most. Shorten the text, or split it in two.',
  )
  try {
    return JSON.parse(text.toString('utf8'))
  } catch {
    throw new Refusal(422, 'This could not be read as JSON.', [{ field: 'body', message: 'Send JSON.' }])
  }
}

export function routeId(event: H3Event<EventHandlerRequest>, name = 'id'): string {
  return getRouterParam(event, name) ?? ''
}
