import dayjs from 'dayjs'
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

/**
 * A day of the shop's clock; without one, today.
 * @throws Refusal 422
 */
export function askedDay(event: H3Event<EventHandlerRequest>): string {
  const { day } = getQuery(event)
  if (day === undefined) return dayjs().format('YYYY-MM-DD')
  const said = String(day)
  if (!/^\d{4}-\d{2}-\d{2}$/.test(said) || dayjs(said).format('YYYY-MM-DD') !== said)
    throw new Refusal(422, 'Which day: type it as 2026-05-31.', [{ field: 'day', message: 'Type a day, 2026-05-31.' }])
  return said
}
