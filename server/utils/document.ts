import type { EventHandlerRequest, H3Event } from 'h3'

type Event = H3Event<EventHandlerRequest>

/** How other devices reach this computer: as the shop said, or as this request came. Without a slash at its end. */
export const shopAddress = (event: Event): string =>
  (useRuntimeConfig(event).shopUrl || getRequestURL(event).origin).replace(/\/$/, '')

/** A PDF to look at in the browser, with the name that it is kept under. */
export function showPdf(event: Event, name: string, pdf: Buffer): Buffer {
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'content-disposition', `inline; filename="${name}.pdf"`)
  return pdf
}
