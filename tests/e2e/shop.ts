import { cpSync } from 'node:fs'
import { test as base } from '@playwright/test'
import { browserAt, call, newFolder, startBuilt } from '../server'
import type { Running } from '../server'
import { SEEDED } from './seed'

/** A browser that a shop has let in. */
export function stateOf(url: string) {
  const [name = '', value = ''] = browserAt(url).cookie.split('=')
  const cookie = { name, value, domain: '127.0.0.1', path: '/', expires: -1, httpOnly: true, secure: false }
  return { cookies: [{ ...cookie, sameSite: 'Strict' as const }], origins: [] }
}

/** The page's tests: each worker has a demo shop and a server of its own, so that one's rules never meet another's. */
export const test = base.extend<object, { shop: Running }>({
  shop: [
    // eslint-disable-next-line no-empty-pattern -- the runner reads what a fixture needs from this pattern
    async ({}, use) => {
      const folder = newFolder()
      cpSync(SEEDED, folder, { recursive: true })
      const server = await startBuilt(folder, { NUXT_DEMO: 'true' })
      await call(`${server.url}/api/session`)
      await use(server)
      await server.stop()
    },
    { scope: 'worker', auto: true, timeout: 60_000 },
  ],
  // the demo let this browser in by itself, once for each worker; another shop gets nothing of it
  storageState: async ({ shop }, use) => {
    await use(stateOf(shop.url))
  },
  // what is sent beside the page is sent as the page sends it
  extraHTTPHeaders: async ({ shop }, use) => {
    await use({ origin: shop.url })
  },
  baseURL: async ({ shop }, use) => {
    await use(shop.url)
  },
})
export { expect } from '@playwright/test'
