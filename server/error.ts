import { getHeader } from 'h3'
import type { NitroErrorHandler } from 'nitropack'

/** What never reached a route of ours (a file that is not there, a request that can't be read) is answered in the shape of every fault. */
const handler: NitroErrorHandler = (error, event) => {
  const { res } = event.node
  if (res.writableEnded) return
  const status = error.statusCode
  if (status >= 500) console.error(`${event.method} ${event.path}`, error)
  const detail =
    status >= 500
      ? 'Something in Remedium itself went wrong here, and nothing was saved by this. Note the time and tell whoever looks after it.'
      : status === 404
        ? `There is no ${event.path.split('?')[0]} here.`
        : `This request can't be answered (${error.statusMessage || status}).`
  const page = getHeader(event, 'accept')?.includes('text/html') ?? false
  res.statusCode = status
  res.setHeader('content-type', page ? 'text/plain; charset=utf-8' : 'application/problem+json')
  res.end(page ? detail : JSON.stringify({ type: 'about:blank', title: 'Refused', status, detail, fields: [] }))
}
export default handler
