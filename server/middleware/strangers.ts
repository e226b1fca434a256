import { policyOf } from '../db/shop'

const LOOPBACK = /^(localhost|127(\.\d{1,3}){3}|\[::1\])$/i
const READS: readonly string[] = ['GET', 'HEAD', 'OPTIONS']

/** Name and port without what they are reached by; null where it is no address. */
function hostOf(address: string): string | null {
  try {
    return new URL(address).host
  } catch {
    return null
  }
}

/** As the shop said, and as it was started. */
const addresses = (): string[] => [policyOf(useDb()).shopUrl, useRuntimeConfig().shopUrl].filter(Boolean)

/** Under which name this was asked: its own computer's, or one that the shop said. A page whose name was turned to this address has neither. */
const isOurs = (host: string, said: string[]): boolean =>
  LOOPBACK.test(host.replace(/:\d+$/, '')) || said.some(address => hostOf(address) === host)

/** What comes under a foreign name is not answered; what would change something comes from this application's own pages only. */
export default defineEventHandler(event => {
  const host = getRequestHeader(event, 'host')?.toLowerCase() ?? ''
  const said = addresses()
  if (!isOurs(host, said))
    return problem(
      event,
      421,
      `Remedium does not answer to ‘${host.slice(0, 100)}’. Open it as the shop said (Shop, Address of this program), or start it with NUXT_SHOP_URL.`,
    )
  // behind https it stays behind https
  if (said.some(address => address.startsWith('https:')))
    setHeader(event, 'strict-transport-security', 'max-age=15552000')
  if (READS.includes(event.method)) return
  const origin = getRequestHeader(event, 'origin')
  if (origin === undefined || hostOf(origin) !== host)
    return problem(event, 403, 'This can only be changed from Remedium itself.')
})
