import { hostname } from 'node:os'
import type { EventHandlerRequest, H3Event } from 'h3'
import { policyOf } from '../db/shop'

type Event = H3Event<EventHandlerRequest>

/**
 * How other devices reach this computer: as the shop said, as it was started with, or by its own name. Never as a request says: what came
 * under a foreign name would go out to an owner. Without a slash at its end.
 */
export function shopAddress(): string {
  const said = policyOf(useDb()).shopUrl || useRuntimeConfig().shopUrl
  return said ? said.replace(/\/$/, '') : ownAddress()
}

/** As it was started. */
export function ownAddress(): string {
  const host = process.env.NITRO_HOST || process.env.HOST || '127.0.0.1'
  const port = process.env.NITRO_PORT || process.env.PORT || '3000'
  const name = host === '0.0.0.0' || host === '::' ? hostname() : host.includes(':') ? `[${host}]` : host
  return `http://${name}:${port}`
}

/** A PDF to look at in the browser, with the name that it is kept under. */
export function showPdf(event: Event, name: string, pdf: Buffer): Buffer {
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'content-disposition', `inline; filename="${name}.pdf"`)
  return pdf
}
