import type { EventHandlerRequest, H3Event } from 'h3'
import { Refusal } from '../db/refusal'

/**
 * The number that a page of a list comes before; without one, everything.
 * @throws Refusal 422
 */
export function beforeNumber(event: H3Event<EventHandlerRequest>): number {
  const { before } = getQuery(event)
  const number = before === undefined ? Number.MAX_SAFE_INTEGER : Number(before)
  if (!Number.isInteger(number) || number < 0)
    throw new Refusal(422, 'Before which number: type a whole one.', [
      { field: 'before', message: 'Type a whole number.' },
    ])
  return number
}
