import type { IncomingMessage } from 'node:http'
import type { EventHandlerRequest, H3Event } from 'h3'
import { Refusal } from '../db/refusal'

/** What is let in of a body that is refused, and how long: whoever still writes does not read. Bytes, milliseconds. */
const LINGER = { bytes: 16 * 1024 * 1024, ms: 1000 }

/** Reads on without keeping anything, until the end, or for as much and as long as is lingered. */
async function dropped(req: IncomingMessage): Promise<void> {
  if (req.readableEnded || req.destroyed) return
  await new Promise<void>(done => {
    let left = LINGER.bytes
    const timer = setTimeout(done, LINGER.ms)
    const end = (): void => {
      clearTimeout(timer)
      done()
    }
    req.on('data', (part: Buffer) => {
      left -= part.length
      if (left <= 0) end()
    })
    req.once('end', end)
    req.once('close', end)
    req.resume()
  })
  req.pause()
}

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
      let here = false
      req.once('end', () => {
        here = true
        done()
      })
      req.once('error', fail)
      req.once('close', () => {
        if (here) return
        fail(new Refusal(422, 'The line was lost before all of it had arrived. Send it again.'))
      })
    })
  if (claimed > most || size > most) {
    // a little more is let in and dropped, so that whoever sends is there to hear the answer; then the line is closed
    await dropped(req)
    setResponseHeader(event, 'connection', 'close')
    throw new Refusal(413, words)
  }
  return Buffer.concat(parts)
}
