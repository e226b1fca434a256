import type { EventHandlerRequest, H3Event } from 'h3'
import { Refusal } from '../db/refusal'

/**
 * What a request brings, counted as it arrives: a header may claim less than is sent, or nothing at all.
 * @throws Refusal 413 with the given words as soon as it is more than may come
 */
export async function arriving(event: H3Event<EventHandlerRequest>, most: number, words: string): Promise<Buffer> {
  const { req } = event.node
  const claimed = Number(getRequestHeader(event, 'content-length') ?? 0)
  const parts: Buffer[] = []
  let size = 0
  if (claimed <= most)
    await new Promise<void>((done, fail) => {
      req.on('data', (part: Buffer) => {
        size += part.length
        if (size <= most) parts.push(part)
        else done()
      })
      req.once('end', done)
      req.once('error', fail)
      req.once('close', () => fail(new Refusal(422, 'The line was lost before all of it had arrived. Send it again.')))
    })
  if (claimed > most || size > most) {
    // the rest is not read: the line is closed once the answer is out
    setResponseHeader(event, 'connection', 'close')
    throw new Refusal(413, words)
  }
  return Buffer.concat(parts)
}
