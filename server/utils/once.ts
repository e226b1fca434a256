import type { EventHandlerRequest, H3Event } from 'h3'
import { once } from '../db/deliveries'

type Once<T extends object> = Parameters<typeof once<T>>

/** Makes what is asked for once, however often it is sent: 201 the first time, 200 with the same answer from then on. */
export function madeOnce<T extends object>(
  event: H3Event<EventHandlerRequest>,
  delivery: Once<T>[1],
  work: Once<T>[2],
  keep?: Once<T>[3],
  more?: Once<T>[4],
): T {
  const { answer: made, repeated } = once<T>(useDb(), delivery, work, keep, more)
  setResponseStatus(event, repeated ? 200 : 201)
  return made
}
